import { SECTION_PHRASES } from '../words/section-phrases';
import { type Problem, type TakeWarning, type StationMeasurement, type UnitSlip, MOST_TAKES } from '@fulcra/core';
import { XStack } from 'tamagui';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Body } from '../ui/text';
import { agreementWords } from '../words/agreement-words';
import { problemWords } from '../words/problem-words';
import { UNIT_NAMES, slipWords, warningWords } from '../words/warning-words';
import { type LoadedVisit } from '../visit';
import { TakesStrip } from './takes-strip';

export function ClosedVisit({ loaded: { closed } }: { readonly loaded: LoadedVisit }) {
  if (!closed) return null;
  return <Banner tone="lookOut">{SECTION_PHRASES.thisVisitIs}</Banner>;
}

interface TakeProblemsProps {
  readonly problems: readonly Problem[];
  readonly warnings: readonly TakeWarning[];
}

/** What keeps a take from being kept, and what it should be looked at for. */
export function TakeProblems({ problems, warnings }: TakeProblemsProps) {
  return (
    <>
      {problems.map((p, i) => (
        <Banner key={i} tone="bad">
          {problemWords(p)}
        </Banner>
      ))}
      {warnings.map((w) => (
        <Banner key={w.code} tone="lookOut">
          {warningWords(w)}
        </Banner>
      ))}
    </>
  );
}

interface TakesSoFarProps {
  readonly loaded: LoadedVisit;
  readonly measurement: StationMeasurement;
  readonly enough: boolean;
  readonly onWithdraw: (id: string) => void;
  readonly onPutBack: (id: string) => void;
}

/** The takes of this station, whether they agree, and that there is room for no more. */
export function TakesSoFar({ loaded, measurement, enough, onWithdraw, onPutBack }: TakesSoFarProps) {
  const [tone, text] = agreementWords(measurement);
  const full = measurement.takes.length >= MOST_TAKES;
  return (
    <>
      <TakesStrip front={measurement} onWithdraw={loaded.closed ? null : onWithdraw} onPutBack={loaded.closed ? null : onPutBack} />
      <Banner tone={tone}>{text}</Banner>
      {full && !enough ? <Banner tone="lookOut">{SECTION_PHRASES.fiveTakesAre}</Banner> : null}
    </>
  );
}

interface SlipQuestionProps {
  readonly slip: UnitSlip | null;
  readonly onMeant: () => void;
  readonly onAsTyped: () => void;
}

/** Widths that no horse has here: asked about before they are kept, with the unit that was probably meant one tap away. */
export function SlipQuestion({ slip, onMeant, onAsTyped }: SlipQuestionProps) {
  if (slip === null) return null;
  return (
    <Banner tone="bad">
      <Body>{slipWords(slip)}</Body>
      <XStack gap="$s" flexWrap="wrap">
        {slip.meant === null ? null : <Button kind="main" label={SECTION_PHRASES.theyWere(UNIT_NAMES[slip.meant])} onPress={onMeant} />}
        <Button label={SECTION_PHRASES.asTyped} onPress={onAsTyped} />
      </XStack>
    </Banner>
  );
}
