import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { findingsPage } from '@fulcra/demo';

/** The formatter pads tables; the words are what counts. */
const squeezed = (page: string): string => page.replace(/ +/g, ' ').replace(/-{3,}/g, '---');

it('docs/demo-findings.md is what the engine finds today: made, not written', () => {
  const kept = readFileSync(join(__dirname, '../../../docs/demo-findings.md'), 'utf8');
  expect(squeezed(kept)).toBe(squeezed(findingsPage()));
});
