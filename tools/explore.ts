import { fitBench, assess, bestSetup, rankStock, presentSetup, schoolById, backSurface, horseBody, prepareSection, resolveLandmarks, sectionFromPoints, lengthwiseFromPoints } from '@fulcra/core';
import { DEMO_ANIMALS, DEMO_SADDLES, landmarkReadings, stationAtMm, trueStation, trueTopline } from '@fulcra/demo';
const only = process.argv[2];
for (const a of DEMO_ANIMALS) {
  const st = (['front','base','low','lastRib'] as const).map((s) => { const o = sectionFromPoints(trueStation(a.back, s)); if (!o.ok) throw 1; return { xMm: stationAtMm(a.back, s), section: o.value.section }; });
  const t = lengthwiseFromPoints(trueTopline(a.back)); if (!t.ok) throw 1;
  const surf = backSurface({ stations: st, topline: t.value }); if (!surf.ok) throw 1;
  const lm = resolveLandmarks(landmarkReadings(a.back));
  const body = horseBody(surf.value, { landmarks: lm, stationsMm: { front: 50, low: a.back.lowMm, lastRib: a.back.lastRibMm }, liftMm: null, front: { section: prepareSection(st[0]!.section), takenAtMm: 50 } });
  console.log('==', a.horse.name);
  const bench = fitBench(body, schoolById('static-close'), { massKg: 70, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' }, 60);
  const t0 = performance.now();
  const g = rankStock(bench, DEMO_SADDLES); let r = g.next(); let last: any; while (!r.done) { last = r.value; r = g.next(); }
  console.log('ms', (performance.now() - t0).toFixed(0), 'tried', last.tried, 'per setup', ((performance.now() - t0)/last.tried).toFixed(2));
  for (const x of r.value.ranked) {
    const s = DEMO_SADDLES.find((q) => q.id === x.id)!;
    console.log('  ', s.name.padEnd(24), s.front.settings[x.best.setup.width]!.label.padEnd(8), 'score', x.best.score.toFixed(0).padStart(3), 'stops', x.best.stops.join(','), '| place', x.best.setup.placeMm, 'curve', x.best.setup.curveMm, 'fd', x.best.setup.frontDepthMm, 'rd', x.best.setup.rearDepthMm, x.best.setup.straps.join('+'), '|', x.against.map((w) => `${w.id} ${w.value?.toFixed(2)}`).join('; '), '|', x.best.resting.chains.map((c)=>c.id).join(','));
  }
  for (const x of r.value.refused) console.log('   refused', x.id, JSON.stringify(x.problems));
}
