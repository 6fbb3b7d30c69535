import {
  type Appointment,
  type Contact,
  type Yard,
  type DecisionWrite,
  type HorseFields,
  type Leather,
  type Order,
  type LeatherTaken,
  type Rider,
  type RiderMeasuresTaken,
  type Girth,
  type Saddle,
  type TackCheckKept,
  type VisitFields,
} from '@fulcra/contract';
import {
  CORE_VERSION,
  type BarrelMeasures,
  type BuiltInSchoolId,
  type Section,
  archOfSetting,
  bestSetting,
  consensusSection,
  judgeSettings,
  neutralWidth,
  prepareSection,
  readTakes,
  schoolById,
  takesAgreement,
} from '@fulcra/core';
import { DEMO_ANIMALS } from './animals';
import { FRONT_AT_MM } from './back-generator';
import { demoId } from './ids';
import { type DemoFact, type DemoTake, frontTakes, wholeBackFacts, wholeBackTakes } from './measured-visit';
import { DEMO_LEATHERS, DEMO_LEATHER_TAKES } from './leathers';
import { DEMO_APPOINTMENTS, DEMO_CONTACTS, DEMO_KEPT, DEMO_YARDS } from './people';
import { DEMO_RIDERS, DEMO_RIDER_MEASURES } from './riders';
import { DEMO_SADDLES } from './saddles';
import { type DemoPhoto, DEMO_PHOTOS } from './drawn-photos';
import { CHOSEN, DEMO_ORDERS, SEEN, storyFacts } from './stories';
import { DEMO_GIRTHS, DEMO_TACK_CHECKS } from './tack';

/** Only ever offered where the server was started in demo mode. */
export const DEMO_ACCOUNT = {
  practiceId: demoId(1),
  practiceName: 'Carrow Skerries saddle room',
  personId: demoId(2),
  personName: 'Isla Venn',
  email: 'isla@carrow.example',
  password: 'peat-and-heather',
} as const;

interface DemoVisit {
  readonly id: string;
  readonly visit: VisitFields;
  readonly takes: readonly DemoTake[];
  readonly facts: readonly DemoFact[];
  readonly decision: DecisionWrite | null;
}

export interface DemoScenario {
  readonly account: typeof DEMO_ACCOUNT;
  readonly riders: readonly Rider[];
  readonly riderMeasures: readonly RiderMeasuresTaken[];
  readonly leathers: readonly Leather[];
  readonly leatherTakes: readonly LeatherTaken[];
  readonly contacts: readonly Contact[];
  readonly yards: readonly Yard[];
  readonly appointments: readonly Appointment[];
  readonly girths: readonly Girth[];
  readonly tackChecks: readonly TackCheckKept[];
  readonly horses: readonly { readonly id: string; readonly horse: HorseFields }[];
  readonly saddles: readonly Saddle[];
  readonly visits: readonly DemoVisit[];
  readonly orders: readonly Order[];
  readonly photos: readonly DemoPhoto[];
}

interface PastVisit {
  readonly number: number;
  readonly animal: number;
  readonly on: string;
  readonly saddle: number | null;
  readonly open: boolean;
  /** kg that day where the whole back was measured; null where only the front was. */
  readonly weightKg: number | null;
  /** How much weaker the off side was that day than it is now, degrees. */
  readonly weaker: number;
  readonly barrel: BarrelMeasures | null;
  /** What was said at its end, where nothing was decided. */
  readonly result: VisitFields['result'];
  readonly schoolId: BuiltInSchoolId;
}

const past = (number: number, animal: number, on: string, saddle: number | null, more: Partial<PastVisit> = {}): PastVisit => ({
  number,
  animal,
  on,
  saddle,
  open: false,
  weightKg: null,
  weaker: 0,
  barrel: null,
  result: null,
  schoolId: 'static-close',
  ...more,
});

const barrel = (circumferenceMm: number, breadthMm: number, widestBelowMm: number, depthMm: number | null): BarrelMeasures => ({
  circumferenceMm,
  breadthMm,
  widestBelowMm,
  depthMm,
});

/** A few past visits, one under way; Marl has none so that a newcomer can begin there. Corrie came back after his winter off. */
const PAST: readonly PastVisit[] = [
  past(9, 1, '2026-02-17', null, { weightKg: 520, result: 'notGoodToRide' }),
  past(0, 1, '2026-04-14', 1, { weightKg: 512, barrel: barrel(1930, 580, 315, 660) }),
  past(1, 2, '2026-05-20', 0, { weightKg: 540, barrel: barrel(1960, 540, 330, null) }),
  past(2, 4, '2026-06-02', 2, { weightKg: 441, barrel: barrel(1780, 460, 320, 660) }),
  past(3, 5, '2026-09-11', 4),
  past(6, 7, '2026-03-12', null, { weightKg: 478, weaker: 4 }),
  past(8, 7, '2026-05-02', null, { weightKg: 486, weaker: 3 }),
  past(7, 7, '2026-06-19', null, { weightKg: 492, weaker: 2 }),
  past(4, 7, '2026-09-18', 5, { weightKg: 505, barrel: barrel(1890, 500, 330, 690) }),
  past(5, 6, '2026-10-05', null, { open: true }),
  past(11, 8, '2026-07-08', null, { weightKg: 468, result: 'notGoodToRide', schoolId: 'western' }),
  past(12, 8, '2026-08-20', 8, { weightKg: 470, schoolId: 'western' }),
  past(10, 2, '2026-11-03', null, { result: 'notGoodToRide' }),
];

export function demoScenario(): DemoScenario {
  return {
    account: DEMO_ACCOUNT,
    riders: DEMO_RIDERS,
    riderMeasures: DEMO_RIDER_MEASURES,
    leathers: DEMO_LEATHERS,
    leatherTakes: DEMO_LEATHER_TAKES,
    girths: DEMO_GIRTHS,
    tackChecks: DEMO_TACK_CHECKS,
    contacts: DEMO_CONTACTS,
    yards: DEMO_YARDS,
    appointments: DEMO_APPOINTMENTS,
    horses: DEMO_ANIMALS.map(({ number, horse }) => ({ id: horseId(number), horse: { ...horse, ...DEMO_KEPT[number] } })),
    saddles: DEMO_SADDLES,
    visits: PAST.map(pastVisit),
    orders: DEMO_ORDERS,
    photos: DEMO_PHOTOS,
  };
}

const horseId = (number: number): string => demoId(200 + number);

function pastVisit({
  number,
  animal: which,
  on,
  saddle: saddleIndex,
  open,
  weightKg,
  weaker,
  barrel: round,
  result,
  schoolId,
}: PastVisit): DemoVisit {
  const animal = DEMO_ANIMALS.find((a) => a.number === which)!;
  const build = { ...animal.back, weakOffDeg: animal.back.weakOffDeg + weaker };
  const firstId = 1000 + number * 40;
  const takes = weightKg === null ? frontTakes(animal, on, firstId) : wholeBackTakes(animal, build, on, firstId);
  const found =
    weightKg === null ? [] : wholeBackFacts(build, on, weightKg, 5000 + number * 60, { barrel: round, seen: SEEN[number] ?? '' });
  const saddle = saddleIndex === null ? null : DEMO_SADDLES[saddleIndex]!;
  return {
    id: demoId(300 + number),
    visit: {
      horseId: horseId(animal.number),
      startedOn: on,
      schoolId,
      stationMm: FRONT_AT_MM,
      status: open ? 'open' : 'done',
      note: '',
      result: saddle === null ? result : 'goodToRide',
    },
    takes,
    facts: [...found, ...storyFacts(number, on, takes, found)],
    decision: saddle === null ? null : decisionFor({ taken: takes, saddle, on, schoolId, chosen: number === CHOSEN.visit ? CHOSEN : null }),
  };
}

/** The consensus of an animal's demo takes of its front. */
export function demoSection(taken: readonly DemoTake[]): Section {
  const front = taken.filter(({ take }) => take.station === 'front');
  const { takes } = readTakes(front.map(({ id, take }) => ({ id, reading: take.reading })));
  const section = consensusSection(takes, takesAgreement(takes));
  if (section === null) throw new Error('demo takes do not agree');
  return section;
}

interface Decided {
  readonly taken: readonly DemoTake[];
  readonly saddle: Saddle;
  readonly on: string;
  readonly schoolId: BuiltInSchoolId;
  readonly chosen: typeof CHOSEN | null;
}

/** Computed by the same engine as any other visit, never typed in. */
function decisionFor({ taken, saddle, on, schoolId, chosen }: Decided): DecisionWrite {
  const section = demoSection(taken);
  const school = schoolById(schoolId);
  const best = bestSetting(judgeSettings(prepareSection(section), saddle.front, school, FRONT_AT_MM));
  if (best === null) throw new Error(`${saddle.name} lies on nothing`);
  if (chosen !== null && chosen.label !== best.setting.label)
    throw new Error(`${saddle.name} is best in ${best.setting.label}, not in ${chosen.label}`);
  const arch = archOfSetting(saddle.front, best.setting);
  return {
    decidedAt: `${on}T10:05:00.000Z`,
    ...(chosen !== null && { triedId: chosen.triedId }),
    saddleId: saddle.id,
    settingLabel: best.setting.label,
    shape: arch.shape,
    ...neutralWidth(arch),
    pointLengthMm: arch.pointLengthMm,
    crownZMm: best.laid.crownZMm,
    verdict: best.verdict.code,
    widthsOff: best.verdict.widthsOff,
    reasons: `Chosen from the widths this saddle can be set to: tip minus top ${best.verdict.deviationMm.toFixed(1)} mm, withers ${best.laid.loadedMm.toFixed(0)} mm under load.`,
    schoolId: school.id,
    schoolVersion: school.version,
    coreVersion: CORE_VERSION,
    takenAtMm: FRONT_AT_MM,
    section: section.points.map((p) => ({ yMm: p.yMm, zMm: p.zMm })),
  };
}
