import { DEMO_ANIMALS } from './animals';
import { demoFindings } from './findings';

/** The page of docs/ that holds the engine against what was built into the demo's animals. */
export function findingsPage(findings = demoFindings()): string {
  const rows = findings.map((f) => `| ${f.animal} | ${f.builtIn} | ${f.found} | ${f.agrees ? 'yes' : '**no**'} |`);
  return `# What the engine finds in the demo's animals

Made by \`npm run findings\`; a test makes it again and compares. Each animal is generated from numbers, so that what is wrong with it is
known; the engine is given only its sections, topline and landmarks. Rider 75 kg, 80 N of girth a side, school static close; each saddle
lies where that school puts it, in the width that does best, otherwise as it hangs in the stock.

| Animal | Built in | Found | Agrees |
| --- | --- | --- | --- |
${rows.join('\n')}

The numbers that bear on running forward, as the generator was given them: height of the croup over the line through withers and loin,
how much the flanks open from the base of the withers to the last rib, and where the girth groove lies.

| Animal | Croup mm | Opens behind ° | Groove mm |
| --- | --- | --- | --- |
${DEMO_ANIMALS.map((a) => `| ${a.horse.name} | ${a.back.croupMm} | ${a.back.rearOpensDeg} | ${a.back.grooveMm} |`).join('\n')}

In a rising trot all the weight hangs on the stirrup bars at the top of the rise; on these saddles nobody measured where the bars are,
and 40 mm behind the arch (default) most of them then tip past 8°. It is told as that, and ranks nothing.
`;
}
