import { type CriterionId, type FaultChain, type HorseBody, SIDES } from '@fulcra/core';
import { type BackBuild } from '../back-generator';
import { trueBody } from '../demo-body';
import { type MadeToFit, LONGEST_MM } from './made-to-fit';

/** One thing changed on a saddle that fits, or on the horse under it, and what should then be found. */
export interface Change {
  readonly name: string;
  readonly saddle?: (made: MadeToFit) => MadeToFit;
  readonly horse?: (build: BackBuild, body: HorseBody) => HorseBody;
  /** The number it moves, and which way. */
  readonly moves: { readonly id: CriterionId; readonly by: 1 | -1 };
  /** A chain of faults that begins with it. */
  readonly chain?: FaultChain['id'];
  /** What may follow from it, besides. */
  readonly follows: readonly CriterionId[];
}

const LENGTH_MM = LONGEST_MM;
const fadeFront = (u: number): number => Math.max(0, Math.min(1, 1 - u / (LENGTH_MM / 2)));
const fadeRear = (u: number): number => Math.max(0, Math.min(1, (u - LENGTH_MM / 2) / (LENGTH_MM / 2)));
const lowered =
  (by: (u: number, out: number, near: boolean) => number) =>
  (made: MadeToFit): MadeToFit => ({ ...made, changed: by });

/** A width up or down opens or closes the front half by five degrees. */
const STEP_DEG = 5;
const cot = (deg: number): number => 1 / Math.tan((deg * Math.PI) / 180);
function width(direction: 1 | -1): Change['saddle'] {
  return (made) => {
    const half = made.saddle.front.settings[1]!.includedAngleDeg / 2;
    const change = cot(half + (direction * STEP_DEG) / 2) - cot(half);
    return {
      ...made,
      setup: { ...made.setup, width: 1 + direction },
      changed: (u, out) => fadeFront(u) * (out - 37) * change,
    };
  };
}
const FRONT_FOLLOWS = ['withersOver', 'withersBeside', 'withersRidden', 'seatLevel', 'peakRatio', 'peakRatioRidden', 'edgeShare'] as const;
const ANY_PRESSURE = ['peakRatio', 'peakRatioRidden', 'edgeShare', 'middleShare', 'bridgeGap'] as const;

/** The croup stands about so far behind the last rib; the back rises to it along its whole length, mm. */
const CROUP_BEHIND_RIB_MM = 150;

/** The same horse with a back that rises toward the croup; its withers stay where they are. */
function tilted(body: HorseBody, slope: number): HorseBody {
  const { surface } = body;
  const heights = surface.heights.map((z, at) => z + slope * (surface.x0Mm + Math.floor(at / surface.countY) * surface.stepMm));
  return { ...body, surface: { ...surface, heights } };
}

export const CHANGES: readonly Change[] = [
  { name: 'one width wider', saddle: width(1), moves: { id: 'frontEven', by: 1 }, chain: 'wideFront', follows: FRONT_FOLLOWS },
  { name: 'one width narrower', saddle: width(-1), moves: { id: 'frontEven', by: -1 }, chain: 'narrowFront', follows: FRONT_FOLLOWS },
  {
    name: 'tree 8 mm flatter',
    saddle: lowered((u) => 8 * ((u - LENGTH_MM / 2) / 200) ** 2),
    moves: { id: 'middleShare', by: -1 },
    chain: 'flatTree',
    follows: ANY_PRESSURE,
  },
  {
    name: 'tree 8 mm more curved',
    saddle: lowered((u) => -8 * ((u - LENGTH_MM / 2) / 200) ** 2),
    moves: { id: 'middleShare', by: 1 },
    chain: 'curvedTree',
    follows: [...ANY_PRESSURE, 'seatLevel', 'yawPush'],
  },
  {
    name: 'front 6 mm deeper',
    saddle: lowered((u) => 6 * fadeFront(u)),
    moves: { id: 'seatLevel', by: 1 },
    follows: [...FRONT_FOLLOWS, ...ANY_PRESSURE],
  },
  {
    name: 'front 6 mm less deep',
    saddle: lowered((u) => -6 * fadeFront(u)),
    moves: { id: 'seatLevel', by: -1 },
    follows: [...FRONT_FOLLOWS, ...ANY_PRESSURE],
  },
  {
    name: 'gusset 10 mm deeper',
    saddle: lowered((u) => 10 * fadeRear(u)),
    moves: { id: 'seatLevel', by: -1 },
    follows: [...FRONT_FOLLOWS, ...ANY_PRESSURE],
  },
  {
    name: 'gusset 10 mm less',
    saddle: lowered((u) => -10 * fadeRear(u)),
    moves: { id: 'seatLevel', by: 1 },
    follows: [...FRONT_FOLLOWS, ...ANY_PRESSURE],
  },
  {
    name: 'laid 20 mm forward',
    saddle: (made) => ({ ...made, setup: { ...made.setup, placeMm: made.setup.placeMm - 20 } }),
    moves: { id: 'pointBehindScapula', by: -1 },
    follows: [...FRONT_FOLLOWS, ...ANY_PRESSURE, 'panelBehindScapula', 'strapLean', 'seatOverLow'],
  },
  {
    name: 'laid 20 mm back',
    saddle: (made) => ({ ...made, setup: { ...made.setup, placeMm: made.setup.placeMm + 20 } }),
    moves: { id: 'panelBeforeRib', by: -1 },
    follows: [...FRONT_FOLLOWS, ...ANY_PRESSURE, 'treeBeforeRib', 'strapLean', 'seatOverLow'],
  },
  {
    name: 'channel 30 mm wider',
    saddle: (made) => {
      const { panel } = made.saddle.build;
      const { front } = made.saddle;
      const wider = { ...panel, channelMidMm: panel.channelMidMm + 30, channelRearMm: panel.channelRearMm + 30 };
      return {
        ...made,
        saddle: {
          ...made.saddle,
          front: { ...front, frontChannelMm: front.frontChannelMm + 30 },
          build: { ...made.saddle.build, panel: wider },
        },
      };
    },
    moves: { id: 'loadOnMuscle', by: -1 },
    follows: ['frontEven', ...FRONT_FOLLOWS, ...ANY_PRESSURE],
  },
  {
    name: 'near panel 8 mm heavier',
    saddle: lowered((_, __, near) => (near ? 8 : 0)),
    moves: { id: 'roll', by: 1 },
    chain: 'weakSide',
    follows: ['nearShare', ...ANY_PRESSURE, 'creepWalk', 'creepTrot', 'creepCanter'],
  },
  {
    name: 'groove 65 mm forward',
    horse: (_, body) => ({ ...body, grooveMm: body.grooveMm! - 65 }),
    moves: { id: 'strapLean', by: 1 },
    chain: 'groove',
    follows: ['driftAlong', 'creepWalk', 'creepTrot', 'creepCanter'],
  },
  {
    name: 'croup 40 mm higher',
    horse: (build, body) => tilted(body, 40 / (build.lastRibMm + CROUP_BEHIND_RIB_MM)),
    moves: { id: 'driftAlong', by: -1 },
    chain: 'slope',
    follows: [...FRONT_FOLLOWS, ...ANY_PRESSURE, 'creepWalk', 'creepTrot', 'creepCanter'],
  },
  {
    name: 'barrel rounder by 6° behind',
    horse: (build) => trueBody({ ...build, rearOpensDeg: build.rearOpensDeg + 6 }),
    moves: { id: 'edgeShare', by: 1 },
    follows: [...ANY_PRESSURE, 'seatLevel', 'rollShape', 'rollPush', 'withersOver', 'withersRidden'],
  },
  {
    name: 'blade travels 30 mm more',
    horse: (_, body) => ({
      ...body,
      scapula: Object.fromEntries(
        SIDES.map((side) => [side, { ...body.scapula[side], forwardMm: body.scapula[side].forwardMm! + 30 }]),
      ) as unknown as HorseBody['scapula'],
    }),
    moves: { id: 'barBehindForward', by: -1 },
    follows: ['peakRatioRidden', 'creepWalk', 'creepTrot', 'creepCanter'],
  },
];
