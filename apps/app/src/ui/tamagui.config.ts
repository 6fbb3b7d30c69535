import { createAnimations } from '@tamagui/animations-css';
import { createFont, createTamagui, createTokens } from 'tamagui';
import { BODY_FONT, DARK, LIGHT, type Palette, SLAB_FONT, SPACE } from './tokens';

const sizes = { ...SPACE, target: 48, true: 16 };
const tokens = createTokens({
  size: sizes,
  space: sizes,
  radius: { s: 6, m: 14, round: 999, true: 14 },
  zIndex: { sheet: 100, true: 1 },
  color: { ...LIGHT },
});

const font = (family: string) =>
  createFont({
    family: `"${family}", system-ui, sans-serif`,
    size: { small: 14, body: 16, lead: 18, name: 21, verdict: 24, title: 28, big: 30, true: 16 },
    lineHeight: { small: 19, body: 22, lead: 25, name: 26, verdict: 29, title: 34, big: 36, true: 22 },
    weight: { true: '400', bold: '700' },
    letterSpacing: { true: 0 },
  });

const theme = (p: Palette) => ({ background: p.paper, color: p.ink, ...p });

export const config = createTamagui({
  tokens,
  fonts: { body: font(BODY_FONT), slab: font(SLAB_FONT) },
  themes: { light: theme(LIGHT), dark: theme(DARK) },
  media: { wide: { minWidth: 900 } },
  animations: createAnimations({ quick: 'ease-out 160ms', settle: 'ease-in-out 420ms' }),
  settings: { defaultFont: 'body', styleCompat: 'react-native', allowedStyleValues: 'somewhat-strict-web' },
});

type Conf = typeof config;
declare module 'tamagui' {
  // eslint-disable-next-line @typescript-eslint/no-empty-object-type -- how the library is told its config
  interface TamaguiCustomConfig extends Conf {}
}
