import { useRef } from 'react';
import { type GestureResponderEvent, View } from 'react-native';
import Svg, { Line, Path, Text as SvgText } from 'react-native-svg';
import { BODY_FONT } from '../ui/tokens';
import { usePalette } from '../ui/use-palette';

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
  const box = useRef<View>(null);
  const px = widthPx / (2 * HALF_REACH_MM);
  const x = (mm: number) => widthPx / 2 + mm * px;
  const y = (mm: number) => 44 + (Math.hypot(mm, 30) - 30) * px * 0.55;
  const line = Array.from({ length: 61 }, (_, i) => {
    const mm = -HALF_REACH_MM + (2 * HALF_REACH_MM * i) / 60;
    return `${i === 0 ? 'M' : 'L'}${x(mm).toFixed(1)} ${y(mm).toFixed(1)}`;
  }).join('');
  const moveTo = (event: GestureResponderEvent) => {
    const frame = (box.current as unknown as HTMLElement).getBoundingClientRect();
    const mm = (event.nativeEvent.pageX - window.scrollX - frame.left - widthPx / 2) / px;
    onMove(Math.round(2 * Math.abs(mm)));
  };
  const key = (event: { key: string; shiftKey: boolean; preventDefault: () => void }) => {
    const by = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
    if (by === 0) return;
    event.preventDefault();
    onMove(Math.max(0, atMm + by * (event.shiftKey ? 10 : 1)));
  };
  return (
    <View
      ref={box}
      {...({
        onKeyDown: key,
        role: 'slider',
        tabIndex: 0,
        'aria-label': 'Width from edge to edge, mm',
        'aria-valuenow': atMm,
        'aria-valuemin': 0,
        'aria-valuemax': 600,
      } as object)}
      onStartShouldSetResponder={() => true}
      onResponderGrant={moveTo}
      onResponderMove={moveTo}
      style={{ width: widthPx, height: heightPx, touchAction: 'none', cursor: 'ew-resize' } as object}
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
        <SvgText x={widthPx / 2} y={20} textAnchor="middle" fontFamily={BODY_FONT} fontSize={18} fontWeight="700" fill={palette.action}>
          {`${atMm} mm across`}
        </SvgText>
      </Svg>
    </View>
  );
}
