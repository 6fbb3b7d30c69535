/** Colours by what they mean. Each pair of ink on ground is checked for contrast by a test. */
export const LIGHT = {
  paper: '#F4EFE4',
  sheet: '#FCFAF4',
  ink: '#1F2421',
  muted: '#5E6259',
  rule: '#D9D0BE',
  ruleStrong: '#8A8578',
  action: '#14595A',
  onAction: '#FFFFFF',
  near: '#1F4E96',
  off: '#9A5207',
  good: '#2B6A3B',
  lookOut: '#8A5A00',
  bad: '#A32A1C',
  leather: '#7A4A2B',
  horse: '#E7DDCA',
  ghost: '#8A8578',
} as const;

export type Palette = { readonly [K in keyof typeof LIGHT]: string };

export const DARK: Palette = {
  paper: '#1B1E1C',
  sheet: '#232724',
  ink: '#F1ECE0',
  muted: '#B4B2A6',
  rule: '#3A3F3A',
  ruleStrong: '#77796F',
  action: '#7CC7C3',
  onAction: '#10201F',
  near: '#8FB6F2',
  off: '#F0A85C',
  good: '#86C796',
  lookOut: '#E3B45A',
  bad: '#F09384',
  leather: '#C08A62',
  horse: '#2E322C',
  ghost: '#8B8D82',
};

/** Steps between things, px. */
export const SPACE = { xs: 4, s: 8, m: 12, l: 16, xl: 24, xxl: 32 } as const;
/** From here on the wide layout is used, px. */
export const WIDE_FROM = 900;

export const BODY_FONT = 'Atkinson Hyperlegible Next';
/** The same face with its own slashed zero, which can't be taken for a letter: numbers stand alone in drawings. */
export const DRAWING_FONT = 'Fulcra drawings';
export const SLAB_FONT = 'Zilla Slab';
