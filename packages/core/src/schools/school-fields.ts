import { CRITERIA, type CriterionId } from './criteria';
import { type School } from './school';

/** Rooms a school's numbers are kept in, in the order they are read. */
export const SCHOOL_PARTS = ['front', 'rules', 'chains', 'errors', 'engine'] as const;
export type SchoolPart = (typeof SCHOOL_PARTS)[number];

export type FieldUnit = 'mm' | 'deg' | 'kPa' | 'kPa/mm' | 'N' | 'Nm' | 'Nm/deg' | 'share' | 'number';

/** One number of a school that can be edited: where it stands, its unit, and between what it may lie. */
export interface SchoolField {
  /** As `rules.withersOver.least`. */
  readonly path: string;
  readonly part: SchoolPart;
  readonly unit: FieldUnit;
  readonly value: number;
  readonly least: number;
  readonly most: number;
}

/** Between what a number of a unit may lie; a school that leaves this isn't one of this engine (defaults). */
const RANGES: Readonly<Record<FieldUnit, readonly [number, number]>> = {
  mm: [-500, 1000],
  deg: [-90, 180],
  kPa: [0, 300],
  'kPa/mm': [0.1, 50],
  N: [0, 2000],
  Nm: [0, 500],
  'Nm/deg': [0, 500],
  share: [-1, 1],
  number: [-100, 100],
};

const SUFFIXES: readonly (readonly [RegExp, FieldUnit])[] = [
  [/stiffnessKPaPerMm\.|KPaPerMm$/, 'kPa/mm'],
  [/NmPerDeg$/, 'Nm/deg'],
  [/Nm$/, 'Nm'],
  [/KPa$/, 'kPa'],
  [/Mm$|Mm\./, 'mm'],
  [/Deg$|Deg\./, 'deg'],
  [/N$/, 'N'],
  [/[sS]hare|^chains\.(along|across)$|poseShares/, 'share'],
];

const OF_CRITERION: Readonly<Record<(typeof CRITERIA)[CriterionId]['unit'], FieldUnit>> = {
  mm: 'mm',
  deg: 'deg',
  share: 'share',
  kPa: 'kPa',
  index: 'share',
  yesNo: 'number',
  times: 'number',
  nm: 'Nm',
  nmPerDeg: 'Nm/deg',
};

function unitOf(path: string): FieldUnit {
  if (path.endsWith('.weight')) return 'number';
  const rule = /^rules\.(\w+)\.(least|most|scale)$/.exec(path);
  if (rule !== null) return OF_CRITERION[CRITERIA[rule[1] as CriterionId].unit];
  return SUFFIXES.find(([suffix]) => suffix.test(path))?.[1] ?? 'number';
}

/** What may not be nothing: it is divided by, or everything would be missed at once. */
const ABOVE_NOTHING = /\.scale$|hardeningMm$|NmPerDeg$|KPaPerMm|gaitFactors|^errors\./;
/** Only a limit, and where the front may go over or under, have a sign. */
const SIGNED = /^rules\.\w+\.(least|most)$|^front\.widthsOver$/;
/** Strides are 24 instants of a gait each: data of the engine that is read, and not edited number by number. */
const NOT_EDITED = /^engine\.strides\./;

/** Every number of a school, in the order it is kept. */
export function schoolFields(school: School): SchoolField[] {
  const found: SchoolField[] = [];
  for (const part of SCHOOL_PARTS) walk(school[part], part, part, found);
  return found;
}

function walk(of: unknown, path: string, part: SchoolPart, into: SchoolField[]): void {
  if (NOT_EDITED.test(`${path}.`)) return;
  if (typeof of === 'number') {
    const unit = unitOf(path);
    const [least, most] = RANGES[unit];
    const lowest = ABOVE_NOTHING.test(path) ? 0.001 : SIGNED.test(path) ? least : 0;
    into.push({ path, part, unit, value: of, least: Math.max(least, lowest), most });
    return;
  }
  if (typeof of === 'object' && of !== null) for (const [key, value] of Object.entries(of)) walk(value, `${path}.${key}`, part, into);
}
