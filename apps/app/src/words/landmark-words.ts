import { lengthWords } from './person-unit';
import { type EdgePose, type EdgeStation, type LandmarkDoubt, type LandmarkId, type LastRibWay } from '@fulcra/core';

interface HowTo {
  readonly name: string;
  /** How to find it, in two lines. */
  readonly find: readonly [string, string];
  readonly mistake: string;
}

export const LANDMARK_WORDS: Readonly<Record<LandmarkId, HowTo>> = {
  scapulaRest: {
    name: 'Scapula at rest',
    find: ['Press along behind the blade until hard drops to soft.', 'Chalk that edge at the height where a saddle’s points lie.'],
    mistake: 'A mark much too far forward, still under the mane hair. Drawing the leg forward shows the true edge.',
  },
  scapulaForward: {
    name: 'Scapula drawn forward',
    find: ['The helper draws the foreleg forward; the edge swings back.', 'Mark it there, then follow it down as the foot goes down.'],
    mistake: 'Lifting the leg of a horse that objects. Leave it out then.',
  },
  witherTop: {
    name: 'Top of the withers',
    find: ['The highest place, head at its natural height.', 'Lay a ruler level and look under it.'],
    mistake: 'Head down: the withers drop.',
  },
  witherBase: {
    name: 'Base of the withers',
    find: ['Where the withers run out into the back.', 'The hand goes from a ridge to a flat.'],
    mistake: 'Taken at the end of the mane instead.',
  },
  girthGroove: {
    name: 'Girth groove',
    find: ['The narrowest place of the chest behind the elbow.', 'A slack cord round the chest slides into it.'],
    mistake: 'Taken where the girth lies now, which may be wrong already.',
  },
  lowPoint: {
    name: 'Low point of the back',
    find: ['Lay a pen across the spine and let it roll.', 'It stops at the low point.'],
    mistake: 'Horse resting a hind leg: the back tips.',
  },
  widestBarrel: {
    name: 'Widest part of the barrel',
    find: ['From behind and above, where the ribs stand out most.', 'Hold a stick level along the side to see it.'],
    mistake: 'The belly taken for the ribs.',
  },
  lastRib: {
    name: 'Last rib',
    find: ['Slide a fist forward from the point of the hip until it stops.', 'Follow that rib up and forward to the spine.'],
    mistake: 'The rib followed straight up: it runs forward as it rises.',
  },
  spineEdge: {
    name: 'Spine and ligament, edge to edge',
    find: ['Fingers on both sides of the spine, down to where it gives.', 'Measure straight across.'],
    mistake: 'Bone alone measured, without the ligament beside it.',
  },
  muscleEdge: {
    name: 'Long back muscle, edge to edge',
    find: ['Run the hand outward until the muscle rolls off to the ribs.', 'A tickle on the flank tenses it: measure again then.'],
    mistake: 'Only the relaxed width: it is often far wider than it looks.',
  },
};

export const WAY_WORDS: Readonly<Record<LastRibWay, string>> = {
  alongTheRib: 'along the rib from the flank',
  flankHair: 'where the flank’s hair meets',
  fromTheLoin: 'counted back from the loin',
};
export const WAY_HOW: Readonly<Record<LastRibWay, readonly [string, string]>> = {
  alongTheRib: ['Slide a fist forward from the point of the hip until it stops.', 'Follow that rib up and forward to the spine.'],
  flankHair: ['Hair that grows forward meets hair that grows back.', 'That line meets the spine at the last rib.'],
  fromTheLoin: [
    'Count the spines forward from the hollow before the croup: the sixth is the first of the loin, the seventh carries the last rib.',
    'Many Arabs, donkeys and mules have five in the loin, and the rib at the sixth: so the count only confirms another way.',
  ],
};
export const EDGE_STATION_WORDS: Readonly<Record<EdgeStation, string>> = {
  front: 'at the front',
  low: 'at the low point',
  lastRib: 'at the last rib',
};
export const POSE_WORDS: Readonly<Record<EdgePose, string>> = { relaxed: 'relaxed', tensed: 'tensed' };

export function doubtWords(doubt: LandmarkDoubt): string {
  switch (doubt.code) {
    case 'TRAVEL_UNLIKELY':
      return `The ${doubt.side} scapula travels ${lengthWords(Math.round(doubt.travelMm))}; most travel 10 to 100 (default). Was it drawn forward fully?`;
    case 'SCAPULAS_UNEVEN':
      return `The scapulas stand ${lengthWords(Math.round(doubt.byMm))} apart along the back. Is the horse square?`;
    case 'LAST_RIB_COUNTED_ONLY':
      return 'The last rib was only counted from the loin, and not every horse has six vertebrae there: find it along the rib or by the flank’s hair too.';
    case 'LAST_RIB_WAYS_DIFFER':
      return `The ways to the last rib differ by ${lengthWords(Math.round(doubt.byMm))}, more than 20. Find it a third way.`;
    case 'BACK_LENGTH_UNLIKELY':
      return `${lengthWords(Math.round(doubt.lengthMm))} from scapula to last rib is seldom seen. Check both.`;
    case 'LOW_POINT_UNLIKELY':
      return `A low point at ${lengthWords(Math.round(doubt.atMm))} lies outside withers’ base and last rib. Roll the pen again.`;
    case 'BARREL_BEHIND_RIBS':
      return `The barrel’s widest place at ${lengthWords(Math.round(doubt.atMm))} lies behind the last rib: belly, perhaps.`;
    case 'SCAPULA_TOO_FAR_FORWARD':
      return `The ${doubt.side} scapula is marked ${lengthWords(Math.round(doubt.aheadMm))} ahead of the top of the withers: still under the mane, perhaps. Draw the leg forward and feel the edge swing.`;
    case 'READINGS_APART':
      return `${LANDMARK_WORDS[doubt.landmark].name}: the readings lie ${lengthWords(Math.round(doubt.byMm))} apart. Find it once more.`;
    case 'BY_EYE':
      return `By eye, not felt: ${doubt.landmarks.map((l) => LANDMARK_WORDS[l].name.toLowerCase()).join(', ')}. What depends on them is less sure.`;
  }
}
