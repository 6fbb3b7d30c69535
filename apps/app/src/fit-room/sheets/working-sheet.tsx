import { type SitRow, schoolById, type SitPicture } from '@fulcra/core';
import { YStack } from 'tamagui';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/sheet';
import { Body, Heading, Small, Verdict } from '../../ui/text';
import { needsWords } from '../../words/school-words';
import { sitNumber } from '../../words/sit-number';
import { SIT_WORDS, howWords } from '../../words/criterion-words';
import { remedyOfRow, rowWords, wantedWords } from '../../words/sit-words';
import { workingLines } from '../../words/working-words';

export interface WorkingSheetProps {
  readonly row: SitRow | null;
  readonly picture: SitPicture;
  readonly onClose: () => void;
  /** Shows the drawing on which this number is true. */
  readonly onShow: (on: 'top' | 'side' | 'section') => void;
}

/** One number opened: where it comes from, what is wanted, what would turn it, what other schools want. */
export function WorkingSheet({ row, picture, onClose, onShow }: WorkingSheetProps) {
  const words = row === null ? null : SIT_WORDS[row.id];
  return (
    <Sheet title={words?.name ?? 'Working'} open={row !== null} onClose={onClose}>
      {row === null || words === null ? null : (
        <YStack gap="$m">
          <Verdict>{row.value === null ? 'Not measured' : sitNumber(row.id, row.unit, row.value)}</Verdict>
          <Body>
            {schoolById(picture.asked.schoolId).name} {wantedWords(row)}.{row.outside === 0 ? '' : ` ${rowWords(row)}.`}
          </Body>
          {row.verdict === 'notMeasured' && row.needs.length > 0 ? <Body>It waits for {needsWords(row.needs)}.</Body> : null}
          <YStack gap="$xs">
            <Heading>Working</Heading>
            <Body>{howWords(row.id, schoolById(picture.asked.schoolId))}</Body>
            {workingLines(row.id, picture).map((line) => (
              <Small key={line}>{line}</Small>
            ))}
          </YStack>
          <YStack gap="$xs">
            <Heading>What would turn it</Heading>
            <Body>{turnsWords(row)}</Body>
            {row.outside === 0 ? null : <Body>{remedyOfRow(row)}</Body>}
          </YStack>
          <YStack gap="$xs">
            <Heading>Other schools</Heading>
            {picture.verdicts.slice(1).map((v) => {
              const other = v.rows.find((r) => r.id === row.id)!;
              return (
                <Small key={v.schoolId}>
                  {schoolById(v.schoolId).name}: {wantedWords(other)}
                  {other.stops ? ', and refuses it' : other.outside !== 0 ? ', and it misses' : ''}
                </Small>
              );
            })}
          </YStack>
          <Button
            label="Show it on the drawing"
            onPress={() => {
              onShow(words.on);
              onClose();
            }}
          />
        </YStack>
      )}
    </Sheet>
  );
}

function turnsWords(row: SitRow): string {
  if (row.value === null) return 'It can’t be judged before it is measured.';
  if (row.spare !== null) {
    return `${sitNumber(row.id, row.unit, Math.abs(row.spare.by)).replace('+', '')} more ${row.spare.end === 'least' ? 'down' : 'up'} and it would miss.`;
  }
  if (row.outside === 0) return 'Nothing limits it.';
  const to = row.outside < 0 ? row.least! : row.most!;
  return `It would be right from ${sitNumber(row.id, row.unit, to)} on: ${sitNumber(row.id, row.unit, Math.abs(to - row.value)).replace('+', '')} away.`;
}
