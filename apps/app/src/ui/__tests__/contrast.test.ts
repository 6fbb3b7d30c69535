import { DARK, LIGHT, type Palette } from '../tokens';

function luminance(hex: string): number {
  const part = (i: number): number => {
    const c = parseInt(hex.slice(i, i + 2), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  };
  return 0.2126 * part(1) + 0.7152 * part(3) + 0.0722 * part(5);
}
const contrast = (a: string, b: string): number => {
  const [hi, lo] = [luminance(a), luminance(b)].sort((x, y) => y - x);
  return (hi! + 0.05) / (lo! + 0.05);
};
const INKS: readonly (keyof Palette)[] = ['ink', 'muted', 'action', 'near', 'off', 'good', 'lookOut', 'bad'];

describe.each([
  ['light', LIGHT as Palette],
  ['dark', DARK],
])('%s', (_, palette) => {
  it.each(INKS.flatMap((ink) => (['paper', 'sheet'] as const).map((ground) => [ink, ground] as const)))(
    '%s on %s reaches 4.5 to 1',
    (ink, ground) => {
      expect(contrast(palette[ink], palette[ground])).toBeGreaterThanOrEqual(4.5);
    },
  );

  it('words on the action colour reach 4.5 to 1', () => {
    expect(contrast(palette.onAction, palette.action)).toBeGreaterThanOrEqual(4.5);
  });
});
