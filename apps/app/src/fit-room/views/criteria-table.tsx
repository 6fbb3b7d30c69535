import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { type BuiltInSchoolId, type SitRow, type SitVerdict, isOwnSchool, type SitPicture } from '@fulcra/core';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { MARK } from '../../ui/banner';
import { Button } from '../../ui/button';
import { Body, Heading, Small, Strong } from '../../ui/text';
import { useWide } from '../../ui/use-wide';
import { needsWords } from '../../words/school-words';
import { plusMinus, valueWithError } from '../../words/error-words';
import { sitNumber } from '../../words/sit-number';
import { StandsOnLine } from './stands-on';
import { SIT_WORDS } from '../../words/criterion-words';
import { ROW_TONE, rowMark, verdictTone, wantedWords } from '../../words/sit-words';

export interface CriteriaTableProps {
  readonly picture: SitPicture;
  readonly shownId: SitRow['id'] | null;
  readonly onRow: (row: SitRow) => void;
}

/** Every criterion of the chosen school with its number; beside it what the other schools say of the same number. */
export function CriteriaTable({ picture, shownId, onRow }: CriteriaTableProps) {
  const [all, setAll] = useState(false);
  const [mine, ...others] = picture.verdicts;
  const told = mine!.rows.filter((r) => r.verdict !== 'noOpinion' || all);
  const order = { bad: 0, lookOut: 1, borderline: 2, notMeasured: 3, good: 4, noOpinion: 5 } as const;
  const sorted = [...told].sort((a, b) => Number(b.stops) - Number(a.stops) || order[a.verdict] - order[b.verdict] || b.costs - a.costs);
  const shownRows = all ? sorted : sorted.filter((r) => r.verdict !== 'good' || r.id === shownId);
  const good = sorted.length - sorted.filter((r) => r.verdict !== 'good').length;
  return (
    <YStack>
      <Heading>{FIT_ROOM_PHRASES.criterionByCriterion(mine!.schoolName)}</Heading>
      <Small>{FIT_ROOM_PHRASES.scoreOf100(picture.score, others.map(initials).join(', '))}</Small>
      <StandsOnLine of={mine!.standsOn} />
      {shownRows.map((row) => (
        <Row
          key={row.id}
          row={row}
          others={others.map((o) => o.rows.find((r) => r.id === row.id)!)}
          chosen={row.id === shownId}
          onPress={() => onRow(row)}
        />
      ))}
      <Button
        kind="quiet"
        label={all ? FIT_ROOM_PHRASES.onlyWhatMisses : FIT_ROOM_PHRASES.allCriteriaMore(good)}
        pressed={all}
        onPress={() => setAll(!all)}
      />
      <OtherSchools picture={picture} />
    </YStack>
  );
}

const INITIALS: Readonly<Record<BuiltInSchoolId, string>> = {
  'static-close': 'SC',
  'shoulder-line': 'SL',
  'room-to-move': 'RM',
  'panel-first': 'PF',
  western: 'W',
};
const initials = ({ schoolId, schoolName }: SitVerdict): string =>
  isOwnSchool(schoolId) ? schoolName : `${INITIALS[schoolId]} ${schoolName.toLowerCase()}`;

interface RowProps {
  readonly row: SitRow;
  readonly others: readonly SitRow[];
  readonly chosen: boolean;
  readonly onPress: () => void;
}

function Row({ row, others, chosen, onPress }: RowProps) {
  const tone = ROW_TONE[row.verdict];
  const wide = useWide();
  const value = row.value === null ? FIT_ROOM_PHRASES.notMeasured2 : sitNumber(row.id, row.unit, row.value);
  const error = plusMinus(row);
  const needs =
    row.verdict !== 'notMeasured'
      ? wantedWords(row)
      : row.needs.length > 0
        ? FIT_ROOM_PHRASES.waitsFor(needsWords(row.needs))
        : FIT_ROOM_PHRASES.notMeasured2;
  return (
    <XStack borderTopWidth={1} borderColor="$rule" backgroundColor={chosen ? '$sheet' : 'transparent'}>
      <Button
        kind="quiet"
        tight
        grow
        pressed={chosen}
        label={FIT_ROOM_PHRASES.showTheWorking(SIT_WORDS[row.id].name, row.value === null ? value : valueWithError(row), needs)}
        onPress={onPress}
      >
        <XStack flex={1} gap="$s" alignItems="center">
          <Body color={tone === 'plain' ? '$muted' : `$${tone}`} aria-hidden>
            {rowMark(row)}
          </Body>
          <YStack flex={1} minWidth={0}>
            <Body fontWeight={row.verdict === 'good' || row.verdict === 'noOpinion' ? '400' : '700'}>{SIT_WORDS[row.id].name}</Body>
            <Small>
              {needs}
              {row.stops ? FIT_ROOM_PHRASES.refusesTheSaddle : row.verdict === 'borderline' ? FIT_ROOM_PHRASES.cantBeTold : ''}
            </Small>
          </YStack>
          <YStack alignItems="flex-end">
            <Strong color={tone === 'plain' ? '$muted' : `$${tone}`}>{value}</Strong>
            {error === null ? null : <Small>{error}</Small>}
          </YStack>
          <XStack gap={wide ? '$s' : 3} aria-hidden>
            {others.map((o, i) => {
              const t = ROW_TONE[o.verdict];
              return (
                <Small key={i} color={t === 'plain' ? '$muted' : `$${t}`}>
                  {o.verdict === 'noOpinion' ? '·' : rowMark(o)}
                </Small>
              );
            })}
          </XStack>
        </XStack>
      </Button>
    </XStack>
  );
}

/** What each other school would say of the same saddle on the same back. */
function OtherSchools({ picture }: { readonly picture: SitPicture }) {
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingTop="$s" gap="$xs">
      <Heading>{FIT_ROOM_PHRASES.whatTheOthers}</Heading>
      {picture.verdicts.slice(1).map((verdict) => {
        const tone = verdictTone(verdict);
        const said =
          verdict.stops.length > 0
            ? FIT_ROOM_PHRASES.refusedFor(verdict.stops.map((r) => SIT_WORDS[r.id].name.toLowerCase()).join(', '))
            : verdict.worst.length === 0
              ? FIT_ROOM_PHRASES.nothingMisses
              : FIT_ROOM_PHRASES.misses(
                  verdict.worst
                    .slice(0, 2)
                    .map((r) => SIT_WORDS[r.id].name.toLowerCase())
                    .join(', '),
                );
        return <Body key={verdict.schoolId}>{FIT_ROOM_PHRASES.schoolSays(MARK[tone], verdict.schoolName, said)}</Body>;
      })}
    </YStack>
  );
}
