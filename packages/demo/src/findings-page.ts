import { demoFindings } from './findings';

/** The page of docs/ that holds the engine against what was built into the demo's animals. */
export function findingsPage(): string {
  const rows = demoFindings().map((f) => `| ${f.animal} | ${f.builtIn} | ${f.found} | ${f.agrees ? 'yes' : '**no**'} |`);
  return `# What the engine finds in the demo's animals

Made by \`npm run findings\`; a test makes it again and compares. Each animal is generated from numbers, so that what is wrong with it is
known; the engine is given only its sections, topline and landmarks. Rider 75 kg at halt, 60 N a strap, school static close; each saddle
lies where that school puts it, in the width that does best, otherwise as it hangs in the stock.

| Animal | Built in | Found | Agrees |
| --- | --- | --- | --- |
${rows.join('\n')}
`;
}
