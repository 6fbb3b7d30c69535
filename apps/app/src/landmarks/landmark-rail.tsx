import { LANDMARKS_PHRASES } from '../words/landmarks-phrases';
import { type LandmarkSlot, type Landmarks, type Lengthwise, type SettledReading } from '@fulcra/core';
import { useState } from 'react';
import Svg, { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { pathOf } from '../drawings/path-of';
import { backlineLayout } from '../drawings/backline-layout';
import { DRAWING_FONT } from '../ui/tokens';
import { usePalette } from '../ui/use-palette';
import { RailBox } from '../ui/rail-box';

export interface LandmarkRailProps {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly topline: Lengthwise | null;
  readonly landmarks: Landmarks;
  readonly readings: readonly SettledReading[];
  readonly slot: LandmarkSlot;
  readonly atMm: number;
  readonly onMove: (atMm: number) => void;
}

/** The backline with a tape under it: touch or drag to where the hand is. Arrow keys move by a millimetre. */
export function LandmarkRail({ widthPx, heightPx, topline, landmarks, readings, slot, atMm, onMove }: LandmarkRailProps) {
  const palette = usePalette();
  const layout = backlineLayout(topline, landmarks);
  const [held, setHeld] = useState(false);
  const x = (mm: number) => layout.share(mm) * widthPx;
  const y = (mm: number) => heightPx - 46 - layout.height(layout.share(mm)) * (heightPx - 90);
  const colourOf = (r: SettledReading) => (r.side === null ? palette.action : palette[r.side]);
  const line = pathOf(Array.from({ length: 81 }, (_, i) => [(i / 80) * widthPx, y(layout.toMm(i / 80))] as const));
  return (
    <RailBox
      widthPx={widthPx}
      heightPx={heightPx}
      label={LANDMARKS_PHRASES.placeAlongThe}
      valueMm={atMm}
      leastMm={-150}
      mostMm={900}
      toMm={(px) => layout.toMm(px / widthPx)}
      onMove={onMove}
      onHold={setHeld}
    >
      <Svg width={widthPx} height={heightPx} style={{ backgroundColor: palette.sheet }} aria-hidden>
        <Path d={`${line}L${widthPx} ${heightPx - 42}L0 ${heightPx - 42}Z`} fill={palette.horse} />
        <Path d={line} fill="none" stroke={palette.ink} strokeWidth={3} />
        <Tape marks={tapeMarks(layout.toMm(0), layout.toMm(1))} x={x} heightPx={heightPx} />
        {readings.map((r, i) => (
          <Circle
            key={i}
            cx={x(r.atMm)}
            cy={y(r.atMm)}
            r={6}
            fill={r.felt ? colourOf(r) : palette.sheet}
            stroke={colourOf(r)}
            strokeWidth={r.felt ? 0 : 2}
          />
        ))}
        <Line x1={x(atMm)} x2={x(atMm)} y1={26} y2={heightPx - 30} stroke={palette.action} strokeWidth={held ? 4 : 2.5} />
        <Circle cx={x(atMm)} cy={y(atMm)} r={held ? 15 : 11} fill={palette.sheet} stroke={palette.action} strokeWidth={3} />
        <SvgText
          x={Math.min(widthPx - 40, Math.max(40, x(atMm)))}
          y={18}
          textAnchor="middle"
          fontFamily={DRAWING_FONT}
          fontSize={18}
          fontWeight="700"
          fill={palette.action}
        >
          {LANDMARKS_PHRASES.mm(atMm, slot.side === null ? '' : ` ${slot.side}`)}
        </SvgText>
      </Svg>
    </RailBox>
  );
}

interface TapeProps {
  readonly marks: readonly number[];
  readonly x: (mm: number) => number;
  readonly heightPx: number;
}

/** Marks of a tape, with a number at each hundred. */
function Tape({ marks, x, heightPx }: TapeProps) {
  const { ink, muted } = usePalette();
  return (
    <G>
      {marks.map((mm) => {
        const whole = mm % 100 === 0;
        return (
          <G key={mm}>
            <Line x1={x(mm)} x2={x(mm)} y1={heightPx - 42} y2={heightPx - (whole ? 28 : 36)} stroke={ink} strokeWidth={1} />
            {whole ? (
              <SvgText x={x(mm)} y={heightPx - 12} textAnchor="middle" fontFamily={DRAWING_FONT} fontSize={13} fill={muted}>
                {mm}
              </SvgText>
            ) : null}
          </G>
        );
      })}
    </G>
  );
}

const TAPE_EVERY_MM = 20;
const tapeMarks = (fromMm: number, toMm: number): number[] => {
  const first = Math.ceil(fromMm / TAPE_EVERY_MM) * TAPE_EVERY_MM;
  return Array.from({ length: Math.floor((toMm - first) / TAPE_EVERY_MM) + 1 }, (_, i) => first + i * TAPE_EVERY_MM);
};
