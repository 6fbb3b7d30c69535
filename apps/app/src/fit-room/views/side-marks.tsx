import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { type SitPicture, surfaceHeightMm } from '@fulcra/core';
import { G, Line, Path, Text as SvgText } from 'react-native-svg';
import { DRAWING_FONT, type Palette } from '../../ui/tokens';
import { type RoomViewProps } from './top-view';

/** What is marked on the view from the side; each takes places of the drawing, px, unless it says mm. */

export const lowMark = (cx: number, cy: number): string => `M${cx - 7} ${cy + 16}L${cx + 7} ${cy + 16}L${cx} ${cy + 4}Z`;

export function Scapula({
  landmarks,
  x,
  topZ,
  surface,
  palette,
  footPx,
}: Pick<RoomViewProps, 'landmarks' | 'surface'> & {
  readonly x: (mm: number) => number;
  readonly topZ: (mm: number) => number;
  readonly palette: Palette;
  readonly footPx: number;
}) {
  const { restMm, forwardMm } = landmarks.scapula.near;
  if (restMm === null) return null;
  const top = topZ(surfaceHeightMm(surface, restMm, 0) || 0);
  const start = Number.isFinite(top) ? top + 20 : 60;
  return (
    <G>
      {forwardMm === null ? null : (
        <G>
          <Path d={`M${x(restMm)} ${start}L${x(restMm)} ${footPx}L${x(forwardMm)} ${footPx}Z`} fill={palette.leather} opacity={0.22} />
          <Line x1={x(restMm)} x2={x(forwardMm)} y1={start} y2={footPx} stroke={palette.leather} strokeWidth={1.5} />
        </G>
      )}
      <Line x1={x(restMm)} x2={x(restMm)} y1={start} y2={footPx} stroke={palette.leather} strokeWidth={3.5} />
      <SvgText x={x(restMm) + 2} y={footPx + 15} textAnchor="middle" fontFamily={DRAWING_FONT} fontSize={13} fill={palette.ink}>
        {FIT_ROOM_PHRASES.scapula}
      </SvgText>
    </G>
  );
}

export const Groove = ({ cx, cy, palette }: { readonly cx: number; readonly cy: number; readonly palette: Palette }) => (
  <G>
    <Path d={`M${cx - 16} ${cy}Q${cx} ${cy - 18} ${cx + 16} ${cy}`} fill="none" stroke={palette.ink} strokeWidth={2.5} />
    <SvgText x={cx - 22} y={cy + 6} textAnchor="end" fontFamily={DRAWING_FONT} fontSize={13} fill={palette.ink}>
      {FIT_ROOM_PHRASES.groove}
    </SvgText>
  </G>
);

export const Arrow = ({
  cx,
  fromPx,
  toPx,
  colour,
}: {
  readonly cx: number;
  readonly fromPx: number;
  readonly toPx: number;
  readonly colour: string;
}) => (
  <Path
    d={`M${cx} ${fromPx}V${toPx}M${cx - 6} ${toPx - 8}L${cx} ${toPx}L${cx + 6} ${toPx - 8}`}
    fill="none"
    stroke={colour}
    strokeWidth={2.5}
  />
);

export function Tick({
  cx,
  cy,
  text,
  palette,
  strong,
}: {
  readonly cx: number;
  readonly cy: number;
  readonly text: string;
  readonly palette: Palette;
  readonly strong: boolean;
}) {
  const colour = strong ? palette.bad : palette.leather;
  return (
    <G>
      <Line x1={cx} x2={cx} y1={cy - 12} y2={cy + 26} stroke={colour} strokeWidth={strong ? 4 : 2} />
      <SvgText
        x={cx}
        y={cy - 17}
        textAnchor="middle"
        fontFamily={DRAWING_FONT}
        fontSize={13}
        fontWeight={strong ? '700' : '400'}
        fill={palette.ink}
      >
        {text}
      </SvgText>
    </G>
  );
}

export function Pitch({
  picture,
  cx,
  cy,
  palette,
}: {
  readonly picture: SitPicture;
  readonly cx: number;
  readonly cy: number;
  readonly palette: Palette;
}) {
  const { pitchDeg } = picture.pose;
  const words =
    Math.abs(pitchDeg) < 0.25
      ? 'level'
      : `${Math.abs(pitchDeg).toFixed(1)}° ${pitchDeg > 0 ? FIT_ROOM_PHRASES.cantleLow : FIT_ROOM_PHRASES.pommelLow}`;
  return (
    <SvgText x={cx} y={cy} fontFamily={DRAWING_FONT} fontSize={14} fontWeight="700" fill={palette.ink}>
      {words}
    </SvgText>
  );
}
