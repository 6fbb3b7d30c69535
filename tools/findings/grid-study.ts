import {
  contactCells,
  inSeries,
  ENGINE_DEFAULTS,
  loadsOf,
  measureContact,
  presentSetup,
  settle,
  strapPulls,
  surfaceHeightMm,
  underside,
} from '@fulcra/core';
import { DEMO_ANIMALS, DEMO_SADDLES, trueBody } from '@fulcra/demo';

/** The same saddle on the same back with finer and finer cells: what a finer grid would still change. */
const body = trueBody(DEMO_ANIMALS[6]!.back);
const saddle = DEMO_SADDLES.find((s) => s.name === 'Breaker')!;
const setup = presentSetup(saddle, 55);
const under = underside(saddle, setup);
const pulls = strapPulls(saddle, setup, body.grooveMm, ENGINE_DEFAULTS.strapPullN, ENGINE_DEFAULTS);
const loads = loadsOf(saddle, setup, { massKg: 75, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' }, pulls, ENGINE_DEFAULTS);
const { tissue, wool } = ENGINE_DEFAULTS.stiffnessKPaPerMm;
const springs = inSeries([tissue, wool], ENGINE_DEFAULTS.hardeningMm);

console.log('| Cell mm | Cells | Heave mm | Pitch ° | Roll ° | Mean kPa | Peak kPa |\n| --- | --- | --- | --- | --- | --- | --- |');
for (const stepMm of [20, 10, 5, 2.5, 1.25]) {
  const cells = contactCells({
    fromXMm: setup.placeMm + under.fromMm,
    toXMm: setup.placeMm + under.toMm,
    halfWidthMm: 150,
    stepMm,
    back: (x, y) => surfaceHeightMm(body.surface, x, y),
    underside: (x, y) => under.heightIn(under.rowAt(x - setup.placeMm), x - setup.placeMm, y),
  });
  const { pose, pressureKPa } = settle(cells, springs, loads);
  const m = measureContact(cells, pressureKPa);
  const row = [
    stepMm,
    cells.x.length,
    pose.heaveMm.toFixed(2),
    pose.pitchDeg.toFixed(2),
    pose.rollDeg.toFixed(2),
    m.meanKPa.toFixed(1),
    m.peakKPa.toFixed(1),
  ];
  console.log(`| ${row.join(' | ')} |`);
}
