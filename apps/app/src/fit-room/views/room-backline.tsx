import { lengthNumber } from '../../words/person-unit';
import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { pathOf } from '../../drawings/path-of';
import { type Landmarks, type SitPicture } from '@fulcra/core';
import Svg, { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { type BacklineLayout } from '../../drawings/backline-layout';
import { RailBox } from '../../ui/rail-box';
import { DRAWING_FONT } from '../../ui/tokens';
import { usePalette } from '../../ui/use-palette';

export interface RoomBacklineProps {
  readonly widthPx: number;
  readonly layout: BacklineLayout;
  readonly landmarks: Landmarks;
  readonly picture: SitPicture | null;
  readonly atMm: number;
  readonly onMove: (mm: number) => void;
  readonly held: boolean;
}

const HEIGHT_PX = 66;

/** The backline with the saddle on it; drawn along with a finger, it chooses where the section is cut. */
export function RoomBackline({ widthPx, layout, landmarks, picture, atMm, onMove, held }: RoomBacklineProps) {
  const palette = usePalette();
  const x = (mm: number) => layout.share(mm) * widthPx;
  const yOf = (share: number) => HEIGHT_PX - 8 - layout.height(share) * (HEIGHT_PX - 34);
  const y = (mm: number) => yOf(layout.share(mm));
  const line = pathOf(Array.from({ length: 81 }, (_, i) => [(i / 80) * widthPx, yOf(i / 80)]));
  const { restMm, forwardMm } = layout.scapula;
  const rib = landmarks.lastRib.atMm;
  return (
    <RailBox
      widthPx={widthPx}
      heightPx={HEIGHT_PX}
      label={FIT_ROOM_PHRASES.whereTheSection}
      valueMm={Math.round(atMm)}
      leastMm={Math.round(layout.toMm(0))}
      mostMm={Math.round(layout.toMm(1))}
      toMm={(px) => layout.toMm(px / widthPx)}
      onMove={onMove}
    >
      <Svg width={widthPx} height={HEIGHT_PX} aria-hidden>
        <Path d={`${line}L${widthPx} ${HEIGHT_PX}L0 ${HEIGHT_PX}Z`} fill={palette.horse} />
        {forwardMm === null ? null : (
          <Path
            d={`M${x(restMm)} ${HEIGHT_PX}L${x(restMm)} ${y(restMm)}L${x(forwardMm)} ${HEIGHT_PX}Z`}
            fill={palette.leather}
            opacity={0.35}
          />
        )}
        <Line x1={x(restMm)} x2={x(restMm)} y1={y(restMm)} y2={HEIGHT_PX} stroke={palette.leather} strokeWidth={2} />
        {rib === null ? null : (
          <Line x1={x(rib)} x2={x(rib)} y1={y(rib)} y2={HEIGHT_PX} stroke={palette.ink} strokeWidth={1.5} strokeDasharray="5 3" />
        )}
        <Path d={line} fill="none" stroke={held ? palette.bad : palette.ink} strokeWidth={2.5} />
        {picture === null ? null : <SaddleOnLine picture={picture} x={x} y={y} colour={palette.leather} />}
        <Line x1={x(atMm)} x2={x(atMm)} y1={4} y2={HEIGHT_PX} stroke={palette.action} strokeWidth={2.5} />
        <Circle cx={x(atMm)} cy={HEIGHT_PX - 12} r={9} fill={palette.action} />
        <SvgText
          x={Math.min(widthPx - 30, Math.max(30, x(atMm)))}
          y={13}
          dx={x(atMm) > widthPx / 2 ? -26 : 26}
          textAnchor="middle"
          fontFamily={DRAWING_FONT}
          fontSize={13}
          fontWeight="700"
          fill={palette.action}
        >
          {lengthNumber(Math.round(atMm))}
        </SvgText>
      </Svg>
    </RailBox>
  );
}

function SaddleOnLine({
  picture,
  x,
  y,
  colour,
}: {
  readonly picture: SitPicture;
  readonly x: (mm: number) => number;
  readonly y: (mm: number) => number;
  readonly colour: string;
}) {
  const { panelFrontMm, panelEndMm } = picture.places;
  const stops = Array.from({ length: 21 }, (_, i) => panelFrontMm + ((panelEndMm - panelFrontMm) * i) / 20);
  return (
    <G>
      <Path d={pathOf(stops.map((mm) => [x(mm), y(mm) - 7]))} fill="none" stroke={colour} strokeWidth={7} strokeLinecap="round" />
    </G>
  );
}
