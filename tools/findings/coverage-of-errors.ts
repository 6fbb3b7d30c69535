import { type Cluster, type HandKind, HANDS, TOLD_IDS, clusteredShare, frontCoverage, peakCoverage, takesCoverage } from '@fulcra/demo';

/** What is told as nine in ten, against backs and hands of its own: how often the truth lies inside. */
const SETS = Number(process.argv[2] ?? 2000);
const percent = (share: number): string => (100 * share).toFixed(1);

console.log(`Takes of one station: ${SETS} sets each, hands spread by 40 %\n`);
const head = ['hand', 'takes', 'agree', 'kept', ...TOLD_IDS];
console.log(`| ${head.join(' | ')} |\n| ${head.map(() => '---').join(' | ')} |`);
const all = TOLD_IDS.map((): number[] => []);
for (const hand of Object.keys(HANDS) as HandKind[]) {
  for (const takes of [2, 3, 4, 5]) {
    const found = takesCoverage(hand, takes, SETS, 1000 * takes + hand.length);
    TOLD_IDS.forEach((id, i) => all[i]!.push(found.inside[id]));
    console.log(
      `| ${[hand, takes, percent(found.sets / SETS), percent(found.kept), ...TOLD_IDS.map((id) => percent(found.inside[id]))].join(' | ')} |`,
    );
  }
}
const mean = (values: readonly number[]): number => values.reduce((s, v) => s + v, 0) / values.length;
console.log(`| all | | | | ${all.map((values) => percent(mean(values))).join(' | ')} |`);

const BACKS = Math.max(8, Math.round(SETS / 5));
const { stock, saddle, byDefault } = frontCoverage(BACKS, 7000);
console.log(`\nRoom over the withers foretold from the front, ${BACKS} backs under every school, hand errors included\n`);
const line = (name: string, clusters: readonly Readonly<Cluster>[]): string => {
  const { share, half } = clusteredShare(clusters);
  return `| ${name} | ${clusters.reduce((s, c) => s + c.asked, 0)} | ${percent(share)} | ${percent(share - half)} to ${percent(share + half)} |`;
};
console.log('| told for | fronts | inside | by the spread between backs, 95 % |\n| --- | --- | --- | --- |');
console.log(line('a saddle of the stock, whichever', stock));
console.log(line('the saddle at hand', saddle));
console.log(`\nTold by default, no build resting there: ${byDefault}`);

const peak = peakCoverage(BACKS, 300);
console.log(`\nPeak over that of an exact fit, ${peak.asked} saddles that rest: ${percent(peak.inside / peak.asked)} inside,`);
console.log(`told ${peak.meanOver.toFixed(2)} over the true one in the mean`);
