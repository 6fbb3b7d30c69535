import { type DecisionWrite, type HorseWrite, type Saddle, type TakeWrite, type VisitWrite } from '@fulcra/contract';
import {
  CORE_VERSION,
  type Section,
  archOfSetting,
  bestSetting,
  consensusSection,
  judgeSettings,
  neutralWidth,
  prepareSection,
  readTakes,
  schoolById,
  seededRandom,
  takesAgreement,
} from '@fulcra/core';
import { DEMO_ANIMALS, type DemoAnimal } from './animals';
import { STEADY_HAND, takeOf } from './front-section-generator';
import { demoId } from './ids';
import { DEMO_SADDLES } from './saddles';

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
  readonly visit: VisitWrite;
  readonly takes: readonly { readonly id: string; readonly take: TakeWrite }[];
  readonly decision: DecisionWrite | null;
}

export interface DemoScenario {
  readonly account: typeof DEMO_ACCOUNT;
  readonly horses: readonly { readonly id: string; readonly horse: HorseWrite }[];
  readonly saddles: readonly Saddle[];
  readonly visits: readonly DemoVisit[];
}

interface PastVisit {
  readonly animal: number;
  readonly on: string;
  readonly saddle: number | null;
  readonly open: boolean;
}

/** A few past visits, one under way; Marl has none so that a newcomer can begin there. */
const PAST: readonly PastVisit[] = [
  { animal: 1, on: '2026-04-14', saddle: 1, open: false },
  { animal: 2, on: '2026-05-20', saddle: 0, open: false },
  { animal: 4, on: '2026-06-02', saddle: 2, open: false },
  { animal: 5, on: '2026-09-11', saddle: 4, open: false },
  { animal: 7, on: '2026-09-18', saddle: 5, open: false },
  { animal: 6, on: '2026-10-05', saddle: null, open: true },
];
const TAKES_EACH = 3;
const STATION_MM = 50;

export function demoScenario(): DemoScenario {
  return {
    account: DEMO_ACCOUNT,
    horses: DEMO_ANIMALS.map(({ number, horse }) => ({ id: horseId(number), horse })),
    saddles: DEMO_SADDLES,
    visits: PAST.map(pastVisit),
  };
}

const horseId = (number: number): string => demoId(200 + number);

function pastVisit(past: PastVisit, index: number): DemoVisit {
  const animal = DEMO_ANIMALS.find((a) => a.number === past.animal)!;
  const taken = demoTakes(animal, past.on, 1000 + index * 10);
  const saddle = past.saddle === null ? null : DEMO_SADDLES[past.saddle]!;
  return {
    id: demoId(300 + index),
    visit: {
      horseId: horseId(animal.number),
      startedOn: past.on,
      schoolId: 'static-close',
      stationMm: STATION_MM,
      status: past.open ? 'open' : 'done',
      note: '',
    },
    takes: taken,
    decision: saddle === null ? null : decisionFor(taken, saddle, past.on),
  };
}

export function demoTakes(animal: DemoAnimal, on: string, firstId: number) {
  const random = seededRandom(animal.number * 7919);
  return Array.from({ length: TAKES_EACH }, (_, i) => ({
    id: demoId(firstId + i),
    take: {
      station: 'front' as const,
      takenAtMm: STATION_MM,
      takenAt: `${on}T09:${String(10 + i).padStart(2, '0')}:00.000Z`,
      reading: { kind: 'points' as const, points: takeOf(animal.truth, STEADY_HAND, random) },
    },
  }));
}

/** The consensus of an animal's demo takes. */
export function demoSection(taken: ReturnType<typeof demoTakes>): Section {
  const { takes } = readTakes(taken.map(({ id, take }) => ({ id, reading: take.reading })));
  const section = consensusSection(takes, takesAgreement(takes));
  if (section === null) throw new Error('demo takes do not agree');
  return section;
}

/** Computed by the same engine as any other visit, never typed in. */
function decisionFor(taken: ReturnType<typeof demoTakes>, saddle: Saddle, on: string): DecisionWrite {
  const section = demoSection(taken);
  const school = schoolById('static-close');
  const best = bestSetting(judgeSettings(prepareSection(section), saddle.front, school, STATION_MM));
  if (best === null) throw new Error(`${saddle.name} lies on nothing`);
  const arch = archOfSetting(saddle.front, best.setting);
  return {
    decidedAt: `${on}T10:05:00.000Z`,
    saddleId: saddle.id,
    settingLabel: best.setting.label,
    shape: arch.shape,
    ...neutralWidth(arch),
    pointLengthMm: arch.pointLengthMm,
    crownZMm: best.laid.crownZMm,
    verdict: best.verdict.code,
    widthsOff: best.verdict.widthsOff,
    reasons: `Chosen from the widths this saddle can be set to: tip minus top ${best.verdict.deviationMm.toFixed(1)} mm, withers ${best.laid.crownZMm.toFixed(0)} mm.`,
    schoolId: school.id,
    schoolVersion: school.version,
    coreVersion: CORE_VERSION,
    takenAtMm: STATION_MM,
    section: section.points.map((p) => ({ yMm: p.yMm, zMm: p.zMm })),
  };
}
