import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { FITTER_STEPS } from '@fulcra/core';
import { useRef, useState } from 'react';
import Svg, { Line, Rect } from 'react-native-svg';
import { YStack } from 'tamagui';
import { useMeasuredWidth } from '../../drawings/use-measured-width';
import { RailBox } from '../../ui/rail-box';
import { usePalette } from '../../ui/use-palette';

export interface PlaceRailProps {
  readonly placeMm: number;
  readonly lengthMm: number;
  /** While the finger is down: shown, not yet kept. */
  readonly onDrag: (mm: number) => void;
  readonly onLetGo: (mm: number) => void;
}

const HEIGHT_PX = 48;

/** The saddle on a rail: drawn along with a finger it slides on the back, and the map follows. */
export function PlaceRail({ placeMm, lengthMm, onDrag, onLetGo }: PlaceRailProps) {
  const [width, onLayout] = useMeasuredWidth();
  const palette = usePalette();
  const held = useRef(false);
  const last = useRef(placeMm);
  const [draggedTo, setDraggedTo] = useState<number | null>(null);
  const shownMm = draggedTo ?? placeMm;
  const { placeFromMm, placeToMm } = FITTER_STEPS;
  const pxPerMm = width / (placeToMm - placeFromMm + lengthMm);
  const left = (shownMm - placeFromMm) * pxPerMm;
  const move = (mm: number) => {
    const inside = Math.min(placeToMm, Math.max(placeFromMm, mm));
    last.current = inside;
    if (!held.current) {
      onLetGo(inside);
      return;
    }
    setDraggedTo(inside);
    onDrag(inside);
  };
  return (
    <YStack onLayout={onLayout} height={HEIGHT_PX}>
      {width === 0 ? null : (
        <RailBox
          widthPx={width}
          heightPx={HEIGHT_PX}
          label={FIT_ROOM_PHRASES.slideTheSaddle}
          valueMm={shownMm}
          leastMm={placeFromMm}
          mostMm={placeToMm}
          toMm={(px) => placeFromMm + px / pxPerMm - lengthMm / 2}
          onMove={move}
          onHold={(down) => {
            held.current = down;
            if (down) return;
            setDraggedTo(null);
            onLetGo(last.current);
          }}
        >
          <Svg width={width} height={HEIGHT_PX} aria-hidden>
            <Line x1={0} x2={width} y1={HEIGHT_PX / 2} y2={HEIGHT_PX / 2} stroke={palette.ruleStrong} strokeWidth={2} />
            <Rect x={left} y={HEIGHT_PX / 2 - 9} width={lengthMm * pxPerMm} height={18} rx={9} fill={palette.leather} />
          </Svg>
        </RailBox>
      )}
    </YStack>
  );
}
