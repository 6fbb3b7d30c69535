import { useEffect, useState } from 'react';
import { DARK, LIGHT, type Palette } from './tokens';

export type Appearance = 'light' | 'dark';
const query = () => window.matchMedia('(prefers-color-scheme: dark)');

/** Follows the device between day and evening. */
export function useAppearance(): Appearance {
  const [dark, setDark] = useState(() => query().matches);
  useEffect(() => {
    const media = query();
    const follow = () => setDark(media.matches);
    media.addEventListener('change', follow);
    return () => media.removeEventListener('change', follow);
  }, []);
  return dark ? 'dark' : 'light';
}

/** Colours for drawings, which take plain values. */
export const usePalette = (): Palette => (useAppearance() === 'dark' ? DARK : LIGHT);
