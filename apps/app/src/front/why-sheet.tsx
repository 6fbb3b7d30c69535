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
  const { verdict } = tried.chosen;
  const { recommendation, others, readiness } = answer;
  return (
    <Sheet title="Why" open={open} onClose={onClose}>
      <Reasons tried={tried} />
      {verdict.remedies.length > 0 ? <Lines title="What helps" lines={verdict.remedies.map(remedyWords)} /> : null}
      <Lines title="What would turn it" lines={verdict.flips.map(flipWords)} />
      <HowSure answer={answer} isRecommended={isRecommended} />
      {recommendation.liftMm > 0 ? (
        <Part title="The lift">
          <Body>
            One width over comes down {recommendation.liftMm.toFixed(1)} mm; shims of {recommendation.liftMm.toFixed(0)} mm put the front
            back.
          </Body>
        </Part>
      ) : null}
      <Lines
        title="What other schools would take"
        lines={others.map((o) => `${schoolById(o.schoolId).name}: ${Math.round(o.includedAngleDeg)}°, ${SHAPE_WORDS[o.shape]}`)}
      />
      <Lines
        title="What this school still waits for"
        lines={readiness.waiting.map(
          (w) => `${SIT_WORDS[w.criterion].name} (${limitsWords(w.criterion, school)}): needs ${needsWords(w.missing)}.`,
        )}
      />
    </Sheet>
  );
}

/** The numbers behind the verdict, each side. */
function Reasons({ tried }: Pick<WhySheetProps, 'tried'>) {
  const { verdict, laid } = tried.chosen;
  const { fingerMm } = usePracticeSettings();
  const gap = (mm: number): string => `${Math.max(0, mm).toFixed(1)} mm (${fingersWords(Math.max(0, mm), fingerMm)})`;
  return (
    <Part title="Reasons">
      {verdict.reasons.map((r, i) => (
        <Body key={i}>{reasonWords(r, fingerMm)}</Body>
      ))}
      <Small>
        Gaps beyond {tried.padding.panelDepthMm} mm panel and {tried.padding.padMm} mm pad, normal to the horse. Near: top{' '}
        {gap(laid.near.topMm)}, point {gap(laid.near.tipMm)}. Off: top {gap(laid.off.topMm)}, point {gap(laid.off.tipMm)}. Beside the
        withers: near {gap(laid.near.besideWithersMm)}, off {gap(laid.off.besideWithersMm)}.
      </Small>
      <FingerWidth />
    </Part>
  );
}

function HowSure({ answer, isRecommended }: Pick<WhySheetProps, 'answer' | 'isRecommended'>) {
  const { recommendation, confidence, angleRangeDeg } = answer;
  const { includedAngleDeg, shape } = recommendation.target.arch;
  return (
    <Part title="How sure">
      <Body>
        Recommended: {Math.round(includedAngleDeg)}°, {SHAPE_WORDS[shape]}; nine redraws in ten lie between {angleRangeDeg[0].toFixed(1)}°
        and {angleRangeDeg[1].toFixed(1)}°.
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
  );
}

const Lines = ({ title, lines }: { readonly title: string; readonly lines: readonly string[] }) => (
  <Part title={title}>
    {lines.map((line, i) => (
      <Body key={i}>{line}</Body>
    ))}
  </Part>
);

function Part({ title, children }: { readonly title: string; readonly children: React.ReactNode }) {
  return (
    <YStack gap="$xs" borderTopWidth={1} borderColor="$rule" paddingTop="$m">
      <Heading>{title}</Heading>
      {children}
    </YStack>
  );
}
