import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { demoFindings, findingsPage } from '..';

const PAGE = join(__dirname, '../../../../docs/demo-findings.md');

describe('the engine on the demo’s eight animals', () => {
  it.each(demoFindings().map((f) => [f.animal, f] as const))('finds in %s what the generator built in', (_, finding) => {
    expect(finding).toMatchObject({ agrees: true });
  });

  it('says so in docs, in a page that is made and not written', () => {
    expect(squeezed(readFileSync(PAGE, 'utf8'))).toBe(squeezed(findingsPage()));
  });
});

/** The formatter pads tables; the words are what counts. */
const squeezed = (page: string): string => page.replace(/ +/g, ' ').replace(/-{3,}/g, '---');
