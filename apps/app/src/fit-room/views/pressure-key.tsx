import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { type School } from '@fulcra/core';
import { G, Rect, Text as SvgText } from 'react-native-svg';
import { DRAWING_FONT } from '../../ui/tokens';
import { PRESSURE_COLOURS, pressureSteps } from '../model/pressure-scale';

interface PressureKeyProps {
  readonly widthPx: number;
  readonly topPx: number;
  readonly ink: string;
  readonly engine: School['engine'];
}

/** The scale: kPa at the ends of the steps; the published levels stand out. */
export function PressureKey({ widthPx, topPx, ink, engine }: PressureKeyProps) {
  const steps = pressureSteps(engine);
  const { meanKPa, peakKPa } = engine.published;
  const screened = [meanKPa, peakKPa];
  const [left, right] = [widthPx * 0.05, widthPx * 0.95];
  const step = (right - left) / PRESSURE_COLOURS.length;
  return (
    <G>
      {PRESSURE_COLOURS.map((colour, i) => (
        <Rect key={colour} x={left + i * step} y={topPx + 6} width={step + 0.5} height={12} fill={colour} />
      ))}
      {steps.map((kPa, i) => (
        <SvgText
          key={kPa}
          x={left + (i + 1) * step}
          y={topPx + 32}
          textAnchor="middle"
          fontFamily={DRAWING_FONT}
          fontSize={13}
          fontWeight={screened.includes(kPa) ? '700' : '400'}
          fill={ink}
        >
          {kPa}
        </SvgText>
      ))}
      <SvgText x={left} y={topPx + 47} fontFamily={DRAWING_FONT} fontSize={13} fill={ink}>
        {FIT_ROOM_PHRASES.relativeLevels(meanKPa, peakKPa)}
      </SvgText>
    </G>
  );
}
