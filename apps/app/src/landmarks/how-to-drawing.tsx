import { LANDMARKS_PHRASES } from '../words/landmarks-phrases';
import { type LandmarkId } from '@fulcra/core';
import Svg, { Circle, Path } from 'react-native-svg';
import { silhouette } from '../drawings/silhouette';
import { usePalette } from '../ui/use-palette';

/** Where to put the hand, on one small horse seen from the near side; the widths on a back cut across. */
const HAND: Readonly<Record<LandmarkId, readonly [x: number, y: number, sweep: string]>> = {
  scapulaRest: [37, 28, 'M29 40L37 28'],
  scapulaForward: [43, 29, 'M33 30H43'],
  witherTop: [30, 18, 'M20 16H40'],
  witherBase: [41, 24, 'M32 19L41 24'],
  girthGroove: [41, 55, 'M41 34V55'],
  lowPoint: [54, 28, 'M46 27Q54 31 62 27'],
  widestBarrel: [62, 41, 'M50 41H70'],
  lastRib: [65, 26, 'M82 34L72 44M72 44Q67 36 65 26'],
  spineEdge: [50, 16, 'M43 16H57'],
  muscleEdge: [50, 22, 'M32 26Q50 10 68 26'],
};
const ACROSS = 'M18 62Q22 36 38 26Q46 24 50 14Q54 24 62 26Q78 36 82 62';

/** One drawing for each landmark: the hand's way, and where it ends. */
export function HowToDrawing({ landmark }: { readonly landmark: LandmarkId }) {
  const palette = usePalette();
  const [x, y, sweep] = HAND[landmark];
  const across = landmark === 'spineEdge' || landmark === 'muscleEdge';
  const outline = across ? ACROSS : silhouette('withers', 'ordinary').outline;
  return (
    <Svg width="100%" height={130} viewBox="0 0 100 70" role="img" aria-label={LANDMARKS_PHRASES.whereToPut}>
      <Path d={outline} fill={palette.horse} stroke={palette.ink} strokeWidth={1.2} />
      <Path d={sweep} fill="none" stroke={palette.leather} strokeWidth={1.6} strokeDasharray="3 2" />
      <Circle cx={x} cy={y} r={3} fill={palette.action} stroke={palette.sheet} strokeWidth={1} />
    </Svg>
  );
}
