import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { demoFindings, findingsPage } from '@fulcra/demo';

/** The formatter pads tables; the words are what counts. */
const squeezed = (page: string): string => page.replace(/ +/g, ' ').replace(/-{3,}/g, '---');
/** Found once for both questions: it takes a minute. */
const FINDINGS = demoFindings();

describe('the engine on the demo’s eight animals', () => {
  it.each(FINDINGS.map((f) => [f.animal, f] as const))('finds in %s what the generator built in', (_, finding) => {
    expect(finding).toMatchObject({ agrees: true });
  });

  it('docs/demo-findings.md is what the engine finds today: made, not written', () => {
    const kept = readFileSync(join(__dirname, '../../../docs/demo-findings.md'), 'utf8');
    expect(squeezed(kept)).toBe(squeezed(findingsPage(FINDINGS)));
  });
});
