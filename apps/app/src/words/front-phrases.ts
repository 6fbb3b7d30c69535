import { ASSUMED_SPREAD, MEASURING_ERRORS } from '@fulcra/core';
import { lengthNumber, lengthWords, personUnit } from './person-unit';
import { countWords } from './measure-words';
/** What the screens of this part say. */
export const FRONT_PHRASES = {
  decisionKeptDeciding: 'Decision kept. Deciding again supersedes it; both stay on record.',
  keepThisWidth: 'Keep this width',
  mmAt100: (rest: string, includedAngleDeg: number, spanAt100Mm: number, shape: string): string =>
    `${rest}${includedAngleDeg}°, ${lengthWords(spanAt100Mm)} at ${lengthNumber(100)}, ${shape}`,
  reasons: 'Reasons',
  filledInFrom: 'Filled in from the computation; change what you know better.',
  keptWithSchool: (name: string, version: number, coreVersion: string): string =>
    `Kept with school ${name}, version ${version}, and core ${coreVersion}.`,
  keepThisDecision: 'Keep this decision',
  aFingerCounts: 'A finger counts as wide as the hands of this practice have it; what the schools want stays in mm.',
  get oneFingerMm() {
    return `One finger, ${personUnit.now()}`;
  },
  whatFits: 'What fits',
  noSectionTo: 'No section to fit to yet.',
  takeTheFront: 'Take the front section, best three times; where two takes differ, one more settles which is right.',
  takeTheFrontSection: 'Take the front section',
  layingEveryArch: 'Laying every arch on this section, and a hundred redraws of it…',
  theComputationStopped: (message: string): string => `The computation stopped: ${message}. Nothing is lost; reload to try again.`,
  theArchOn: 'The arch on the front section',
  why: 'Why',
  archShape: 'Arch shape',
  frontAlone: 'Of the front alone, as it comes to lie under load: a screening aid, not the whole fit. The fitter decides.',
  fromASingle: 'From a single take: believe it when another agrees.',
  thereIsNothing: (name: string): string => `There is nothing ${name} to try.`,
  nextMmOver: (name: string, includedAngleDeg: number, headline: string, crownZMm: number): string =>
    `Next ${name}, ${includedAngleDeg}°: ${headline}, ${lengthWords(crownZMm)} over the withers.`,
  oneWidthOnly: 'one width only',
  plateCanBe: 'plate can be changed',
  widthChangedIn: 'width changed in the workshop',
  saddle: 'Saddle',
  saddleChange: (name: string): string => `Saddle: ${name}, change`,
  tryASaddle: 'Try a saddle of the stock',
  withoutASaddle: 'Without a saddle',
  theStockOn: 'The stock on this back',
  theComputationStopped2: (message: string): string => `The computation stopped: ${message}`,
  layingSaddlesOn: (lengthText: number): string => `Laying ${countWords(lengthText, 'saddle')} on this back…`,
  thereIsNo: 'There is no saddle in the stock yet.',
  westernItsBars: 'western, its bars read at their front only; ',
  setToThis: 'set to this now',
  missesLeast: 'misses least',
  at: (name: string, label: string, headline: string): string => `${name} at ${label}: ${headline}`,
  mm: (label: string, includedAngleDeg: number, spanAt100Mm: number, rest: string): string =>
    `“${label}” ${includedAngleDeg}° · ${lengthWords(spanAt100Mm)}${rest}`,
  withersMm: (headline: string, crownZMm: number): string => `${headline} Withers ${lengthWords(crownZMm)}.`,
  whatHelps: 'What helps',
  whatWouldTurn: 'What would turn it',
  theLift: 'The lift',
  oneWidthOver: (dropMm: string, shimMm: string): string =>
    `One width over comes down ${lengthWords(dropMm)}; ${lengthWords(shimMm)} of shim under each side in front, thinned out toward the middle, put it back.`,
  deeperPanel: (depthMm: number, usualMm: number): string =>
    `It wants ${lengthWords(depthMm)} of panel in front instead of the usual ${usualMm}: no crown alone leaves the room over the withers.`,
  panelBegins: 'the panel begins there',
  comesDown: (mm: string, half: string): string => `Under saddle and rider it comes down ${lengthWords(mm)} (±${half}): `,
  sinkFrom: {
    saddle: 'this saddle was settled on the measured back.',
    stock: 'this front was built into each saddle of your stock, and each was settled on the measured back. A chosen saddle is surer.',
    builds:
      'this front was built into your saddles and the common builds, and each was settled on the measured back. A chosen saddle is surer.',
    default: 'a default, because only the front was measured. With the sections behind it, it is worked out.',
    noneRests: 'a default, because no such saddle comes to rest on the measured back at this place.',
  },
  settling: (name: string): string => `Settling ${name} on the back…`,
  whatOtherSchools: 'What other schools would take',
  whatThisSchool: 'What this school still waits for',
  needs: (name: string, limits: string, needs: string): string => `${name} (${limits}): needs ${needs}.`,
  mm2: (part: string, fingers: string): string => `${lengthWords(part)} (${fingers})`,
  gapsBeyondMm: (
    panelDepthMm: number,
    padMm: number,
    gap: string,
    gap2: string,
    gap3: string,
    gap4: string,
    gap5: string,
    gap6: string,
  ): string =>
    `Gaps beyond ${lengthWords(panelDepthMm)} panel and ${lengthWords(padMm)} pad, normal to the horse. Near: top ${gap}, point ${gap2}. Off: top ${gap3}, point ${gap4}. Beside the withers: near ${gap5}, off ${gap6}.`,
  howSure: 'How sure',
  recommendedNineRedraws: (includedAngleDeg: number, shape: string, part: string, part2: string): string =>
    `Recommended: ${includedAngleDeg}°, ${shape}; nine redraws in ten lie between ${part}° and ${part2}°.`,
  ofRedraws: (answer: string, count: number, redraws: number): string => `${answer}°: ${count} of ${redraws} redraws`,
  atPanelDepth: (label: string, depthMm: number, nowMm: number, told: string): string =>
    `“${label}” with its panel set to ${lengthWords(depthMm)} in front (${lengthNumber(nowMm)} now): ${told}`,
  asLast: `The section was said to be as last time, not measured today: it errs ${MEASURING_ERRORS.byEyeTimes} times as far as a take.`,
  get withOneTake() {
    return `With one take the spread is a default, not measured: ${ASSUMED_SPREAD.sideAngleDeg}° and ${lengthWords(ASSUMED_SPREAD.halfWidthMm)} a side.`;
  },
  theSectionWas: 'The section was redrawn within the spread of the accepted takes.',
  toldAngle: (value: string, half: string): string => `The horse’s included angle is ${value}°, within ${half}°.`,
  toldWidths: (depthMm: number, near: string, off: string): string => `${lengthWords(depthMm)} down: near ${near}, off ${off}.`,
  toldWidth: (value: string, half: string): string => `${lengthWords(value)} ± ${lengthWords(half)}`,
  toldDifference: (value: string, half: string, side: string): string =>
    side === '' ? `Both sides are alike within ${half}°.` : `The ${side} side is flatter by ${value}°, within ${half}°.`,
  drawnThrough: (depths: string): string =>
    `Drawn through widths at ${depths}: what lies above the first and between them wasn’t measured, and is redrawn as unknown.`,
  theRedrawsAre: 'The redraws are of the recommendation, not of the width now shown.',
  narrower: 'Narrower',
  mm3: (includedAngleDeg: number, spanAt100Mm: number): string => `${includedAngleDeg}° · ${lengthWords(spanAt100Mm)}`,
  includedAngleAnd: (shape: string, spanDepthMm: number): string =>
    `${shape}; included angle, and span ${lengthWords(spanDepthMm)} below the crown`,
  wider: 'Wider',
  backToThe: 'Back to the recommendation',
} as const;
