import { type LandmarkId } from '@fulcra/core';
import Svg, { Circle, Path } from 'react-native-svg';
import { usePalette } from '../ui/use-palette';

/** Where to put the hand, on one small horse seen from the near side; the widths on a back cut across. */
const HAND: Readonly<Record<LandmarkId, readonly [x: number, y: number, sweep: string]>> = {
  scapulaRest: [66, 42, 'M52 58L66 42'],
  scapulaForward: [74, 44, 'M60 44H74'],
  witherTop: [60, 24, 'M46 22H74'],
  witherBase: [84, 30, 'M64 24L84 30'],
  girthGroove: [80, 84, 'M80 50V84'],
  lowPoint: [108, 35, 'M92 32Q108 38 122 33'],
  widestBarrel: [122, 56, 'M100 56H136'],
  lastRib: [134, 36, 'M168 48L146 60M146 60Q138 48 134 36'],
  spineEdge: [110, 26, 'M96 26H124'],
  muscleEdge: [110, 34, 'M70 42Q110 18 150 42'],
};
const HORSE =
  'M18 8Q36 20 48 24Q60 20 72 26Q90 34 108 35Q128 34 148 28Q172 24 184 40Q190 56 184 78L176 112H168L168 82Q120 92 88 86L86 112H78L74 82Q52 72 46 56Q34 44 10 28Z';
const ACROSS = 'M40 88Q46 52 84 40Q102 36 110 20Q118 36 136 40Q174 52 180 88';

/** One drawing for each landmark: the hand's way, and where it ends. */
export function HowToDrawing({ landmark }: { readonly landmark: LandmarkId }) {
  const palette = usePalette();
  const [x, y, sweep] = HAND[landmark];
  const across = landmark === 'spineEdge' || landmark === 'muscleEdge';
  return (
    <Svg width="100%" height={130} viewBox="0 0 220 116" role="img" aria-label="Where to put the hand">
      <Path d={across ? ACROSS : HORSE} fill={palette.horse} stroke={palette.ink} strokeWidth={2} />
      <Path d={sweep} fill="none" stroke={palette.leather} strokeWidth={3} strokeDasharray="5 4" />
      <Circle cx={x} cy={y} r={6} fill={palette.action} stroke={palette.sheet} strokeWidth={2} />
    </Svg>
  );
}
