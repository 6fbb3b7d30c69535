import { SIDES } from '@fulcra/core';
import { G, Path } from 'react-native-svg';
import { usePalette } from '../../ui/use-palette';
import {
  type AboveForm,
  CHALKED_FROM_ABOVE,
  GIRTH_FROM_BELOW,
  HALF_FROM_ABOVE,
  HALF_TAIL,
  PLAIN_ABOVE,
  type PlanBox,
  onPlan,
} from './above';
import { planLine, planPath } from './paths';

export interface HorsePlanProps {
  readonly box: PlanBox;
  /** Seen from below there is a girth's place instead of blades and croup. */
  readonly below?: boolean;
  readonly form?: AboveForm;
  readonly strokeWidth?: number;
  readonly stroke?: string;
}

/** The horse from above, or its chest from below, head at the top; within an Svg whose view box is the box. */
export function HorsePlan({ box, below = false, form = PLAIN_ABOVE, strokeWidth = 0.5, stroke }: HorsePlanProps) {
  const palette = usePalette();
  const thin = { fill: 'none', stroke: palette.muted, strokeWidth: 0.3 } as const;
  const [leftX, girthY] = onPlan(box, GIRTH_FROM_BELOW.along, GIRTH_FROM_BELOW.halfOut, 'near');
  return (
    <G>
      {below ? null : <Path d={planPath(HALF_TAIL, box)} fill={palette.ghost} stroke={palette.ink} strokeWidth={0.45} />}
      <Path
        d={planPath(HALF_FROM_ABOVE, box, form)}
        fill={palette.horse}
        stroke={stroke ?? palette.ink}
        strokeWidth={strokeWidth}
        strokeLinejoin="round"
      />
      {below ? (
        <Path
          d={`M${leftX} ${girthY}Q${box.out} ${girthY + 2.4} ${2 * box.out - leftX} ${girthY}`}
          {...thin}
          strokeWidth={0.5}
          strokeDasharray="1.2 1"
        />
      ) : (
        SIDES.flatMap((side) =>
          CHALKED_FROM_ABOVE.map((line, i) => <Path key={`${side}${i}`} d={planLine(line, box, side, form)} {...thin} />),
        )
      )}
      <Path
        d={`M${box.out} ${2}V${box.to - box.from - (below ? 2 : 12)}`}
        stroke={palette.ink}
        strokeWidth={0.35}
        strokeDasharray="0.6 1.4"
      />
    </G>
  );
}
