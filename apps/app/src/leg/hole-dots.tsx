import { type NearOff, SIDES } from '@fulcra/core';
import Svg, { Circle } from 'react-native-svg';
import { usePalette } from '../ui/use-palette';

export interface HoleDotsProps {
  readonly count: number;
  /** Counted from the shortest. */
  readonly holes: Readonly<Record<NearOff, number>>;
  readonly widthPx: number;
}

const ROW_PX = 13;
const MOST_APART_PX = 9;

/** A row of holes for each side, near above; the one to ride in is filled. */
export function HoleDots({ count, holes, widthPx }: HoleDotsProps) {
  const palette = usePalette();
  const apart = Math.min(MOST_APART_PX, (widthPx - 8) / Math.max(1, count));
  return (
    <Svg width={widthPx} height={ROW_PX * 2} aria-hidden>
      {SIDES.map((side, row) =>
        Array.from({ length: count }, (_, i) => {
          const here = holes[side] === i + 1;
          return (
            <Circle
              key={`${side}${i}`}
              cx={6 + i * apart}
              cy={ROW_PX * (row + 0.5)}
              r={here ? 4.2 : 2.2}
              fill={here ? palette[side] : 'none'}
              stroke={here ? palette[side] : palette.ruleStrong}
              strokeWidth={1}
            />
          );
        }),
      )}
    </Svg>
  );
}
