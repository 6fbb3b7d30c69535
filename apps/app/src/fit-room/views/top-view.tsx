import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { type BackSurface, type Landmarks, type SitRow, SIDES, seatAtMm, type SitPicture } from '@fulcra/core';
import Svg, { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { YStack } from 'tamagui';
import { HaloText } from '../../drawings/halo-text';
import { type TrueScale, trueScale } from '../../drawings/true-scale';
import { DRAWING_FONT } from '../../ui/tokens';
import { usePalette } from '../../ui/use-palette';
import { spokenSitting } from '../../words/sit-words';
import { type RoomFrame } from '../model/room-frame';
import { PressureKey } from './pressure-key';
import { PressureMap } from './pressure-map';

export interface RoomViewProps {
  readonly widthPx: number;
  readonly frame: RoomFrame;
  readonly surface: BackSurface;
  readonly landmarks: Landmarks;
  readonly picture: SitPicture;
  /** Where the section is cut. */
  readonly atMm: number;
  /** The criterion whose number is shown on the drawing. */
  readonly shown: SitRow | null;
}

const HALF_MM = 152;
const SCALE_PX = 54;

/** The panels from above with what they press; head to the left, near at the foot. */
export function TopView({ widthPx, frame, landmarks, picture, atMm, shown }: RoomViewProps) {
  const palette = usePalette();
  const px = widthPx / (frame.toMm - frame.fromMm);
  const scale = trueScale(px, frame.fromMm, HALF_MM);
  const { x, y } = scale;
  const heightPx = 2 * HALF_MM * px;
  const { centreMm } = picture.measures;
  const load = riderAt(picture);
  return (
    <YStack position="relative" width={widthPx} height={heightPx + SCALE_PX} backgroundColor="$sheet">
      <PressureMap picture={picture} leftPx={x(picture.grid.fromXMm)} topPx={y(-picture.grid.fromYMm)} px={px} gap={palette.rule} />
      <Svg
        width={widthPx}
        height={heightPx + SCALE_PX}
        role="img"
        aria-label={FIT_ROOM_PHRASES.fromAbove(spokenSitting(picture))}
        style={{ position: 'absolute' }}
      >
        <Line x1={0} x2={widthPx} y1={y(0)} y2={y(0)} stroke={palette.ink} strokeWidth={1.5} strokeDasharray="2 5" />
        {SIDES.map((side) => (
          <ScapulaWedge
            key={side}
            side={side}
            landmarks={landmarks}
            nowMm={picture.bladesMm?.[side] ?? null}
            x={x}
            y={y}
            colour={palette.leather}
          />
        ))}
        <EndLine
          atMm={landmarks.lastRib.atMm}
          text={FIT_ROOM_PHRASES.lastRib}
          x={x}
          heightPx={heightPx}
          colour={palette.ink}
          widthPx={widthPx}
        />
        <Line x1={x(atMm)} x2={x(atMm)} y1={0} y2={heightPx} stroke={palette.action} strokeWidth={2} />
        {load === null ? null : <Plus cx={x(load.xMm)} cy={y(load.yMm)} colour={palette.ink} />}
        {centreMm === null ? null : (
          <G>
            <Circle cx={x(centreMm.x)} cy={y(centreMm.y)} r={8} fill={palette.sheet} stroke={palette.ink} strokeWidth={2.5} />
            <Circle cx={x(centreMm.x)} cy={y(centreMm.y)} r={2.5} fill={palette.ink} />
          </G>
        )}
        <WhereItIs shown={shown?.id ?? null} picture={picture} scale={scale} heightPx={heightPx} />
        <Name x={widthPx / 2} y={15} text={FIT_ROOM_PHRASES.offO} colour={palette.off} paper={palette.sheet} />
        <Name x={widthPx / 2} y={heightPx - 4} text={FIT_ROOM_PHRASES.nNear} colour={palette.near} paper={palette.sheet} />
        <Name x={widthPx - 8} y={heightPx - 8} text={FIT_ROOM_PHRASES.tail} colour={palette.muted} paper={palette.sheet} end />
        <PressureKey widthPx={widthPx} topPx={heightPx} ink={palette.ink} engine={picture.asked.school.engine} />
      </Svg>
    </YStack>
  );
}

interface WhereItIsProps {
  readonly shown: SitRow['id'] | null;
  readonly picture: SitPicture;
  readonly scale: TrueScale;
  readonly heightPx: number;
}

/** The number of a criterion, drawn where it is true. */
function WhereItIs({ shown, picture, scale: { x, y }, heightPx }: WhereItIsProps) {
  const { bad, ink } = usePalette();
  const { bridgeAtMm } = picture.shape;
  const { channelAtMm, channelMm } = picture.places;
  const across = (atMm: number, y1: number, y2: number, more: object) => (
    <Line x1={x(atMm)} x2={x(atMm)} y1={y1} y2={y2} stroke={bad} {...more} />
  );
  switch (shown) {
    case 'bridgeGap':
      return bridgeAtMm === null ? null : across(bridgeAtMm, 0, heightPx, { strokeWidth: 3, strokeDasharray: '6 4' });
    case 'channelWidth':
    case 'ligamentClear':
      return across(channelAtMm, y(channelMm / 2), y(-channelMm / 2), { strokeWidth: 4 });
    case 'middleShare':
      return <Thirds picture={picture} x={x} heightPx={heightPx} colour={ink} />;
    default:
      return null;
  }
}

/** Where the rider's weight comes down, all of it together; null with nobody up. */
export function riderAt({ asked }: SitPicture): { readonly xMm: number; readonly yMm: number } | null {
  const { rider, setup, saddle } = asked;
  if (rider === null) return null;
  const { frame } = saddle.build;
  return {
    xMm: setup.placeMm + seatAtMm(frame, rider) * (1 - rider.stirrupShare) + frame.barMm * rider.stirrupShare,
    yMm: rider.offsetMm,
  };
}

const Plus = ({ cx, cy, colour }: { readonly cx: number; readonly cy: number; readonly colour: string }) => (
  <Path d={`M${cx - 9} ${cy}H${cx + 9}M${cx} ${cy - 9}V${cy + 9}`} stroke={colour} strokeWidth={2.5} />
);

interface WedgeProps {
  /** Where the edge stands in motion; null while it stands. */
  readonly nowMm: number | null;
  readonly side: 'near' | 'off';
  readonly landmarks: Landmarks;
  readonly x: (mm: number) => number;
  readonly y: (mm: number) => number;
  readonly colour: string;
}

/** The scapula's travel: a strong stroke at rest, a thin one drawn forward, a wedge between. */
function ScapulaWedge({ side, landmarks, nowMm, x, y, colour }: WedgeProps) {
  const { restMm, forwardMm } = landmarks.scapula[side];
  if (restMm === null) return null;
  const [a, b] = side === 'near' ? [-60, -150] : [60, 150];
  return (
    <G>
      {forwardMm === null ? null : (
        <G>
          <Path d={`M${x(restMm)} ${y(a)}L${x(restMm)} ${y(b)}L${x(forwardMm)} ${y(b)}Z`} fill={colour} opacity={0.22} />
          <Line x1={x(restMm)} x2={x(forwardMm)} y1={y(a)} y2={y(b)} stroke={colour} strokeWidth={1.5} />
        </G>
      )}
      <Line x1={x(nowMm ?? restMm)} x2={x(nowMm ?? restMm)} y1={y(a)} y2={y(b)} stroke={colour} strokeWidth={3.5} />
    </G>
  );
}

export function EndLine({
  atMm,
  text,
  x,
  heightPx,
  colour,
  widthPx,
}: {
  readonly atMm: number | null;
  readonly text: string;
  readonly x: (mm: number) => number;
  readonly heightPx: number;
  readonly colour: string;
  readonly widthPx: number;
}) {
  if (atMm === null) return null;
  const past = x(atMm) > widthPx - 60;
  return (
    <G>
      <Line x1={x(atMm)} x2={x(atMm)} y1={24} y2={heightPx} stroke={colour} strokeWidth={1.5} strokeDasharray="7 4" />
      <SvgText
        x={x(atMm) + (past ? 4 : 0)}
        y={16}
        textAnchor={past ? 'end' : 'middle'}
        fontFamily={DRAWING_FONT}
        fontSize={13}
        fill={colour}
      >
        {text}
      </SvgText>
    </G>
  );
}

function Thirds({
  picture,
  x,
  heightPx,
  colour,
}: {
  readonly picture: SitPicture;
  readonly x: (mm: number) => number;
  readonly heightPx: number;
  readonly colour: string;
}) {
  const { fromXMm, countX, stepMm } = picture.grid;
  const third = (countX * stepMm) / 3;
  return (
    <G>
      {[1, 2].map((i) => (
        <Line key={i} x1={x(fromXMm + i * third)} x2={x(fromXMm + i * third)} y1={0} y2={heightPx} stroke={colour} strokeWidth={1} />
      ))}
      {picture.measures.thirds.map((share, i) => (
        <SvgText
          key={i}
          x={x(fromXMm + (i + 0.5) * third)}
          y={heightPx / 2 - 6}
          textAnchor="middle"
          fontFamily={DRAWING_FONT}
          fontSize={15}
          fontWeight="700"
          fill={colour}
        >
          {Math.round(100 * share)} %
        </SvgText>
      ))}
    </G>
  );
}

interface NameProps {
  readonly x: number;
  readonly y: number;
  readonly text: string;
  readonly colour: string;
  /** The paper's colour, round the letters: a name can lie on the map. */
  readonly paper: string;
  readonly end?: boolean;
}

const Name = ({ end = false, colour, ...set }: NameProps) => (
  <HaloText {...set} haloPx={5} fill={colour} textAnchor={end ? 'end' : 'start'} fontFamily={DRAWING_FONT} fontSize={15} fontWeight="700" />
);
