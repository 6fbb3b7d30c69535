import { type CriterionId, SCHOOLS } from '@fulcra/core';
import { stockTable } from './stock-page';
import { type BenchRow, type ExactBench, EXACT_BACKS, exactBench } from './bench';

const share = (part: number, of: number): string => (part === of ? 'all' : `${part} of ${of}`);

/** The page of docs/ that holds the engine against saddles made to fit, and against one thing changed on each. */
export function exactBenchPage(): string {
  const benches = exactBench(SCHOOLS);
  const [first] = benches;
  return `# Saddles made to fit, and one thing changed

Made by \`npm run exact-fits\`. ${EXACT_BACKS.length} backs: the demo's animals and four between and beyond them. From each a saddle is made for
each school: its underside the back and a constant depth, its arch the one that lies even in front (or opens as the school wants it),
on the school's pad, its channel as wide as school and ligament want it, its panels no wider than lets them lie on the muscle, its bars
as far behind the blade and its roof as high as the school wants them, its seat over the middle of what bears, its straps over the
groove; it is judged standing, pushed, in walk and in a sitting trot. Then one thing is changed, and judged again. A change
*moves* its number the right way; it is *named* where the number leaves what the school wants or its chain of faults is told; *else*
are rows that miss now, did not before, and don't follow from the change.

## The saddles as made

${benches.map((bench) => `**${bench.school.name}**: ${missesOf(bench)}`).join('\n\n')}

## One thing changed (${first!.school.name})

${table(first!)}

## The same under the other schools

Named of ${EXACT_BACKS.length} backs; what else misses stands behind it.

| Change | ${benches
    .slice(1)
    .map(({ school }) => school.name)
    .join(' | ')} |
| --- | ${benches
    .slice(1)
    .map(() => '---')
    .join(' | ')} |
${first!.rows
  .map(
    (row, i) =>
      `| ${row.change.name} | ${benches
        .slice(1)
        .map((bench) => cell(bench.rows[i]!))
        .join(' | ')} |`,
  )
  .join('\n')}

Where a change is moved but not named, the number stays inside what the school wants: it is shown with how much is left.

${stockTable()}`;
}

function missesOf({ exact }: ExactBench): string {
  const counts = new Map<CriterionId, string[]>();
  for (const { back, misses } of exact) for (const id of misses) counts.set(id, [...(counts.get(id) ?? []), back]);
  if (counts.size === 0) return 'nothing is told against any of them.';
  const told = [...counts].map(([id, backs]) => `${id} on ${backs.length === exact.length ? 'all' : backs.join(', ')}`);
  return `${told.join('; ')}.`;
}

const namedBy = ({ found }: BenchRow): number => found.filter((f) => f.named || f.chained).length;
const elseIn = ({ found }: BenchRow): string => [...new Set(found.flatMap((f) => f.invented))].join(', ');
const cell = (row: BenchRow): string => `${share(namedBy(row), row.found.length)}${elseIn(row) === '' ? '' : ` (${elseIn(row)})`}`;

function table({ rows }: ExactBench): string {
  const lines = rows.map((row) => {
    const { change, found } = row;
    const numbers = found.flatMap((f) => (f.from === null || f.to === null ? [] : [f.to - f.from]));
    const moved = found.filter((f) => f.moved).length;
    const by = numbers.length === 0 ? '-' : `${Math.min(...numbers).toFixed(2)} to ${Math.max(...numbers).toFixed(2)}`;
    const chain = change.chain === undefined ? '' : `${change.chain}: ${share(found.filter((f) => f.chained).length, found.length)}`;
    return `| ${change.name} | ${change.moves.id} ${change.moves.by > 0 ? '+' : '−'} | ${share(moved, found.length)} | ${by} | ${share(namedBy(row), found.length)} | ${chain} | ${elseIn(row) || 'nothing'} |`;
  });
  return `| Change | Should move | Moves | By | Named | Chain | Else |\n| --- | --- | --- | --- | --- | --- | --- |\n${lines.join('\n')}`;
}
