import { VISIT_PHRASES } from '../words/visit-phrases';
import { useSchools } from '../platform/use-schools';
import { usePracticeSettings } from '../platform/use-views';
import { type Need, type School, type SchoolId, schoolReadiness, FRONT_MEASURED } from '@fulcra/core';
import { useState } from 'react';
import { YStack, XStack } from 'tamagui';
import { Button } from '../ui/button';
import { MARK } from '../ui/banner';
import { Sheet } from '../ui/sheet';
import { Body, Small, Strong } from '../ui/text';
import { SIT_WORDS } from '../words/criterion-words';
import { needsWords, schoolWords } from '../words/school-words';
import { limitsWords } from '../words/sit-words';

export interface SchoolPickerProps {
  readonly value: SchoolId;
  /** What this visit has measured. */
  readonly has: ReadonlySet<Need>;
  readonly onChange: (school: School) => void;
}

/** Which rule set judges; each says what it can answer now and what the rest waits for. */
export function SchoolPicker({ value, has, onChange }: SchoolPickerProps) {
  const [open, setOpen] = useState(false);
  const schools = useSchools();
  return (
    <>
      <XStack alignItems="center" flexWrap="wrap">
        <Small>{VISIT_PHRASES.school}</Small>
        <Button kind="quiet" label={VISIT_PHRASES.schoolChange(schools.nameOf(value))} onPress={() => setOpen(true)}>
          <Body fontWeight="700" textDecorationLine="underline">
            {schools.nameOf(value)}
          </Body>
        </Button>
      </XStack>
      <Sheet title={VISIT_PHRASES.schoolsRulesThat} open={open} onClose={() => setOpen(false)}>
        {schools.all.map((school) => (
          <SchoolEntry
            key={school.id}
            school={school}
            has={has}
            chosen={school.id === value}
            onChoose={() => {
              onChange(school);
              setOpen(false);
            }}
          />
        ))}
      </Sheet>
    </>
  );
}

interface SchoolEntryProps {
  readonly school: School;
  readonly has: ReadonlySet<Need>;
  readonly chosen: boolean;
  readonly onChoose: () => void;
}

function SchoolEntry({ school, has, chosen, onChoose }: SchoolEntryProps) {
  const { fingerMm } = usePracticeSettings();
  const readiness = schoolReadiness(school, FRONT_MEASURED);
  const needs = [...new Set(readiness.waiting.flatMap((w) => w.missing))].filter((need) => !has.has(need));
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingTop="$m" gap="$xs">
      <Strong>
        {school.name}
        {chosen ? ' (chosen)' : ''}
      </Strong>
      <Body>{schoolWords(school, fingerMm)}</Body>
      <Small>{VISIT_PHRASES.frontAtMm(school.front.stationMm, limitsWords('withersOver', school))}</Small>
      <Body color={readiness.frontWaitsFor.length === 0 ? '$good' : '$lookOut'}>
        {readiness.frontWaitsFor.length === 0
          ? VISIT_PHRASES.itsFrontIs(MARK.good)
          : VISIT_PHRASES.itsFrontWaits(MARK.lookOut, needsWords(readiness.frontWaitsFor))}
      </Body>
      <Small>
        {VISIT_PHRASES.notJudgedYet(
          readiness.waiting.map((w) => SIT_WORDS[w.criterion].name).join(', '),
          needs.length === 0 ? VISIT_PHRASES.allTheyTurn : VISIT_PHRASES.stillToBe(needsWords(needs)),
        )}
      </Small>
      <Button label={chosen ? VISIT_PHRASES.keepThisSchool : VISIT_PHRASES.judgeBy(school.name)} onPress={onChoose} />
    </YStack>
  );
}
