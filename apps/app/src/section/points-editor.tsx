import { type PointYZ, type Section } from '@fulcra/core';
import { useRef } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Text as SvgText } from 'react-native-svg';
import { MillimetreGrid } from '../drawings/millimetre-grid';
import { paperScale } from '../drawings/paper-scale';
import { SectionLines, SideNames } from '../drawings/section-lines';
import { BODY_FONT } from '../ui/tokens';
import { usePalette } from '../ui/use-palette';
import { usePointsPointer } from './use-points-pointer';

export interface PointsEditorProps {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly points: readonly PointYZ[];
  readonly draft: Section | null;
  readonly onChange: (points: readonly PointYZ[]) => void;
}

/** Room for the broadest cob, spine in the middle. */
const REACH = { halfWidthMm: 260, aboveMm: 30, belowMm: 250 };

/** Tap a place to set a point, drag one to move it; arrows move the chosen one by a millimetre. */
export function PointsEditor({ widthPx, heightPx, points, draft, onChange }: PointsEditorProps) {
  const palette = usePalette();
  const scale = paperScale(widthPx, heightPx, REACH);
  const box = useRef<View>(null);
  const { shown, chosen } = usePointsPointer({ box, scale, points, onChange });
  const at = chosen === null ? undefined : shown[chosen];
  return (
    <View
      ref={box}
      tabIndex={0}
      role="application"
      aria-label={`Millimetre grid, ${points.length} points. Tap to set a point. With the keyboard: N or Enter sets a point, arrows move it by 1 mm, with Shift by 10, Delete removes it, Tab leaves.`}
      style={{ width: widthPx, height: heightPx, touchAction: 'none', cursor: 'crosshair' } as object}
    >
      <Svg width={widthPx} height={heightPx} style={{ backgroundColor: palette.sheet }} aria-hidden>
        <MillimetreGrid scale={scale} palette={palette} />
        {draft ? <SectionLines section={shiftedToTop(draft, points)} scale={scale} palette={palette} weight="take" /> : null}
        {shown.map((p, i) => (
          <Circle
            key={i}
            cx={scale.x(p.yMm)}
            cy={scale.y(p.zMm)}
            r={i === chosen ? 9 : 6}
            fill={i === chosen ? palette.action : palette.sheet}
            stroke={p.yMm < 0 ? palette.near : palette.off}
            strokeWidth={2.5}
          />
        ))}
        <SvgText x={12} y={heightPx - 12} fontFamily={BODY_FONT} fontSize={15} fontWeight="700" fill={palette.ink}>
          {at
            ? `${Math.abs(Math.round(at.yMm))} mm ${at.yMm < 0 ? 'near' : 'off'}, ${Math.round(Math.abs(at.zMm))} mm ${at.zMm > 0 ? 'up' : 'down'}`
            : `${points.length} points`}
        </SvgText>
        <SideNames scale={scale} palette={palette} />
      </Svg>
    </View>
  );
}

/** The read section has its apex at zero; on the grid it is drawn where the points lie. */
function shiftedToTop(section: Section, points: readonly PointYZ[]): Section {
  const lift = Math.max(...points.map((p) => p.zMm)) - Math.max(...section.points.map((p) => p.zMm));
  return { ...section, points: section.points.map((p) => ({ yMm: p.yMm, zMm: p.zMm + lift })) };
}
