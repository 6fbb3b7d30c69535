import { type PointYZ } from '@fulcra/core';
import Svg, { Path } from 'react-native-svg';
import { usePalette } from '../ui/use-palette';
import { paperScale, pathThrough } from './paper-scale';

const WIDTH = 84;
const HEIGHT = 52;

/** A horse known by its own back: its last front section, all at one scale. An empty peg until there is one. */
export function OutlineThumb({ outline }: { readonly outline: readonly PointYZ[] }) {
  const palette = usePalette();
  const scale = paperScale(WIDTH, HEIGHT, { halfWidthMm: 215, aboveMm: 12, belowMm: 200 });
  const line = pathThrough(outline, scale);
  return (
    <Svg width={WIDTH} height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden>
      {outline.length > 1 ? (
        <>
          <Path d={`${line}L${scale.x(outline.at(-1)!.yMm)} ${HEIGHT}L${scale.x(outline[0]!.yMm)} ${HEIGHT}Z`} fill={palette.horse} />
          <Path d={line} fill="none" stroke={palette.ink} strokeWidth={2} />
        </>
      ) : (
        <Path d="M6 48 C18 18 30 8 42 8 S66 18 78 48" fill="none" stroke={palette.ghost} strokeWidth={1.5} strokeDasharray="3 5" />
      )}
    </Svg>
  );
}
