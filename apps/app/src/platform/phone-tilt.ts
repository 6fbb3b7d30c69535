import { useCallback, useState } from 'react';

/** A phone that has no sensor, or won't tell, says nothing: after so long that is said, ms. */
const WAIT_MS = 1500;

/** How far the phone is turned clockwise as it is held upright now, degrees; from its angles as the browser tells them. */
export const tiltOf = (
  { gamma, beta }: { readonly gamma: number | null; readonly beta: number | null },
  turnedDeg: number,
): number | null => {
  if (gamma === null || beta === null) return null;
  // held sideways, what was across is up and down
  const deg = turnedDeg === 90 ? -beta : turnedDeg === 270 || turnedDeg === -90 ? beta : gamma;
  return Math.round(deg * 2) / 2;
};

/** Reads the phone's tilt once, when asked; says where there is none to be read. */
export function usePhoneTilt(onTilt: (deg: number) => void): { readonly read: () => void; readonly none: boolean } {
  const [none, setNone] = useState(false);
  const read = useCallback(() => {
    const end = (deg: number | null): void => {
      window.removeEventListener('deviceorientation', hear);
      clearTimeout(timer);
      setNone(deg === null);
      if (deg !== null) onTilt(deg);
    };
    const hear = (event: DeviceOrientationEvent) => end(tiltOf(event, screen.orientation?.angle ?? 0));
    const timer = setTimeout(() => end(null), WAIT_MS);
    window.addEventListener('deviceorientation', hear);
  }, [onTilt]);
  return { read, none };
}
