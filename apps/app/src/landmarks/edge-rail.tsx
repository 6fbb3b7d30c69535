import { LANDMARKS_PHRASES } from '../words/landmarks-phrases';
import Svg, { Line, Path, Text as SvgText } from 'react-native-svg';
import { DRAWING_FONT } from '../ui/tokens';
import { usePalette } from '../ui/use-palette';
import { RailBox } from '../ui/rail-box';

export interface EdgeRailProps {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly atMm: number;
  readonly onMove: (atMm: number) => void;
}

const HALF_REACH_MM = 190;

/** A back cut across, with both edges to be drawn apart; the number is the width from edge to edge. */
export function EdgeRail({ widthPx, heightPx, atMm, onMove }: EdgeRailProps) {
  const palette = usePalette();
  const px = widthPx / (2 * HALF_REACH_MM);
  const x = (mm: number) => widthPx / 2 + mm * px;
  const y = (mm: number) => 44 + (Math.hypot(mm, 30) - 30) * px * 0.55;
  const line = Array.from({ length: 61 }, (_, i) => {
    const mm = -HALF_REACH_MM + (2 * HALF_REACH_MM * i) / 60;
    return `${i === 0 ? 'M' : 'L'}${x(mm).toFixed(1)} ${y(mm).toFixed(1)}`;
  }).join('');
  return (
    <RailBox
      widthPx={widthPx}
      heightPx={heightPx}
      label={LANDMARKS_PHRASES.widthFromEdge}
      valueMm={atMm}
      leastMm={0}
      mostMm={600}
      toMm={(xPx) => 2 * Math.abs((xPx - widthPx / 2) / px)}
      onMove={(mm) => onMove(Math.max(0, mm))}
    >
      <Svg width={widthPx} height={heightPx} style={{ backgroundColor: palette.sheet }} aria-hidden>
        <Path d={`${line}L${widthPx} ${heightPx}L0 ${heightPx}Z`} fill={palette.horse} />
        <Path d={line} fill="none" stroke={palette.ink} strokeWidth={3} />
        {[-atMm / 2, atMm / 2].map((mm, i) => (
          <Line
            key={i}
            x1={x(mm)}
            x2={x(mm)}
            y1={28}
            y2={heightPx - 14}
            stroke={i === 0 ? palette.near : palette.off}
            strokeWidth={4}
            {...(i === 1 && { strokeDasharray: '10 6' })}
          />
        ))}
        <SvgText x={widthPx / 2} y={20} textAnchor="middle" fontFamily={DRAWING_FONT} fontSize={18} fontWeight="700" fill={palette.action}>
          {LANDMARKS_PHRASES.mmAcross(atMm)}
        </SvgText>
      </Svg>
    </RailBox>
  );
}
