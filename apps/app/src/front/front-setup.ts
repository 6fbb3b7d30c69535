import { type Saddle } from '@fulcra/contract';
import {
  type ArchShape,
  type FrontArch,
  type Judged,
  type LaidArch,
  type Padding,
  type School,
  type Section,
  type SinkOfWidths,
  ARCH_SHAPES,
  CROWN_RADIUS_MM,
  DEFAULT_POINT_LENGTH_MM,
  archOfSetting,
  judgeWithNeighbours,
  judgeSettings,
  paddingOfSaddle,
  prepareSection,
  sinkAt,
} from '@fulcra/core';
import { z } from 'zod';
import { type DraftSpec } from '../platform/draft';

/** What the fitter is looking at: a free width, or a setting of a saddle. */
export interface FrontSetup {
  readonly saddleId: string | null;
  readonly setting: number;
  /** Null follows the recommendation. */
  readonly includedAngleDeg: number | null;
  readonly shape: ArchShape | null;
}

export const FRONT_DRAFT: DraftSpec<FrontSetup> = {
  version: 1,
  schema: z.object({
    saddleId: z.string().nullable(),
    setting: z.number().int(),
    includedAngleDeg: z.number().nullable(),
    shape: z.enum(ARCH_SHAPES).nullable(),
  }),
};
export const RECOMMENDED: FrontSetup = { saddleId: null, setting: 0, includedAngleDeg: null, shape: null };

/** The front as it is tried, laid and judged with the widths on both sides of it. */
export interface TriedFront {
  readonly arch: FrontArch;
  readonly padding: Padding;
  readonly label: string | null;
  readonly chosen: Judged;
  readonly narrower: Judged | null;
  readonly wider: Judged | null;
}

export interface TryQuestion {
  readonly section: Section;
  readonly school: School;
  readonly takenAtMm: number;
  readonly setup: FrontSetup;
  readonly saddle: Saddle | null;
  readonly recommended: Pick<LaidArch, 'arch' | 'padding'>;
  /** How far this saddle's front comes down at each of its widths; absent where the back behind the front isn't known. */
  readonly sinks?: SinkOfWidths;
}

/** Lays what is set up; null where no such front comes to rest on this back. */
export function tryFront(question: TryQuestion): TriedFront | null {
  return question.saddle === null ? tryFree(question) : trySaddle(question, question.saddle);
}

function tryFree({ section, school, takenAtMm, setup, recommended }: TryQuestion): TriedFront | null {
  const shape = setup.shape ?? recommended.arch.shape;
  const arch: FrontArch = {
    shape,
    crownRadiusMm: CROWN_RADIUS_MM[shape],
    includedAngleDeg: setup.includedAngleDeg ?? recommended.arch.includedAngleDeg,
    pointLengthMm: DEFAULT_POINT_LENGTH_MM,
  };
  const { padding } = recommended;
  const judged = judgeWithNeighbours(prepareSection(section), arch, padding, school, takenAtMm);
  return judged === null ? null : { arch, padding, label: null, ...judged };
}

/** Neighbours of a saddle are the widths it can really be set to; past its last one, the next width that could be built. */
function trySaddle({ section, school, takenAtMm, setup, sinks }: TryQuestion, saddle: Saddle): TriedFront | null {
  const body = prepareSection(section);
  const settings = judgeSettings(body, saddle.front, school, takenAtMm, sinks);
  const here = settings.find((s) => s.index === setup.setting);
  if (here === undefined) return null;
  const arch = archOfSetting(saddle.front, here.setting);
  const padding = paddingOfSaddle(saddle.front, school, sinkAt(school, sinks, here.index));
  const free = judgeWithNeighbours(body, arch, padding, school, takenAtMm);
  return {
    arch,
    padding,
    label: here.setting.label,
    chosen: here,
    narrower: settings.find((s) => s.index === setup.setting - 1) ?? free?.narrower ?? null,
    wider: settings.find((s) => s.index === setup.setting + 1) ?? free?.wider ?? null,
  };
}
