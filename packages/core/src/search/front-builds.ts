import { type LaidArch } from '../front/arch-on-section';
import { NEUTRAL_PAD } from '../saddle/pad';
import { fixedAt } from '../saddle/number-setting';
import { DEFAULT_BUILD } from '../saddle/saddle-build';
import { COMMON_RANGES } from '../saddle/unmeasured';
import { type DescribedSaddle, type SaddleSetup, presentSetup } from '../saddle/saddle-setup';
import { type HorseBody } from '../sit/body/horse-body';

/** With fewer saddles than this a practice's stock says little of what a front will be built into (default). */
export const LEAST_STOCK = 8;

/**
 * What a front may be built into where there is no stock to go by, from least to most, evenly (defaults): lengthwise curve, mm over
 * 400; channel; how much deeper than the front the rear panel is; how far the head rises over the rails; length of the tree, mm; and
 * the angle of its rails in the middle, and how much wider they are near its end, degrees.
 */
export const COMMON_BUILDS = {
  curveMm: COMMON_RANGES.curveMm,
  channelMm: COMMON_RANGES.channelMidMm,
  rearDeeperMm: [-6, 26],
  headRiseMm: COMMON_RANGES.headRiseMm,
  lengthMm: COMMON_RANGES.lengthMm,
  midDeg: COMMON_RANGES.midAngleDeg,
  rearWiderDeg: [2, 18],
} as const;
const HOW_MANY = 16;
/** Steps of a sequence that fills all ranges evenly at once. Source: M. Roberts' generalised golden ratio, here for seven (x^8 = x + 1). */
const GOLDEN = 1.0969815577985598;

const LEAST_LENGTH_MM = 220;

export type FrontLaid = Pick<LaidArch, 'arch' | 'padding'>;

/** A saddle of the stock with this front built into it: a deeper panel in front makes the rest of its panel as much deeper. */
export function builtInto(member: DescribedSaddle, { arch, padding }: FrontLaid): DescribedSaddle {
  const { panel } = member.build;
  const deeper = padding.panelDepthMm - panel.depthFrontMm.present;
  return {
    ...member,
    id: `front in ${member.id}`,
    front: {
      shape: arch.shape,
      pointLengthMm: arch.pointLengthMm,
      frontPanelDepthMm: padding.panelDepthMm,
      frontChannelMm: member.front.frontChannelMm,
      presentSetting: 0,
      settings: [{ label: '', includedAngleDeg: arch.includedAngleDeg }],
    },
    build: {
      ...member.build,
      panel: {
        ...panel,
        depthFrontMm: fixedAt(padding.panelDepthMm),
        depthMidMm: panel.depthMidMm + deeper,
        depthRearMm: fixedAt(panel.depthRearMm.present + deeper),
      },
    },
  };
}

/** Saddles of the common builds, as long as the back has room. */
export function commonBuilds(body: HorseBody, placeMm: number): DescribedSaddle[] {
  const room = Math.max(LEAST_LENGTH_MM, (body.lastRibMm ?? body.surface.stationsMm.at(-1)!) - placeMm);
  return Array.from({ length: HOW_MANY }, (_, i) => commonBuild(i, room));
}

function commonBuild(i: number, roomMm: number): DescribedSaddle {
  const { frame, panel } = DEFAULT_BUILD;
  const keys = Object.keys(COMMON_BUILDS) as (keyof typeof COMMON_BUILDS)[];
  const of = (key: keyof typeof COMMON_BUILDS): number => {
    const [least, most] = COMMON_BUILDS[key];
    const share = (0.5 + (i + 1) / GOLDEN ** (keys.indexOf(key) + 1)) % 1;
    return least + share * (most - least);
  };
  const lengthMm = Math.min(of('lengthMm'), roomMm);
  const [midAngleDeg, channelMm] = [of('midDeg'), of('channelMm')];
  const share = lengthMm / frame.lengthMm;
  const depthFrontMm = panel.depthFrontMm.present;
  return {
    id: `build ${i}`,
    kind: 'english',
    front: {
      shape: 'round',
      pointLengthMm: 0,
      frontPanelDepthMm: depthFrontMm,
      frontChannelMm: channelMm,
      presentSetting: 0,
      settings: [],
    },
    build: {
      ...DEFAULT_BUILD,
      frame: {
        ...frame,
        lengthMm,
        headRiseMm: of('headRiseMm'),
        curveMm: fixedAt(of('curveMm')),
        midAngleDeg,
        rearAngleDeg: midAngleDeg + of('rearWiderDeg'),
        seatLowMm: share * frame.seatLowMm,
        massAtMm: share * frame.massAtMm,
      },
      panel: {
        ...panel,
        channelMidMm: channelMm,
        channelRearMm: channelMm,
        depthRearMm: fixedAt(depthFrontMm + of('rearDeeperMm')),
      },
    },
  };
}

/** As it is, on the pad the school counts. */
export const onSchoolsPad = (setup: SaddleSetup, padMm: number): SaddleSetup => ({
  ...setup,
  pad: padMm > 0 ? { kind: 'felt', thicknessMm: padMm } : NEUTRAL_PAD.english,
});

export const setupBehindFront = (saddle: DescribedSaddle, padMm: number, placeMm: number): SaddleSetup =>
  onSchoolsPad(presentSetup(saddle, placeMm), padMm);
