import { demoFindings } from '..';

describe('the engine on the demo’s eight animals', () => {
  it.each(demoFindings().map((f) => [f.animal, f] as const))('finds in %s what the generator built in', (_, finding) => {
    expect(finding).toMatchObject({ agrees: true });
  });
});
