/** What a property of a saddle can be set to: it is fixed, it moves in steps through a range, or it is one of a list. */
export type NumberSetting =
  | { readonly kind: 'fixed'; readonly present: number }
  | { readonly kind: 'range'; readonly present: number; readonly least: number; readonly most: number; readonly step: number }
  | { readonly kind: 'options'; readonly present: number; readonly options: readonly number[] };

export const fixedAt = (present: number): NumberSetting => ({ kind: 'fixed', present });

/** More steps than this are not walked through one by one; the range is thinned evenly. */
const MOST_STEPS = 60;

/** Every value it can be set to, rising. A fixed property has one. */
export function settingValues(setting: NumberSetting): number[] {
  if (setting.kind === 'fixed') return [setting.present];
  if (setting.kind === 'options') return [...new Set(setting.options)].sort((a, b) => a - b);
  const { least, most, step } = setting;
  const steps = Math.max(0, Math.floor((most - least) / step + 1e-9));
  const every = Math.max(1, Math.ceil(steps / MOST_STEPS));
  return Array.from({ length: Math.floor(steps / every) + 1 }, (_, i) => round6(least + i * every * step));
}

/** The middle of what it can be, where a fitting begins. */
export function middleValue(setting: NumberSetting): number {
  const values = settingValues(setting);
  return values[Math.floor((values.length - 1) / 2)]!;
}

/** The value one real step along; null at the end of what it can be. */
export function steppedValue(setting: NumberSetting, from: number, direction: -1 | 1): number | null {
  const values = settingValues(setting);
  const next = direction > 0 ? values.find((v) => v > from + 1e-6) : [...values].reverse().find((v) => v < from - 1e-6);
  return next ?? null;
}

const round6 = (v: number): number => Math.round(v * 1e6) / 1e6;
