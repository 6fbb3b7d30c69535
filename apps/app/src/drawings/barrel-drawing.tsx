import { mmWords } from '../words/measure-words';
import { type Barrel, halfBreadthAt } from '@fulcra/core';
import Svg, { Line, Path } from 'react-native-svg';
import { usePalette } from '../ui/use-palette';
import { BARREL_PHRASES } from '../words/barrel-phrases';
import { pathOf } from './path-of';
import { trueScale } from './true-scale';
import { ValuePeg } from './value-peg';

/** Where one of the barrel's measures is taken. */
export type BarrelMeasure = 'circumference' | 'breadth' | 'widest' | 'depth';

export interface BarrelDrawingProps {
  readonly barrel: Barrel;
  readonly here: BarrelMeasure | null;
  readonly widthPx: number;
  readonly heightPx: number;
}

const EVERY_MM = 4;
const RIM_MM = 40;

/** The barrel seen from behind, true to scale; the measure in hand is drawn where it is taken. */
export function BarrelDrawing({ barrel, here, widthPx, heightPx }: BarrelDrawingProps) {
  const palette = usePalette();
  const bottomMm = barrel.traced === undefined ? barrel.widestBelowMm + barrel.halfDepthMm : lowest(barrel);
  const topMm = 0;
  const pxPerMm = Math.min((heightPx - 20) / (bottomMm - topMm + 2 * RIM_MM), (widthPx - 20) / (2 * barrel.halfBreadthMm + 2 * RIM_MM));
  const scale = trueScale(pxPerMm, -widthPx / pxPerMm / 2, -topMm + RIM_MM);
  const rows = Array.from({ length: Math.ceil((bottomMm - topMm) / EVERY_MM) + 1 }, (_, i) => Math.min(bottomMm, topMm + i * EVERY_MM));
  const side = (sign: 1 | -1): (readonly [number, number])[] =>
    rows.map((below) => [scale.x(sign * halfBreadthAt(barrel, below)), scale.y(-below)]);
  const outline = `${pathOf([...side(-1), ...side(1).reverse()])}Z`;
  const mark = { stroke: palette.action, strokeWidth: 4 } as const;
  const faint = { stroke: palette.ruleStrong, strokeWidth: 1.4, strokeDasharray: '5 4' } as const;
  const widest = scale.y(-barrel.widestBelowMm);
  const spoken = BARREL_PHRASES.drawing(Math.round(2 * barrel.halfBreadthMm), Math.round(bottomMm - topMm));
  return (
    <Svg width={widthPx} height={heightPx} role="img" aria-label={spoken} style={{ backgroundColor: palette.sheet }}>
      <Path
        d={outline}
        fill={palette.horse}
        stroke={here === 'circumference' ? palette.action : palette.ink}
        strokeWidth={here === 'circumference' ? 4 : 2}
      />
      <Line
        x1={scale.x(-barrel.halfBreadthMm)}
        x2={scale.x(barrel.halfBreadthMm)}
        y1={widest}
        y2={widest}
        {...(here === 'breadth' ? mark : faint)}
      />
      <Line x1={scale.x(0)} x2={scale.x(0)} y1={scale.y(0)} y2={scale.y(-bottomMm)} {...(here === 'depth' ? mark : faint)} />
      {here === 'widest' ? <Line x1={scale.x(0)} x2={scale.x(0)} y1={scale.y(0)} y2={widest} {...mark} /> : null}
      <ValuePeg x={scale.x(0)} y={widest - 18} text={mmWords(2 * barrel.halfBreadthMm)} palette={palette} widthPx={widthPx} />
    </Svg>
  );
}

const lowest = ({ traced, widestBelowMm, halfDepthMm }: Barrel): number => traced?.at(-1)?.belowMm ?? widestBelowMm + halfDepthMm;
