import { SECTION_PHRASES } from '../words/section-phrases';
import { type Problem, type TakeWarning, type StationMeasurement, MOST_TAKES } from '@fulcra/core';
import { Banner } from '../ui/banner';
import { agreementWords } from '../words/agreement-words';
import { problemWords } from '../words/problem-words';
import { warningWords } from '../words/warning-words';
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
  readonly onWithdraw: Parameters<typeof TakesStrip>[0]['onWithdraw'];
}

/** The takes of this station, whether they agree, and that there is room for no more. */
export function TakesSoFar({ loaded, measurement, enough, onWithdraw }: TakesSoFarProps) {
  const [tone, text] = agreementWords(measurement);
  const full = measurement.takes.length >= MOST_TAKES;
  return (
    <>
      <TakesStrip front={measurement} onWithdraw={loaded.closed ? null : onWithdraw} />
      <Banner tone={tone}>{text}</Banner>
      {full && !enough ? <Banner tone="lookOut">{SECTION_PHRASES.fiveTakesAre}</Banner> : null}
    </>
  );
}
