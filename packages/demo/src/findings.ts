import { type Saddle } from '@fulcra/contract';
import {
  type Assessed,
  type FitBench,
  type Ridden,
  type RiderLoad,
  type SaddleSetup,
  type Sitting,
  type StrideGaitId,
  assess,
  betterOf,
  fitBench,
  naturalPlaceMm,
  presentSetup,
  ride,
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
const STRAP_N = schoolById('static-close').engine.strapPullN;

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
  const rides = DEMO_ANIMALS.map((a) => ({
    name: a.horse.name,
    strides: ridden(benchOf(a), ROUND, ['walk', 'trotSitting', 'canterNear']),
  }));
  const light = (r: (typeof rides)[number]): number => r.strides.trotSitting!.driftAtLeastLoad!.along;
  const sorted = [...rides].sort((a, b) => light(a) - light(b));
  const own = rides.find((r) => r.name === 'Bramble')!;
  const ahead = rides.filter((r) => r.strides.canterNear!.word !== 'stays' && r.strides.canterNear!.towards === 'head');
  const { walk, trotSitting: trot, canterNear: canter } = own.strides;
  return {
    animal: 'Bramble',
    builtIn: 'downhill, pear-shaped, groove far forward: runs forward',
    found: `in ${ROUND} ${walk!.word} in walk, ${trot!.word} in trot (${trot!.creepMm!.toFixed(2)} mm a stride), ${canter!.word} toward the head in canter (${canter!.creepMm?.toFixed(2) ?? 'no rest'}), ${ahead.length === 1 ? 'alone of the eight' : `with ${ahead.length - 1} others`}; at the lightest instant of the trot it uses ${pct(-light(own))} of its hold toward the head, ${sorted[1]!.name} ${pct(-light(sorted[1]!))}`,
    agrees: sorted[0]!.name === 'Bramble' && canter!.word !== 'stays' && canter!.towards === 'head',
  };
}

/** Strides of a saddle of the stock on this animal, in the width that does best. */
function ridden(bench: FitBench, name: string, gaits: readonly StrideGaitId[]): Ridden['strides'] {
  const { saddle, setup } = laid(bench, name);
  const riding = ride({ body: bench.body, saddle, setup, rider: RIDER, pose: 'resting', strapPullN: STRAP_N }, bench.poses.resting, gaits);
  let step = riding.next();
  while (!step.done) step = riding.next();
  if (!step.value.ok) throw new Error(`${name} can't be ridden on this animal`);
  return step.value.value.strides;
}

function oldHob(): Finding {
  const bench = benchOf(animalNamed('Old Hob'));
  const flat = laid(bench, FLAT);
  const deep = laid(bench, SETTABLE, { curveMm: 35 });
  const most = Math.max(...DEMO_SADDLES.map((s) => middle(laid(bench, s.name))), middle(deep));
  return {
    animal: 'Old Hob',
    builtIn: 'deep dip, 32 mm: bridges under a flat tree',
    found: `middle third carries ${pct(middle(flat))} under the flat tree with ${flat.sitting.shape.bridgeGapMm.toFixed(0)} mm of daylight; ${pct(middle(deep))} under the deep one; at most ${pct(most)} under any, where the tree is a little deeper than the dip`,
    agrees: middle(flat) < 0.05 && flat.sitting.shape.bridgeGapMm > 8 && middle(deep) > middle(flat) + 0.1 && most < 0.55,
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
    found: `${narrow.toFixed(0)} mm over the withers in ${NARROW}; ${others.map((o) => o.toFixed(0)).join(', ')} mm in the broad ones, of ${SCHOOL.rules.withersOver.least} wanted`,
    agrees: narrow >= SCHOOL.rules.withersOver.least && others.every((o) => o < SCHOOL.rules.withersOver.least),
  };
}

function pipit(): Finding {
  const bench = benchOf(animalNamed('Pipit'));
  // the panels' own ends, whether they carry or not
  const before = (name: string): number => bench.body.lastRibMm! - laid(bench, name).sitting.places.panelEndMm;
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
  const all = DEMO_SADDLES.map((s) => laid(bench, s.name)).filter((l) => l.sitting.settled.state === 'settled');
  const rolls = all.map(roll);
  const off = ridden(bench, SETTABLE, ['canterOff']).canterOff!;
  return {
    animal: 'Corrie',
    builtIn: 'weak on the off side: rolls and slips to it',
    found: `rolls to the off in every saddle of the stock that stays, by ${Math.min(...rolls).toFixed(1)} to ${Math.max(...rolls).toFixed(1)}°; on the off lead of the canter ${SETTABLE} ${off.noRest === null ? `${off.word}` : 'goes over'} to the ${off.towards}`,
    agrees: rolls.every((r) => r > 2) && off.word !== 'stays' && off.towards === 'off',
  };
}

function tarn(): Finding {
  const bench = benchOf(animalNamed('Tarn'));
  const [flat, deep] = [8, 35].map((curveMm) => laid(bench, SETTABLE, { curveMm }));
  const least = middle(laid(bench, FLAT));
  return {
    animal: 'Tarn',
    builtIn: 'straight back: rocks, the more the deeper the tree; bridges under none',
    found: `middle third carries ${pct(middle(deep!))} under the deep tree and ${pct(middle(flat!))} under the flat one; tips with ${deep!.sitting.stiffness.pitchNmPerDeg.toFixed(0)} Nm a degree against ${flat!.sitting.stiffness.pitchNmPerDeg.toFixed(0)}`,
    agrees:
      middle(deep!) > 0.44 &&
      middle(deep!) > middle(flat!) &&
      deep!.sitting.stiffness.pitchNmPerDeg < flat!.sitting.stiffness.pitchNmPerDeg &&
      least > 0.12,
  };
}
