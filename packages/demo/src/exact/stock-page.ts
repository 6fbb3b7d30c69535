import {
  type CriterionId,
  type DescribedSaddle,
  type SitRow,
  assessRidden,
  describedOf,
  evenFlock,
  fitBench,
  rankStock,
  schoolById,
} from '@fulcra/core';
import { DEMO_ANIMALS } from '../animals';
import { trueBody } from '../demo-body';
import { DEMO_SADDLES } from '../saddles';
import { EXACT_RIDER } from './made-to-fit';

/** The best of the stock on one animal: as it was set and filled, standing and ridden. */
export interface BestOfStock {
  readonly animal: string;
  readonly saddle: string;
  readonly stops: readonly CriterionId[];
  readonly standing: number | null;
  readonly ridden: number | null;
  readonly lacks: readonly SitRow[];
}

const SCHOOL = schoolById('static-close');

function finished<T, R>(job: Generator<T, R>): R {
  let step = job.next();
  while (!step.done) step = job.next();
  return step.value;
}

/** Ranks the stock on an animal, fills the best of it under load, and rides it again. */
export function bestOfStock(animal: (typeof DEMO_ANIMALS)[number]): BestOfStock {
  const bench = fitBench(trueBody(animal.back), SCHOOL, EXACT_RIDER, SCHOOL.engine.strapPullN);
  const best = finished(rankStock(bench, DEMO_SADDLES.map(describedOf))).ranked[0]!;
  const saddle: DescribedSaddle = describedOf(DEMO_SADDLES.find((s) => s.id === best.id)!);
  const filled = finished(evenFlock(bench, saddle, best.best.setup));
  const ridden = filled.ok ? finished(assessRidden(bench, saddle, filled.value.best)) : best.best;
  const value = (id: CriterionId): number | null => ridden.resting.rows.find((r) => r.id === id)?.value ?? null;
  return {
    animal: animal.horse.name,
    saddle: DEMO_SADDLES.find((s) => s.id === best.id)!.name,
    stops: ridden.stops,
    standing: value('peakRatio'),
    ridden: value('peakRatioRidden'),
    lacks: ridden.resting.worst.slice(0, 3),
  };
}

/** What the stock offers each of the demo's animals, as a table. */
export function stockTable(): string {
  const { most } = SCHOOL.rules.peakRatio;
  const all = DEMO_ANIMALS.map(bestOfStock);
  const good = all.filter((b) => b.stops.length === 0 && b.ridden !== null && b.ridden <= most);
  const rows = all.map(
    ({ animal, saddle, stops, standing, ridden, lacks }) =>
      `| ${animal} | ${saddle} | ${stops.length === 0 ? 'none' : stops.join(', ')} | ${standing?.toFixed(2) ?? '-'} | ${ridden?.toFixed(2) ?? '-'} | ${lacks.map((r) => `${r.id} ${r.value?.toFixed(2) ?? ''}`).join(', ') || 'nothing'} |`,
  );
  return `## What the demo's stock offers its animals

${SCHOOL.name}: the best of the stock, set best, filled under load, and ridden in walk and sitting trot. ${good.length} of ${all.length} pass every hard stop and keep
their peak within ${most} of an exact fit in walk and trot; what the others still miss is what the stock lacks for them.

| Animal | Best of the stock | Hard stops | Peak standing | Peak ridden | Still misses |
| --- | --- | --- | --- | --- | --- |
${rows.join('\n')}
`;
}
