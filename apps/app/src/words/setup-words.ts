import { lengthNumber, lengthWords } from './person-unit';
import {
  type AxisId,
  type BackPose,
  type DescribedSaddle,
  type Gait,
  type Pad,
  type SaddleSetup,
  type StrapId,
  archOfSetting,
  crownRadiusMm,
  neutralWidth,
  shapeOf,
} from '@fulcra/core';
import { shimsLine } from './shim-words';
import { SHAPE_WORDS } from './verdict-words';

export const AXIS_WORDS: Readonly<Record<AxisId, string>> = {
  width: 'Width',
  archShape: 'Arch',
  curve: 'Tree curve',
  frontDepth: 'Front depth',
  gusset: 'Rear gusset',
  place: 'Place on the back',
  flockFront: 'Filling, front',
  flockMiddle: 'Filling, middle',
  flockRear: 'Filling, rear',
  flockNear: 'Filling to one side',
  shimFront: 'Shims, front',
  shimMiddle: 'Shims, middle',
  shimRear: 'Shims, rear',
  shimFrontNear: 'Shim, front near',
  shimFrontOff: 'Shim, front off',
  shimMiddleNear: 'Shim, middle near',
  shimMiddleOff: 'Shim, middle off',
  shimRearNear: 'Shim, rear near',
  shimRearOff: 'Shim, rear off',
  pad: 'Pad',
  straps: 'Straps',
};

export const STRAP_WORDS: Readonly<Record<StrapId, string>> = {
  point: 'point',
  first: 'first',
  second: 'second',
  third: 'third',
  rear: 'rear V',
};

export const POSE_WORDS: Readonly<Record<BackPose, string>> = {
  resting: 'standing',
  lifted: 'back lifted',
  shoulderBack: 'shoulders drawn back',
};

export const GAIT_WORDS: Readonly<Record<Gait, string>> = { stand: 'halt', walk: 'walk', trot: 'trot', canter: 'canter', jump: 'jump' };

export const padWords = ({ kind, thicknessMm }: Pad): string => (kind === 'none' ? 'none' : `${kind}, ${lengthWords(thicknessMm)}`);
export const strapsWords = (straps: readonly StrapId[]): string =>
  straps.length === 0 ? 'none' : straps.map((s) => STRAP_WORDS[s]).join(' + ');

const pair = (near: number, off: number): string =>
  near === off ? lengthWords(signedMm(near)) : `N ${signedMm(near)} · O ${signedMm(off)}`;
export const signedMm = (mm: number): string => (mm > 0 ? `+${mm}` : mm < 0 ? `−${-mm}` : '0');

/** What an axis stands at. */
export function axisValue(saddle: DescribedSaddle, setup: SaddleSetup, axis: AxisId): string {
  const { flock, shims } = setup;
  switch (axis) {
    case 'width': {
      const setting = saddle.front.settings[setup.width]!;
      const { includedAngleDeg, spanAt100Mm } = neutralWidth(archOfSetting(saddle.front, setting, setup.shape));
      return `${Math.round(includedAngleDeg)}° · ${lengthWords(Math.round(spanAt100Mm))} “${setting.label}”`;
    }
    case 'archShape':
      return `${SHAPE_WORDS[shapeOf(saddle, setup)]}, crown radius ${lengthWords(crownRadiusMm(saddle, setup))}`;
    case 'curve':
      return `${lengthWords(setup.curveMm)} in 400`;
    case 'frontDepth':
      return lengthWords(setup.frontDepthMm);
    case 'gusset':
      return lengthWords(setup.rearDepthMm);
    case 'place':
      return `arch at ${lengthWords(setup.placeMm)}`;
    case 'flockFront':
      return pair(flock.near.front, flock.off.front);
    case 'flockMiddle':
      return pair(flock.near.middle, flock.off.middle);
    case 'flockRear':
      return pair(flock.near.rear, flock.off.rear);
    case 'flockNear': {
      const by = (['front', 'middle', 'rear'] as const).map((z) => flock.near[z] - flock.off[z]);
      const least = Math.min(...by.map(Math.abs));
      return least === 0 ? 'even' : `${by[0]! > 0 ? 'near' : 'off'} +${lengthWords(least)}`;
    }
    case 'shimFront':
      return pair(shims.near.front, shims.off.front);
    case 'shimMiddle':
      return pair(shims.near.middle, shims.off.middle);
    case 'shimRear':
      return pair(shims.near.rear, shims.off.rear);
    case 'shimFrontNear':
      return lengthWords(shims.near.front);
    case 'shimFrontOff':
      return lengthWords(shims.off.front);
    case 'shimMiddleNear':
      return lengthWords(shims.near.middle);
    case 'shimMiddleOff':
      return lengthWords(shims.off.middle);
    case 'shimRearNear':
      return lengthWords(shims.near.rear);
    case 'shimRearOff':
      return lengthWords(shims.off.rear);
    case 'pad':
      return padWords(setup.pad);
    case 'straps':
      return strapsWords(setup.straps);
  }
}

/** One line that tells a setup from another of the same saddle. */
export function setupLine(saddle: DescribedSaddle, setup: SaddleSetup): string {
  const flocked = Object.values(setup.flock).some((z) => Object.values(z).some((v) => v !== 0));
  return [
    axisValue(saddle, setup, 'width'),
    shapeOf(saddle, setup) === saddle.front.shape ? null : SHAPE_WORDS[shapeOf(saddle, setup)],
    `curve ${lengthNumber(setup.curveMm)}`,
    `front ${lengthNumber(setup.frontDepthMm)}, gusset ${lengthNumber(setup.rearDepthMm)}`,
    flocked ? 'refilled' : null,
    shimsLine(setup.shims),
    setup.pad.kind === 'none' ? null : `pad ${padWords(setup.pad)}`,
    `arch at ${lengthNumber(setup.placeMm)}`,
    `straps ${strapsWords(setup.straps)}`,
  ]
    .filter((part) => part !== null)
    .join(', ');
}
