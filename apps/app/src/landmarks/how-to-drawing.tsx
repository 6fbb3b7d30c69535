import { LANDMARKS_PHRASES } from '../words/landmarks-phrases';
import { type LandmarkId } from '@fulcra/core';
import Svg, { Circle, G, Path } from 'react-native-svg';
import { PLAIN } from '../drawings/horse/form';
import { HorseFigure, viewBoxOf } from '../drawings/horse/horse-figure';
import { type AnatomyId, type ChalkedId } from '../drawings/horse/outline';
import { TRUNK, chalkedPath, placeIn } from '../drawings/horse/paths';
import { usePalette } from '../ui/use-palette';

/** Where the hand ends on the horse seen from the near side, and the line that it follows there. */
const ON_HORSE: Readonly<Partial<Record<LandmarkId, { readonly at: AnatomyId; readonly along: ChalkedId | null }>>> = {
  scapulaRest: { at: 'scapulaRest', along: 'bladeEdge' },
  scapulaForward: { at: 'scapulaForward', along: 'bladeForward' },
  witherTop: { at: 'withers', along: null },
  witherBase: { at: 'witherBase', along: null },
  girthGroove: { at: 'girthGroove', along: 'groove' },
  lowPoint: { at: 'lowPoint', along: null },
  widestBarrel: { at: 'widestBarrel', along: null },
  lastRib: { at: 'lastRib', along: 'lastRib' },
};
/** Widths from edge to edge, on a back cut across: how far out the hand goes. */
const ACROSS = 'M18 62Q22 36 38 26Q46 24 50 14Q54 24 62 26Q78 36 82 62';
const SWEEP: Readonly<Partial<Record<LandmarkId, string>>> = { spineEdge: 'M43 16H57', muscleEdge: 'M32 26Q50 10 68 26' };
const HEIGHT_PX = 168;

/** One drawing for each landmark: the hand's way, and where it ends. */
export function HowToDrawing({ landmark }: { readonly landmark: LandmarkId }) {
  const palette = usePalette();
  const on = ON_HORSE[landmark];
  const shared = { width: '100%', role: 'img', 'aria-label': LANDMARKS_PHRASES.whereToPut } as const;
  if (on === undefined)
    return (
      <Svg {...shared} height={130} viewBox="0 0 100 70">
        <Path d={ACROSS} fill={palette.horse} stroke={palette.ink} strokeWidth={1.2} />
        <Path d={SWEEP[landmark] ?? ''} fill="none" stroke={palette.leather} strokeWidth={1.6} strokeDasharray="3 2" />
      </Svg>
    );
  const [x, y] = placeIn(on.at, PLAIN, TRUNK);
  return (
    <Svg {...shared} height={HEIGHT_PX} viewBox={viewBoxOf(TRUNK)}>
      <HorseFigure box={TRUNK} />
      {on.along === null ? null : (
        <Path d={chalkedPath(on.along, PLAIN, TRUNK)} fill="none" stroke={palette.leather} strokeWidth={1.4} strokeDasharray="3 2" />
      )}
      <G>
        <Circle cx={x} cy={y} r={3} fill={palette.action} stroke={palette.sheet} strokeWidth={1} />
      </G>
    </Svg>
  );
}
