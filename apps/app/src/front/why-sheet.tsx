import { FRONT_PHRASES } from '../words/front-phrases';
import { FingerWidth } from './finger-width';
import { usePracticeSettings } from '../platform/use-views';
import { type FrontFit, DEFAULT_PANEL_DEPTH_MM, type School } from '@fulcra/core';
import { YStack } from 'tamagui';
import { Sheet } from '../ui/sheet';
import { Body, Heading, Small } from '../ui/text';
import { fingersWords } from '../words/measure-words';
import { SIT_WORDS } from '../words/criterion-words';
import { needsWords } from '../words/school-words';
import { lengthWords } from '../words/person-unit';
import { limitsWords } from '../words/sit-words';
import { toldWords } from '../words/told-words';
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
  const depthMm = recommendation.target.padding.panelDepthMm;
  return (
    <Sheet title={FRONT_PHRASES.why} open={open} onClose={onClose}>
      <Reasons tried={tried} />
      {verdict.remedies.length > 0 ? <Lines title={FRONT_PHRASES.whatHelps} lines={verdict.remedies.map(remedyWords)} /> : null}
      <Lines title={FRONT_PHRASES.whatWouldTurn} lines={verdict.flips.map(flipWords)} />
      <HowSure answer={answer} isRecommended={isRecommended} />
      {recommendation.dropMm > 0 || depthMm > DEFAULT_PANEL_DEPTH_MM ? (
        <Part title={FRONT_PHRASES.theLift}>
          {recommendation.dropMm > 0 ? (
            <Body>{FRONT_PHRASES.oneWidthOver(recommendation.dropMm.toFixed(1), recommendation.shimMm.toFixed(1))}</Body>
          ) : null}
          {depthMm > DEFAULT_PANEL_DEPTH_MM ? <Body>{FRONT_PHRASES.deeperPanel(depthMm, DEFAULT_PANEL_DEPTH_MM)}</Body> : null}
        </Part>
      ) : null}
      <Lines
        title={FRONT_PHRASES.whatOtherSchools}
        lines={others.map((o) => `${o.schoolName}: ${Math.round(o.includedAngleDeg)}°, ${SHAPE_WORDS[o.shape]}`)}
      />
      <Lines
        title={FRONT_PHRASES.whatThisSchool}
        lines={readiness.waiting.map((w) =>
          FRONT_PHRASES.needs(SIT_WORDS[w.criterion].name, limitsWords(w.criterion, school), needsWords(w.missing)),
        )}
      />
    </Sheet>
  );
}

/** The numbers behind the verdict, each side. */
function Reasons({ tried }: Pick<WhySheetProps, 'tried'>) {
  const { verdict, laid } = tried.chosen;
  const { fingerMm } = usePracticeSettings();
  const gap = (mm: number | null): string =>
    mm === null ? FRONT_PHRASES.panelBegins : FRONT_PHRASES.mm2(Math.max(0, mm).toFixed(1), fingersWords(Math.max(0, mm), fingerMm));
  return (
    <Part title={FRONT_PHRASES.reasons}>
      {verdict.reasons.map((r, i) => (
        <Body key={i}>{reasonWords(r, fingerMm)}</Body>
      ))}
      <Small>
        {FRONT_PHRASES.gapsBeyondMm(
          tried.padding.panelDepthMm,
          tried.padding.padMm,
          gap(laid.near.topMm),
          gap(laid.near.tipMm),
          gap(laid.off.topMm),
          gap(laid.off.tipMm),
          gap(laid.near.besideWithersMm),
          gap(laid.off.besideWithersMm),
        )}
      </Small>
      <Small>
        {FRONT_PHRASES.comesDown(tried.padding.sinkMm.toFixed(0), tried.padding.sinkHalfMm.toFixed(0))}
        {FRONT_PHRASES.sinkFrom[tried.padding.sinkFrom]}
      </Small>
      <FingerWidth />
    </Part>
  );
}

function HowSure({ answer, isRecommended }: Pick<WhySheetProps, 'answer' | 'isRecommended'>) {
  const { recommendation, confidence, angleRangeDeg } = answer;
  const { includedAngleDeg, shape } = recommendation.target.arch;
  return (
    <Part title={FRONT_PHRASES.howSure}>
      <Body>
        {FRONT_PHRASES.recommendedNineRedraws(
          Math.round(includedAngleDeg),
          SHAPE_WORDS[shape],
          angleRangeDeg[0].toFixed(1),
          angleRangeDeg[1].toFixed(1),
        )}
      </Body>
      {confidence.wins.map((w) => (
        <Body key={w.answer}>{FRONT_PHRASES.ofRedraws(w.answer, w.count, confidence.redraws)}</Body>
      ))}
      <Small>
        {confidence.asLast ? FRONT_PHRASES.asLast : confidence.assumedSpread ? FRONT_PHRASES.withOneTake : FRONT_PHRASES.theSectionWas}
      </Small>
      {isRecommended ? null : <Small>{FRONT_PHRASES.theRedrawsAre}</Small>}
      {toldWords(answer.told).map((line) => (
        <Body key={line}>{line}</Body>
      ))}
      {answer.drawnThroughMm === null ? null : (
        <Small>{FRONT_PHRASES.drawnThrough(answer.drawnThroughMm.map((d) => lengthWords(d)).join(', '))}</Small>
      )}
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
