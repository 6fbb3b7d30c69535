import { type SitQuestion, ENGINE_DEFAULTS, presentSetup, ride, sit, sitBench } from '@fulcra/core';
import { DEMO_ANIMALS, DEMO_SADDLES, trueBody } from '@fulcra/demo';

/** The same saddle on the same back with finer and finer cells: what a finer grid would still change, standing and in a trot. */
const body = trueBody(DEMO_ANIMALS[6]!.back);
const saddle = DEMO_SADDLES.find((s) => s.name === 'Breaker')!;
const rider = { massKg: 75, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' } as const;
const question: SitQuestion = { body, saddle, setup: { ...presentSetup(saddle, 55), width: 0 }, rider, pose: 'resting' };

const HEAD = ['Cell mm', 'Cells', 'Heave mm', 'Pitch °', 'Roll °', 'Mean kPa', 'Peak kPa', 'Of exact', 'Trot: peak kPa', 'Trot: creep mm'];
console.log(`| ${HEAD.join(' | ')} |\n| ${HEAD.map(() => '---').join(' | ')} |`);
for (const stepMm of [16, 12, 8, 5, 3]) {
  const bench = sitBench(body, 'resting', ENGINE_DEFAULTS, stepMm);
  const outcome = sit(question, bench);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
  const { settled, measures: m, exact, panel } = outcome.value;
  const riding = ride(question, bench, ['trotSitting']);
  let step = riding.next();
  while (!step.done) step = riding.next();
  const trot = step.value.ok ? step.value.value.strides.trotSitting : undefined;
  const row = [
    stepMm,
    panel.count,
    settled.pose.heaveMm.toFixed(2),
    settled.pose.pitchDeg.toFixed(2),
    settled.pose.rollDeg.toFixed(2),
    m.meanKPa.toFixed(1),
    m.peakKPa.toFixed(1),
    (m.peakKPa / exact.peakKPa).toFixed(2),
    trot?.peak?.kPa.toFixed(1) ?? '-',
    trot?.creepMm?.toFixed(2) ?? 'no rest',
  ];
  console.log(`| ${row.join(' | ')} |`);
}
