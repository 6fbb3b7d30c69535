import { lengthWords } from './person-unit';
import { type BladeMeets, type Ridden, type SitPicture, type StrideGaitId, type StrideTold, INSTANTS, ratioOf } from '@fulcra/core';
import { capital } from './letter-case';

export const GAIT_NAMES: Readonly<Record<StrideGaitId, string>> = {
  walk: 'Walk',
  trotSitting: 'Trot, sitting',
  trotRising: 'Trot, rising',
  canterNear: 'Canter, near lead',
  canterOff: 'Canter, off lead',
};

/** The same within a sentence: "in canter, near lead". */
export const IN_GAIT: Readonly<Record<StrideGaitId, string>> = {
  walk: 'walk',
  trotSitting: 'sitting trot',
  trotRising: 'rising trot',
  canterNear: 'canter on the near lead',
  canterOff: 'canter on the off lead',
};

export const STRIDE_PHRASES = {
  inMotion: 'In motion',
  rideIt: 'Ride it',
  rideAgain: 'Ride it again',
  gaits: 'Gaits to go through',
  whatItIs:
    'Halt and three strides, instant by instant, each from the rest of the one before with all the shear it holds; blades swing by their measured travel. The third stride is told.',
  nobody: 'With nobody in the saddle there is no stride: only the pushes are tried.',
  beginning: 'Laying it on and pushing it.',
  done: (share: number): string => `${Math.round(100 * share)} % gone through`,
  stop: 'Stop',
  stopped: 'Stopped. What stood before stands.',
  failed: (message: string): string => `The computation stopped: ${message}.`,
  changed: 'The setting has changed since it was ridden.',
  noRest: 'It does not stay at halt: there is nothing to ride.',
  pushed: 'Pushed',
  watch: 'Watch the stride of',
  play: 'Play',
  pause: 'Pause',
  onward: 'One instant on',
  hardest: 'Hardest of all',
  close: 'Back to standing',
  scrub: 'Instant of the stride',
  at: (instant: number): string => `${instant} of ${INSTANTS}`,
  strip: 'Peak of each instant against an exact fit; the bar being shown is outlined',
  judged: 'What the strides and pushes are told for',
  nothing: 'Nothing in motion misses.',
  noRestValue: 'no rest',
} as const;

export const TOWARDS = { head: 'toward the head', tail: 'toward the tail', near: 'to the near side', off: 'to the off side' } as const;

/** Where it finds no rest it slides, or it turns: nose or cantle down, or to a side. */
const leavesWords = ({ noRest, towards }: Pick<StrideTold, 'noRest' | 'towards'>): string =>
  noRest === null || noRest.how === 'slides' ? 'runs' : towards === 'head' || towards === 'tail' ? 'tips' : 'rolls';

const movesWords = (told: StrideTold): string => {
  const { word, towards, creepMm, noRest } = told;
  const way = towards === null ? '' : ` ${TOWARDS[towards]}`;
  if (noRest !== null) return `${leavesWords(told)}${way}: no rest at ${noRest.instant} of ${INSTANTS} in stride ${noRest.stride + 1}`;
  const creep = `${lengthWords((creepMm ?? 0).toFixed(1))} a stride`;
  return word === 'stays' ? `stays (${creep})` : `${word}${way}, ${creep}`;
};

const bladeWords = ({ side, part, instant, pressesN, hardestKPa }: BladeMeets): string =>
  `the ${side} blade meets the ${part === 'point' ? 'tree point' : 'panel'} at ${instant} of ${INSTANTS}, with ${pressesN.toFixed(0)} N and up to ${hardestKPa.toFixed(0)} kPa`;

/** One gait in a line. */
export function strideLine(told: StrideTold): string {
  const { peak, leastOverWithersMm: over, driftAtLeastLoad: drift, blades } = told;
  const parts = [
    movesWords(told),
    ...(peak === null
      ? []
      : [`hardest at ${peak.instant} of ${INSTANTS}: ${peak.kPa.toFixed(0)} kPa, ${peak.ratio.toFixed(2)} times an exact fit`]),
    ...(over === null ? [] : [`least room over the withers ${lengthWords(over.mm.toFixed(0))}`]),
    ...blades.map(bladeWords),
    ...(drift === null || told.noRest !== null
      ? []
      : [
          `at its lightest it uses ${Math.round(100 * Math.abs(drift.along))} % of its hold ${drift.along < 0 ? TOWARDS.head : TOWARDS.tail}`,
        ]),
  ];
  return `${GAIT_NAMES[told.gait]}: ${parts.join('; ')}.`;
}

/** What the two leads of the canter differ by; nothing where both aren't known or they are alike. */
export function reinsLine({ strides: { canterNear: near, canterOff: off } }: Ridden): string | null {
  if (near?.peak == null || off?.peak == null) return null;
  if (near.word !== off.word) return `The reins differ: on the near lead it ${near.word}, on the off lead it ${off.word}.`;
  const by = near.peak.ratio - off.peak.ratio;
  return Math.abs(by) < 0.1
    ? null
    : `The reins differ: it presses harder on the ${by > 0 ? 'near' : 'off'} lead, by ${Math.abs(by).toFixed(2)} of an exact fit.`;
}

const RANK = { stays: 0, works: 1, runs: 2 } as const;

/** Strides in one sentence, held against how it stands. */
export function motionHeadline(picture: SitPicture, { strides }: Ridden): string {
  const told = Object.values(strides);
  const [worst] = [...told].sort((a, b) => RANK[b.word] - RANK[a.word]);
  if (worst === undefined) return STRIDE_PHRASES.noRest;
  const standing = ratioOf({ measures: picture.measures, exact: picture.exact, settled: { state: picture.state } as never });
  const { most } = picture.asked.school.rules.peakRatio;
  const hard = told.filter((s) => s.peak !== null && s.peak.ratio > most);
  const stays = told.filter((s) => s.word === 'stays').map((s) => IN_GAIT[s.gait]);
  if (worst.word !== 'stays') {
    const others = stays.length === 0 ? '' : `; it stays in ${stays.join(', ')}`;
    const moves = worst.word === 'runs' ? leavesWords(worst) : worst.word;
    return `${capital(moves)}${worst.towards === null ? '' : ` ${TOWARDS[worst.towards]}`} in ${IN_GAIT[worst.gait]}${others}.`;
  }
  if (standing !== null && standing <= most && hard.length > 0)
    return `Stays, and fits at rest but not in motion: too hard in ${hard.map((s) => IN_GAIT[s.gait]).join(', ')}.`;
  return hard.length > 0
    ? 'Stays, but presses too hard at rest and in motion.'
    : 'Stays in every gait that was ridden, and presses evenly.';
}

/** Less than this reads as nought, Nm per degree. */
const HOLDS_NOTHING = 0.5;

/** It leaves its rest when it is pushed; what its shape resists is another thing, tried without grip and held from leaving. */
const holdsNothing = (shape: number | null, letsGo: string): string =>
  `It doesn’t bear a hand’s push to either side: ${letsGo}${shape === null ? '' : `. Held against sliding and twisting, its shape alone resists ${shape.toFixed(1)} Nm a degree`}.`;

/** What the hand would find when it pushes. */
export function pushLine({ push, rollShapeNmPerDeg }: Ridden): string {
  if (push === null) return STRIDE_PHRASES.noRest;
  const letsGo = push.letsGoNm === null ? 'it held all that was tried' : `it lets go at about ${push.letsGoNm.toFixed(0)} Nm`;
  if (push.rollNmPerDeg < HOLDS_NOTHING) return holdsNothing(rollShapeNmPerDeg, letsGo);
  const shape = rollShapeNmPerDeg === null ? '' : `; by its shape alone ${rollShapeNmPerDeg.toFixed(1)} Nm a degree`;
  return `${push.rollNmPerDeg.toFixed(0)} Nm roll it by a degree${shape}; ${letsGo}; ${push.yawNmPerDeg.toFixed(0)} Nm twist it by a degree.`;
}
