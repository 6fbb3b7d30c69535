import { SECTION_PHRASES } from '../words/section-phrases';
import { type PointYZ } from '@fulcra/core';
import { type ReactNode, memo, useRef } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Text as SvgText } from 'react-native-svg';
import { MillimetreGrid } from '../drawings/millimetre-grid';
import { type PaperScale } from '../drawings/paper-scale';
import { DRAWING_FONT } from '../ui/tokens';
import { usePalette } from '../ui/use-palette';
import { MOST_POINTS, usePointsPointer } from './use-points-pointer';

export interface PointsEditorProps {
  readonly scale: PaperScale;
  readonly points: readonly PointYZ[];
  /** What the points read as so far, drawn under them. */
  readonly children: ReactNode;
  readonly colourOf: (p: PointYZ) => string;
  readonly placeWords: (p: PointYZ) => string;
  /** Where the keyboard sets its first point. */
  readonly firstPoint: PointYZ;
  readonly onChange: (points: readonly PointYZ[]) => void;
}

/** Tap a place to set a point, drag one to move it; arrows move the chosen one by a millimetre. */
export function PointsEditor({ scale, points, children, colourOf, placeWords, firstPoint, onChange }: PointsEditorProps) {
  const palette = usePalette();
  const { widthPx, heightPx } = scale;
  const box = useRef<View>(null);
  const { shown, chosen } = usePointsPointer({ box, scale, points, firstPoint, onChange });
  const at = chosen === null ? undefined : shown[chosen];
  return (
    <View
      ref={box}
      tabIndex={0}
      role="application"
      aria-label={SECTION_PHRASES.millimetreGridPoints(points.length)}
      style={{ width: widthPx, height: heightPx, touchAction: 'none', cursor: 'crosshair' } as object}
    >
      <Svg width={widthPx} height={heightPx} style={{ backgroundColor: palette.sheet }} aria-hidden>
        <MillimetreGrid scale={scale} palette={palette} />
        {children}
        {shown.map((p, i) => (
          <SetPoint
            key={i}
            x={scale.x(p.yMm)}
            y={scale.y(p.zMm)}
            colour={colourOf(p)}
            fill={i === chosen ? palette.action : palette.sheet}
            chosen={i === chosen}
          />
        ))}
        <SvgText x={12} y={heightPx - 12} fontFamily={DRAWING_FONT} fontSize={15} fontWeight="700" fill={palette.ink}>
          {points.length >= MOST_POINTS
            ? SECTION_PHRASES.pointsTheMost(points.length)
            : at
              ? placeWords(at)
              : SECTION_PHRASES.points2(points.length)}
        </SvgText>
      </Svg>
    </View>
  );
}

interface SetPointProps {
  readonly x: number;
  readonly y: number;
  readonly colour: string;
  readonly fill: string;
  readonly chosen: boolean;
}

/** Drawn again only when it changes: a full grid holds hundreds. */
const SetPoint = memo(function SetPoint({ x, y, colour, fill, chosen }: SetPointProps) {
  return <Circle cx={x} cy={y} r={chosen ? 9 : 6} fill={fill} stroke={colour} strokeWidth={2.5} />;
});
