import { CRITERIA, CRITERION_IDS, type CriterionId, type Rule } from './criteria';
import { NO_LIMIT, RULE_TEMPLATES, isKept } from './rule-templates';
import { type School, FRONT_FOLLOWS } from './school';

/** Rooms a school's numbers are kept in, in the order they are read. */
export const SCHOOL_PARTS = ['front', 'rules', 'chains', 'errors', 'engine'] as const;
export type SchoolPart = (typeof SCHOOL_PARTS)[number];

export type FieldUnit = 'mm' | 'deg' | 'kPa' | 'kPa/mm' | 'N' | 'Nm' | 'Nm/deg' | 'share' | 'number';

interface FieldPlace {
  /** As `rules.withersOver.least`. */
  readonly path: string;
  readonly part: SchoolPart;
  /** Of a rule that the school hasn't got: it counts once a limit of it is set. */
  readonly offered?: boolean;
}

/** One number of a school that can be edited: where it stands, its unit, and between what it may lie. */
export interface NumberField extends FieldPlace {
  readonly kind: 'number';
  readonly unit: FieldUnit;
  readonly value: number;
  readonly least: number;
  readonly most: number;
}

/** One of a few words: which line the front follows, and at which end a rule refuses the saddle or only warns. */
export interface ChoiceField extends FieldPlace {
  readonly kind: 'choice';
  readonly value: string;
  readonly options: readonly string[];
}

/** A limit of a rule that can be set, moved and taken away. */
export interface LimitField extends FieldPlace {
  readonly kind: 'limit';
  readonly unit: FieldUnit;
  readonly value: number | typeof NO_LIMIT;
  readonly least: number;
  readonly most: number;
  /** What it begins with where there is none. */
  readonly suggested: number;
}

export type SchoolField = NumberField | ChoiceField | LimitField;

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

/** Everything of a school that can be edited, in the order it is kept. */
export function schoolFields(school: School): SchoolField[] {
  const found: SchoolField[] = [];
  for (const part of SCHOOL_PARTS) {
    if (part === 'rules') found.push(...ruleFields(school));
    else walk(school[part], part, part, found);
  }
  return found;
}

/** Rules it has, in the order it keeps them; then those it could have. */
function ruleFields({ rules }: School): SchoolField[] {
  const own = Object.keys(rules) as CriterionId[];
  const others = CRITERION_IDS.filter((id) => rules[id] === undefined);
  return [...own, ...others].flatMap((id) => fieldsOfRule(id, rules[id]));
}

function fieldsOfRule(id: CriterionId, rule: Rule | undefined): SchoolField[] {
  const template = RULE_TEMPLATES[id];
  if (template === undefined) return [];
  const { scale, weight } = rule ?? template;
  const place = (key: string): FieldPlace => ({ path: `rules.${id}.${key}`, part: 'rules', ...(rule === undefined && { offered: true }) });
  const limits = template.ends.map((end): SchoolField => {
    const at = place(end);
    const value = rule?.[end] ?? null;
    const number = numberAt(at.path);
    return value !== null && isKept(id, end)
      ? { kind: 'number', ...at, ...number, value }
      : { kind: 'limit', ...at, ...number, value: value ?? NO_LIMIT, suggested: template[end]! };
  });
  return [
    ...limits,
    { kind: 'number', ...place('scale'), ...numberAt(`rules.${id}.scale`), value: scale },
    { kind: 'number', ...place('weight'), ...numberAt(`rules.${id}.weight`), value: weight },
    { kind: 'choice', ...place('hardStop'), value: rule?.hardStop ?? 'never', options: ['never', ...template.ends] },
  ];
}

/** Unit and range of the number at a path. */
function numberAt(path: string): Pick<NumberField, 'unit' | 'least' | 'most'> {
  const unit = unitOf(path);
  const [least, most] = RANGES[unit];
  const lowest = ABOVE_NOTHING.test(path) ? 0.001 : SIGNED.test(path) ? least : 0;
  return { unit, least: Math.max(least, lowest), most };
}

function walk(of: unknown, path: string, part: SchoolPart, into: SchoolField[]): void {
  if (NOT_EDITED.test(`${path}.`)) return;
  if (typeof of === 'number') {
    into.push({ kind: 'number', path, part, ...numberAt(path), value: of });
    return;
  }
  if (typeof of === 'string') {
    if (path === 'front.follows') into.push({ kind: 'choice', path, part, value: of, options: FRONT_FOLLOWS });
    return;
  }
  if (typeof of === 'object' && of !== null) for (const [key, value] of Object.entries(of)) walk(value, `${path}.${key}`, part, into);
}
