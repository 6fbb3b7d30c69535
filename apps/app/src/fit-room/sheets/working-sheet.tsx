import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { type NeighbourOf, type SitRow, type SitPicture } from '@fulcra/core';
import { YStack } from 'tamagui';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/sheet';
import { Body, Heading, Small, Verdict } from '../../ui/text';
import { borderlineWords, errorSentence, valueWithError } from '../../words/error-words';
import { capital } from '../../words/letter-case';
import { needsWords } from '../../words/school-words';
import { sitNumber } from '../../words/sit-number';
import { SIT_WORDS, howWords } from '../../words/criterion-words';
import { remedyLines } from '../../words/remedy-words';
import { rowWords, wantedWords } from '../../words/sit-words';
import { type ViewId } from '../views/room-views';
import { workingLines } from '../../words/working-words';

export interface WorkingSheetProps {
  readonly row: SitRow | null;
  readonly picture: SitPicture;
  /** One step either way on everything; null while they are being tried. */
  readonly neighbours: readonly NeighbourOf[] | null;
  readonly onClose: () => void;
  /** Shows the drawing on which this number is true. */
  readonly onShow: (on: Exclude<ViewId, 'solid'>) => void;
}

/** One number opened: where it comes from, what is wanted, what would turn it, what other schools want. */
export function WorkingSheet({ row, picture, neighbours, onClose, onShow }: WorkingSheetProps) {
  const words = row === null ? null : SIT_WORDS[row.id];
  const sure = row === null ? null : errorSentence(row);
  return (
    <Sheet title={words?.name ?? FIT_ROOM_PHRASES.working} open={row !== null} onClose={onClose}>
      {row === null || words === null ? null : (
        <YStack gap="$m">
          <Verdict>{row.value === null ? FIT_ROOM_PHRASES.notMeasured : valueWithError(row)}</Verdict>
          {row.verdict === 'borderline' ? <Body>{capital(borderlineWords(row))}.</Body> : null}
          <Body>
            {picture.asked.school.name} {wantedWords(row)}.{row.outside === 0 ? '' : ` ${rowWords(row)}.`}
          </Body>
          {row.verdict === 'notMeasured' && row.needs.length > 0 ? <Body>{FIT_ROOM_PHRASES.itWaitsFor(needsWords(row.needs))}</Body> : null}
          <YStack gap="$xs">
            <Heading>{FIT_ROOM_PHRASES.working}</Heading>
            <Body>{howWords(row.id, picture.asked.school)}</Body>
            {workingLines(row.id, picture).map((line) => (
              <Small key={line}>{line}</Small>
            ))}
          </YStack>
          {sure === null ? null : (
            <YStack gap="$xs">
              <Heading>{FIT_ROOM_PHRASES.howSureIsIt}</Heading>
              <Body>{sure}</Body>
            </YStack>
          )}
          <YStack gap="$xs">
            <Heading>{FIT_ROOM_PHRASES.whatWouldTurn}</Heading>
            <Body>{turnsWords(row)}</Body>
            {row.outside === 0 ? null : remedyLines(row, picture.asked, neighbours).map((line) => <Body key={line}>{line}</Body>)}
          </YStack>
          <YStack gap="$xs">
            <Heading>{FIT_ROOM_PHRASES.otherSchools}</Heading>
            {picture.verdicts.slice(1).map((v) => {
              const other = v.rows.find((r) => r.id === row.id)!;
              return (
                <Small key={v.schoolId}>
                  {v.schoolName}: {wantedWords(other)}
                  {other.stops ? FIT_ROOM_PHRASES.andRefusesIt : other.outside !== 0 ? FIT_ROOM_PHRASES.andItMisses : ''}
                </Small>
              );
            })}
          </YStack>
          <Button
            label={FIT_ROOM_PHRASES.showItOn}
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
  if (row.value === null) return FIT_ROOM_PHRASES.itCantBe;
  if (row.spare !== null) {
    return FIT_ROOM_PHRASES.moreAndIt(
      sitNumber(row.id, row.unit, Math.abs(row.spare.by)).replace('+', ''),
      row.spare.end === 'least' ? 'down' : 'up',
    );
  }
  if (row.outside === 0) return FIT_ROOM_PHRASES.nothingLimitsIt;
  const to = row.outside < 0 ? row.least! : row.most!;
  return FIT_ROOM_PHRASES.itWouldBe(
    sitNumber(row.id, row.unit, to),
    sitNumber(row.id, row.unit, Math.abs(to - row.value)).replace('+', ''),
  );
}
