import { memo } from 'react';
import { G, Line } from 'react-native-svg';
import { type Palette } from '../ui/tokens';
import { type PaperScale } from './paper-scale';

const FINE_MM = 10;
const STRONG_EVERY = 5;

/** Behind anything that is true to scale: a line each centimetre, a stronger one each 50 mm. */
export const MillimetreGrid = memo(function MillimetreGrid({ scale, palette }: { readonly scale: PaperScale; readonly palette: Palette }) {
  const right = scale.leftMm + scale.widthPx / scale.pxPerMm;
  const bottom = scale.topMm - scale.heightPx / scale.pxPerMm;
  const between = (from: number, to: number) =>
    Array.from({ length: Math.max(0, Math.floor(to / FINE_MM) - Math.ceil(from / FINE_MM) + 1) }, (_, i) => Math.ceil(from / FINE_MM) + i);
  const weight = (k: number) => (k % STRONG_EVERY === 0 ? 1 : 0.5);
  return (
    <G>
      {between(scale.leftMm, right).map((k) => (
        <Line
          key={`y${k}`}
          x1={scale.x(k * FINE_MM)}
          x2={scale.x(k * FINE_MM)}
          y1={0}
          y2={scale.heightPx}
          stroke={palette.rule}
          strokeWidth={weight(k)}
        />
      ))}
      {between(bottom, scale.topMm).map((k) => (
        <Line
          key={`z${k}`}
          y1={scale.y(k * FINE_MM)}
          y2={scale.y(k * FINE_MM)}
          x1={0}
          x2={scale.widthPx}
          stroke={palette.rule}
          strokeWidth={weight(k)}
        />
      ))}
      <Line x1={scale.x(0)} x2={scale.x(0)} y1={0} y2={scale.heightPx} stroke={palette.ink} strokeWidth={1.2} strokeDasharray="2 5" />
    </G>
  );
});
