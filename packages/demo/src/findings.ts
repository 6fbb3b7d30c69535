import { type Saddle } from '@fulcra/contract';
import {
  type Assessed,
  type FitBench,
  type RiderLoad,
  type SaddleSetup,
  type Sitting,
  assess,
  betterOf,
  fitBench,
  naturalPlaceMm,
  presentSetup,
  schoolById,
  sit,
} from '@fulcra/core';
import { DEMO_ANIMALS, type DemoAnimal } from './animals';
import { trueBody } from './demo-body';
import { DEMO_SADDLES } from './saddles';

/** What the generator built into one animal, what the engine says of it, and whether that is the same. */
export interface Finding {
  readonly animal: string;
  readonly builtIn: string;
  readonly found: string;
  readonly agrees: boolean;
}

const RIDER: RiderLoad = { massKg: 75, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' };
const STRAP_N = 60;

interface Laid {
  readonly saddle: Saddle;
  readonly setup: SaddleSetup;
  readonly sitting: Sitting;
}

/** A saddle of the stock on this animal, in the width that does best with everything else as it is. */
function laid(bench: FitBench, name: string, change: Partial<SaddleSetup> = {}): Laid {
  const saddle = DEMO_SADDLES.find((s) => s.name === name)!;
  const place = naturalPlaceMm(bench.body, saddle, bench.school);
  const tried = saddle.front.settings.flatMap((_, width): Assessed[] => {
    const outcome = assess(bench, saddle, { ...presentSetup(saddle, place), ...change, width });
    return outcome.ok ? [outcome.value] : [];
  });
  const { setup } = [...tried].sort(betterOf)[0]!;
  const sitting = sit({ body: bench.body, saddle, setup, rider: RIDER, pose: 'resting', strapPullN: STRAP_N }, bench.poses.resting);
  if (!sitting.ok) throw new Error(`${name} can't be laid on this animal`);
  return { saddle, setup, sitting: sitting.value };
}

const SCHOOL = schoolById('static-close');
const benchOf = (animal: DemoAnimal): FitBench => fitBench(trueBody(animal.back), SCHOOL, RIDER, STRAP_N);
const animalNamed = (name: string): DemoAnimal => DEMO_ANIMALS.find((a) => a.horse.name === name)!;
const pct = (share: number): string => `${Math.round(100 * share)} %`;
const middle = (l: Laid): number => l.sitting.measures.thirds[1];
const roll = (l: Laid): number => l.sitting.settled.pose.rollDeg;

const FLAT = 'Long-seat working saddle no. 4';
const ROUND = 'Holm trekker no. 1';
const NARROW = 'Skerry distance';
const PONY = 'Pony club hack';
const SETTABLE = 'Breaker';

/** One claim per animal of the scenario, each with the numbers it rests on. */
export function demoFindings(): Finding[] {
  return [bramble(), oldHob(), marl(), juno(), pipit(), thistledown(), corrie(), tarn()];
}

function bramble(): Finding {
  const drifts = DEMO_ANIMALS.map((a) => ({ name: a.horse.name, along: laid(benchOf(a), ROUND).sitting.drift.along }));
  const sorted = [...drifts].sort((a, b) => a.along - b.along);
  const own = drifts.find((d) => d.name === 'Bramble')!.along;
  return {
    animal: 'Bramble',
    builtIn: 'downhill, pear-shaped, groove far forward: runs forward',
    found: `drifts forward most of the eight in ${ROUND}: ${own.toFixed(2)} (next ${sorted[1]!.name} ${sorted[1]!.along.toFixed(2)})`,
    agrees: sorted[0]!.name === 'Bramble' && own < SCHOOL.rules.driftAlong.least,
  };
}

function oldHob(): Finding {
  const bench = benchOf(animalNamed('Old Hob'));
  const flat = laid(bench, FLAT);
  const deep = laid(bench, SETTABLE, { curveMm: 35 });
  const most = Math.max(...DEMO_SADDLES.map((s) => middle(laid(bench, s.name))), middle(deep));
  return {
    animal: 'Old Hob',
    builtIn: 'deep dip: bridges under a flat tree, rocks on none',
    found: `middle third carries ${pct(middle(flat))} under the flat tree with ${flat.sitting.shape.bridgeGapMm.toFixed(0)} mm of daylight; ${pct(middle(deep))} under the deep one; at most ${pct(most)} under any`,
    agrees: middle(flat) < 0.05 && flat.sitting.shape.bridgeGapMm > 8 && middle(deep) > middle(flat) + 0.1 && most < 0.44,
  };
}

function marl(): Finding {
  const l = laid(benchOf(animalNamed('Marl')), ROUND);
  return {
    animal: 'Marl',
    builtIn: 'fuller behind the near shoulder than the off',
    found: `leans to the off by ${roll(l).toFixed(1)}° in ${ROUND}`,
    agrees: roll(l) > 0.7,
  };
}

function juno(): Finding {
  const bench = benchOf(animalNamed("Juno's Ledger"));
  const over = (name: string): number => laid(bench, name).sitting.withers.overMm!;
  const [narrow, others] = [over(NARROW), [ROUND, 'Holm trekker no. 2', FLAT].map(over)];
  return {
    animal: "Juno's Ledger",
    builtIn: 'high, narrow withers: only a narrow, peaked front stays off them',
    found: `${narrow.toFixed(0)} mm over the withers in ${NARROW}; ${others.map((o) => o.toFixed(0)).join(', ')} mm in the broad ones`,
    agrees: narrow > 25 && others.every((o) => o < narrow - 15),
  };
}

function pipit(): Finding {
  const bench = benchOf(animalNamed('Pipit'));
  const before = (name: string): number => laid(bench, name).sitting.places.panelBeforeRibMm!;
  const others = DEMO_SADDLES.filter((s) => s.name !== PONY).map((s) => before(s.name));
  return {
    animal: 'Pipit',
    builtIn: 'short back: only a short saddle ends before the last rib',
    found: `${PONY} ends ${before(PONY).toFixed(0)} mm before it; every other lies ${Math.min(...others.map((o) => -o)).toFixed(0)} mm or more past it`,
    agrees: before(PONY) >= 0 && others.every((o) => o < -20),
  };
}

function thistledown(): Finding {
  const bench = benchOf(animalNamed('Thistledown'));
  const l = laid(bench, SETTABLE);
  const wide = laid(bench, 'Holm trekker no. 2');
  return {
    animal: 'Thistledown',
    builtIn: 'narrow and unfinished, croup higher than the withers: a broad saddle comes down on her',
    found: `${wide.sitting.withers.overMm!.toFixed(0)} mm over the withers in the broad trekker against ${l.sitting.withers.overMm!.toFixed(0)} in ${SETTABLE}; straps pull forward with ${(-l.sitting.drift.strapsAlongN).toFixed(0)} N`,
    agrees: wide.sitting.withers.overMm! < l.sitting.withers.overMm! - 10 && l.sitting.drift.strapsAlongN < 0,
  };
}

function corrie(): Finding {
  const bench = benchOf(animalNamed('Corrie'));
  const rolls = DEMO_SADDLES.map((s) => roll(laid(bench, s.name)));
  return {
    animal: 'Corrie',
    builtIn: 'weak on the off side: rolls and slips to it',
    found: `rolls to the off in every saddle of the stock, by ${Math.min(...rolls).toFixed(1)} to ${Math.max(...rolls).toFixed(1)}°`,
    agrees: rolls.every((r) => r > 2),
  };
}

function tarn(): Finding {
  const bench = benchOf(animalNamed('Tarn'));
  const [flat, deep] = [8, 35].map((curveMm) => laid(bench, SETTABLE, { curveMm }));
  const least = middle(laid(bench, FLAT));
  return {
    animal: 'Tarn',
    builtIn: 'straight back: rocks under a deep tree, bridges under none',
    found: `middle third carries ${pct(middle(deep!))} under the deep tree and ${pct(middle(flat!))} under the flat one; tips with ${deep!.sitting.stiffness.pitchNmPerDeg.toFixed(0)} Nm a degree against ${flat!.sitting.stiffness.pitchNmPerDeg.toFixed(0)}`,
    agrees: middle(deep!) > 0.44 && middle(flat!) < 0.44 && least > 0.12,
  };
}
