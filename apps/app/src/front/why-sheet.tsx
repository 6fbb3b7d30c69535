import { FingerWidth } from './finger-width';
import { usePracticeSettings } from '../platform/use-views';
import { type FrontFit, schoolById, type School } from '@fulcra/core';
import { YStack } from 'tamagui';
import { Sheet } from '../ui/sheet';
import { Body, Heading, Small } from '../ui/text';
import { fingersWords } from '../words/measure-words';
import { SIT_WORDS } from '../words/criterion-words';
import { needsWords } from '../words/school-words';
import { limitsWords } from '../words/sit-words';
import { SHAPE_WORDS, flipWords, reasonWords, remedyWords } from '../words/verdict-words';
import { type TriedFront } from './front-setup';

export interface WhySheetProps {
  readonly school: School;
  readonly open: boolean;
  readonly onClose: () => void;
  readonly tried: TriedFront;
  readonly answer: FrontFit;
  readonly isRecommended: boolean;
}

/** The working: numbers, rule, what would turn it, how sure, and what other schools say. */
export function WhySheet({ school, open, onClose, tried, answer, isRecommended }: WhySheetProps) {
  const { verdict, laid } = tried.chosen;
  const { fingerMm } = usePracticeSettings();
  const gapWords = (mm: number): string => `${Math.max(0, mm).toFixed(1)} mm (${fingersWords(Math.max(0, mm), fingerMm)})`;
  const { recommendation, confidence, angleRangeDeg, others, readiness } = answer;
  return (
    <Sheet title="Why" open={open} onClose={onClose}>
      <Part title="Reasons">
        {verdict.reasons.map((r, i) => (
          <Body key={i}>{reasonWords(r, fingerMm)}</Body>
        ))}
        <Small>
          Gaps beyond {tried.padding.panelDepthMm} mm panel and {tried.padding.padMm} mm pad, normal to the horse. Near: top{' '}
          {gapWords(laid.near.topMm)}, point {gapWords(laid.near.tipMm)}. Off: top {gapWords(laid.off.topMm)}, point{' '}
          {gapWords(laid.off.tipMm)}. Beside the withers: near {gapWords(laid.near.besideWithersMm)}, off{' '}
          {gapWords(laid.off.besideWithersMm)}.
        </Small>
        <FingerWidth />
      </Part>
      {verdict.remedies.length > 0 ? (
        <Part title="What helps">
          {verdict.remedies.map((r, i) => (
            <Body key={i}>{remedyWords(r)}</Body>
          ))}
        </Part>
      ) : null}
      <Part title="What would turn it">
        {verdict.flips.map((f, i) => (
          <Body key={i}>{flipWords(f)}</Body>
        ))}
      </Part>
      <Part title="How sure">
        <Body>
          Recommended: {Math.round(recommendation.target.arch.includedAngleDeg)}°, {SHAPE_WORDS[recommendation.target.arch.shape]}; nine
          redraws in ten lie between {angleRangeDeg[0].toFixed(1)}° and {angleRangeDeg[1].toFixed(1)}°.
        </Body>
        {confidence.wins.map((w) => (
          <Body key={w.answer}>
            {w.answer}°: {w.count} of {confidence.redraws} redraws
          </Body>
        ))}
        <Small>
          {confidence.assumedSpread
            ? 'With one take the spread is a default, not measured: 1° and 1.5 mm a side.'
            : 'The section was redrawn within the spread of the accepted takes.'}
        </Small>
        {isRecommended ? null : <Small>The redraws are of the recommendation, not of the width now shown.</Small>}
      </Part>
      {recommendation.liftMm > 0 ? (
        <Part title="The lift">
          <Body>
            One width over comes down {recommendation.liftMm.toFixed(1)} mm; shims of {recommendation.liftMm.toFixed(0)} mm put the front
            back.
          </Body>
        </Part>
      ) : null}
      <Part title="What other schools would take">
        {others.map((o) => (
          <Body key={o.schoolId}>
            {schoolById(o.schoolId).name}: {Math.round(o.includedAngleDeg)}°, {SHAPE_WORDS[o.shape]}
          </Body>
        ))}
      </Part>
      <Part title="What this school still waits for">
        {readiness.waiting.map((w) => (
          <Body key={w.criterion}>
            {SIT_WORDS[w.criterion].name} ({limitsWords(w.criterion, school)}): needs {needsWords(w.missing)}.
          </Body>
        ))}
      </Part>
    </Sheet>
  );
}

function Part({ title, children }: { readonly title: string; readonly children: React.ReactNode }) {
  return (
    <YStack gap="$xs" borderTopWidth={1} borderColor="$rule" paddingTop="$m">
      <Heading>{title}</Heading>
      {children}
    </YStack>
  );
}
