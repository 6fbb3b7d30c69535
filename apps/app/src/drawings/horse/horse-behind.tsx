import { useMemo } from 'react';
import { G, Path } from 'react-native-svg';
import { usePalette } from '../../ui/use-palette';
import { BEHIND_LAYERS, type BehindForm, type BehindLayer, PLAIN_BEHIND } from './behind';
import { type BehindBox, behindPath } from './paths';

export interface HorseBehindProps {
  readonly box: BehindBox;
  readonly form?: BehindForm;
  readonly strokeWidth?: number;
  readonly stroke?: string;
}

/** A thick line would leave nothing of so thin a thing. */
const TAIL_STROKE = 1;

/** The horse from behind and a step above, near side on the left; within an Svg whose view box is the box. */
export function HorseBehind({ box, form = PLAIN_BEHIND, strokeWidth = 0.8, stroke }: HorseBehindProps) {
  const palette = usePalette();
  const paths = useMemo(
    () => (Object.keys(BEHIND_LAYERS) as BehindLayer[]).flatMap((layer) => behindPath(layer, form, box).map((d) => ({ layer, d }))),
    [box, form],
  );
  const fill = {
    neck: palette.ghost,
    foreLeg: palette.rule,
    back: palette.horse,
    hindLeg: palette.horse,
    quarters: palette.horse,
    tail: palette.ghost,
  };
  return (
    <G>
      {paths.map(({ layer, d }) => (
        <Path
          key={d}
          d={d}
          fill={fill[layer]}
          stroke={stroke ?? palette.ink}
          strokeWidth={layer === 'tail' ? Math.min(strokeWidth, TAIL_STROKE) : strokeWidth}
          strokeLinejoin="round"
        />
      ))}
    </G>
  );
}
