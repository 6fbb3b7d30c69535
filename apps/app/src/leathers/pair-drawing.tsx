import { lengthNumber } from '../words/person-unit';
import { type LeatherPair, type NearOff, EYE_TO_TREAD_MM, SIDES, hangInHole } from '@fulcra/core';
import Svg, { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { ValuePeg } from '../drawings/value-peg';
import { DRAWING_FONT } from '../ui/tokens';
import { usePalette } from '../ui/use-palette';
import { LEATHERS_PHRASES } from '../words/leathers-phrases';

export interface PairDrawingProps {
  readonly pair: LeatherPair;
  readonly widthPx: number;
  readonly heightPx: number;
}

const TOP_PX = 26;
const BOTTOM_PX = 30;

/** Both leathers hung from one bar in the same hole, true to scale: how far their treads differ is seen. */
export function PairDrawing({ pair, widthPx, heightPx }: PairDrawingProps) {
  const palette = usePalette();
  const hole = Math.round((pair.hang.near.hole + pair.hang.off.hole) / 2);
  const hang = { near: hangInHole(pair, 'near', hole), off: hangInHole(pair, 'off', hole) };
  const pxPerMm = (heightPx - TOP_PX - BOTTOM_PX) / Math.max(hang.near, hang.off);
  const x = { near: widthPx * 0.38, off: widthPx * 0.62 };
  const foot = (side: 'near' | 'off'): number => TOP_PX + hang[side] * pxPerMm;
  const half = IRON_MM.half * pxPerMm;
  return (
    <Svg
      width={widthPx}
      height={heightPx}
      role="img"
      aria-label={LEATHERS_PHRASES.drawing(hang.near, hang.off)}
      style={{ backgroundColor: palette.sheet }}
    >
      <Line x1={widthPx * 0.2} x2={widthPx * 0.8} y1={TOP_PX} y2={TOP_PX} stroke={palette.ink} strokeWidth={6} strokeLinecap="round" />
      {SIDES.map((side) => (
        <Hung key={side} side={side} x={x[side]} foot={foot(side)} pxPerMm={pxPerMm} hangMm={hang[side]} nameY={heightPx - 8} />
      ))}
      {Math.abs(hang.off - hang.near) < 0.5 ? null : (
        <>
          {SIDES.map((side) => (
            <Line
              key={side}
              x1={x.near - half}
              x2={x.off + half}
              y1={foot(side)}
              y2={foot(side)}
              stroke={palette.ink}
              strokeWidth={1.2}
              strokeDasharray="4 4"
            />
          ))}
          <ValuePeg
            x={widthPx * 0.86}
            y={(foot('near') + foot('off')) / 2}
            text={LEATHERS_PHRASES.differ(hang.off - hang.near)}
            palette={palette}
            widthPx={widthPx}
          />
        </>
      )}
    </Svg>
  );
}

interface HungProps {
  readonly side: NearOff;
  readonly x: number;
  readonly foot: number;
  readonly pxPerMm: number;
  readonly hangMm: number;
  readonly nameY: number;
}

/** An iron as it is drawn, mm (drawing only). */
const IRON_MM = { half: 58, eye: EYE_TO_TREAD_MM } as const;

function Hung({ side, x, foot, pxPerMm, hangMm, nameY }: HungProps) {
  const palette = usePalette();
  const [half, eye] = [IRON_MM.half * pxPerMm, foot - IRON_MM.eye * pxPerMm];
  return (
    <G>
      <Line x1={x} x2={x} y1={TOP_PX} y2={eye} stroke={palette.leather} strokeWidth={9} />
      <Path
        d={`M${x - half} ${foot}Q${x - half} ${eye} ${x} ${eye}Q${x + half} ${eye} ${x + half} ${foot}Z`}
        fill="none"
        stroke={palette[side]}
        strokeWidth={4}
      />
      <Circle cx={x} cy={TOP_PX} r={5} fill={palette.action} />
      <SvgText x={x} y={nameY} textAnchor="middle" fontFamily={DRAWING_FONT} fontSize={14} fontWeight="700" fill={palette[side]}>
        {`${LEATHERS_PHRASES[side === 'near' ? 'nearShort' : 'offShort']} ${lengthNumber(Math.round(hangMm))}`}
      </SvgText>
    </G>
  );
}
