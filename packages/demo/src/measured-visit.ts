import { type FactBody, type TakeWrite } from '@fulcra/contract';
import {
  type BarrelMeasures,
  type Random,
  SECTION_STATIONS,
  type SectionStation,
  seededRandom,
  FEEL_PLACES,
  PASS_IDS,
  RIDDEN_GAITS,
  SIDES,
} from '@fulcra/core';
import { type DemoAnimal } from './animals';
import { type BackBuild, FRONT_AT_MM, landmarkReadings, sectionTake, stationAtMm, toplineTake } from './back-generator';
import { STEADY_HAND } from './front-section-generator';
import { demoId } from './ids';

export interface DemoTake {
  readonly id: string;
  readonly take: TakeWrite;
}
export interface DemoFact {
  readonly id: string;
  readonly madeAt: string;
  readonly body: FactBody;
}

const TAKES_EACH = 3;
const WHOLE: readonly SectionStation[] = SECTION_STATIONS.filter((s) => !s.startsWith('extra'));

/** Three takes of the front, as a quick visit has them. */
export function frontTakes(animal: DemoAnimal, on: string, firstId: number): DemoTake[] {
  return takesOf(animal.back, ['front'], on, firstId, seededRandom(animal.number * 7919));
}

/** Three takes of every station and of the topline. */
export function wholeBackTakes(animal: DemoAnimal, build: BackBuild, on: string, firstId: number): DemoTake[] {
  const random = seededRandom(animal.number * 7919);
  const sections = takesOf(build, WHOLE, on, firstId, random);
  const lines = Array.from({ length: TAKES_EACH }, (_, i) => ({
    id: demoId(firstId + sections.length + i),
    take: {
      station: 'topline' as const,
      takenAtMm: 0,
      takenAt: momentOn(on, sections.length + i),
      reading: { kind: 'line' as const, line: toplineTake(build, STEADY_HAND, random) },
    },
  }));
  return [...sections, ...lines];
}

function takesOf(build: BackBuild, stations: readonly SectionStation[], on: string, firstId: number, random: Random): DemoTake[] {
  return stations.flatMap((station, s) =>
    Array.from({ length: TAKES_EACH }, (_, i) => ({
      id: demoId(firstId + s * TAKES_EACH + i),
      take: {
        station,
        takenAtMm: station === 'front' ? FRONT_AT_MM : stationAtMm(build, station),
        takenAt: momentOn(on, s * TAKES_EACH + i),
        reading: { kind: 'points' as const, points: sectionTake(build, station, STEADY_HAND, random) },
      },
    })),
  );
}

const momentOn = (on: string, minute: number): string => `${on}T09:${String(10 + minute).padStart(2, '0')}:00.000Z`;

const EVERY_SPOT = FEEL_PLACES.flatMap((place) => SIDES.map((side) => ({ place, side })));

/** What was felt and marked at a whole visit: nothing sore, every landmark, weight and work of that day, the barrel where it was taken. */
export function wholeBackFacts(
  build: BackBuild,
  on: string,
  weightKg: number,
  firstId: number,
  { barrel, seen }: { readonly barrel: BarrelMeasures | null; readonly seen: string },
): DemoFact[] {
  const bodies: FactBody[] = [
    { kind: 'intake', field: 'weightKg', value: weightKg },
    { kind: 'intake', field: 'work', value: 'medium' },
    { kind: 'intake', field: 'timeOff', value: 'none' },
    { kind: 'cautionsShown' },
    ...landmarkReadings(build).map((reading): FactBody => ({ kind: 'landmark', ...reading })),
    ...(barrel === null ? [] : [{ kind: 'barrel' as const, ...barrel, traced: null }]),
    ...PASS_IDS.map((pass): FactBody => ({ kind: 'feel', spots: EVERY_SPOT, pass, reaction: 'none', signs: [] })),
    { kind: 'ridden', gaits: [...RIDDEN_GAITS], seen },
  ];
  return bodies.map((body, i) => ({ id: demoId(firstId + i), madeAt: `${on}T09:05:00.000Z`, body }));
}
