import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { usePracticeSettings } from '../../platform/use-views';
import {
  type NearOff,
  type Pose,
  type SaddleCut,
  SIDES,
  motionOf,
  placed,
  point,
  saddleCut,
  surfaceHeightMm,
  underside,
  type SitPicture,
} from '@fulcra/core';
import Svg, { G, Path, Text as SvgText } from 'react-native-svg';
import { MillimetreGrid } from '../../drawings/millimetre-grid';
import { type PaperScale, paperScale, pathThrough } from '../../drawings/paper-scale';
import { SideNames } from '../../drawings/section-lines';
import { ValuePeg } from '../../drawings/value-peg';
import { DRAWING_FONT, type Palette } from '../../ui/tokens';
import { usePalette } from '../../ui/use-palette';
import { fingersWords } from '../../words/measure-words';
import { PRESSURE_COLOURS, pressureStepper, pressureSteps } from '../model/pressure-scale';
import { type RoomViewProps } from './top-view';

const REACH = { halfWidthMm: 168, aboveMm: 78, belowMm: 168 } as const;
const STEP_MM = 5;

/** Horse and saddle cut across at one place, seen from behind: near on the left. */
export function SectionView({ widthPx, heightPx, surface, picture, atMm, shown }: RoomViewProps & { readonly heightPx: number }) {
  const palette = usePalette();
  const spine = surfaceHeightMm(surface, atMm, 0);
  const scale = paperScale(widthPx, heightPx, REACH);
  const body = Number.isFinite(spine) ? skinAt(surface, atMm, spine) : null;
  const cut = Number.isFinite(spine) ? cutAt(picture, atMm, spine) : null;
  return (
    <Svg width={widthPx} height={heightPx} role="img" aria-label={spoken(picture, atMm, cut)} style={{ backgroundColor: palette.sheet }}>
      <MillimetreGrid scale={scale} palette={palette} />
      {body === null ? null : <Skin body={body} scale={scale} palette={palette} />}
      {cut === null ? null : (
        <G>
          <SaddleAcross cut={cut} picture={picture} scale={scale} palette={palette} />
          <Rooms cut={cut} scale={scale} palette={palette} />
          {shown?.id === 'roll' || Math.abs(picture.pose.rollDeg) >= TOLD_ROLL_DEG ? (
            <Corner x={widthPx - 10} y={heightPx - 10} anchor="end" strong text={rollText(picture.pose.rollDeg)} />
          ) : null}
        </G>
      )}
      <Corner x={10} y={heightPx - 10} anchor="start" text={FIT_ROOM_PHRASES.atMm(Math.round(atMm))} />
      <SideNames scale={scale} palette={palette} />
    </Svg>
  );
}

/** A roll is written on the drawing from here on, degrees. */
const TOLD_ROLL_DEG = 0.5;
const rollText = (rollDeg: number): string => FIT_ROOM_PHRASES.sideLow(Math.abs(rollDeg).toFixed(1), rollDeg > 0 ? 'off' : 'near');

interface Layer {
  readonly scale: PaperScale;
  readonly palette: Palette;
}

function Skin({ body, scale, palette }: Layer & { readonly body: Record<NearOff, Polyline> }) {
  const outline = `${pathThrough([...body.near].reverse(), scale)}${pathThrough(body.off, scale).replace('M', 'L')}`;
  const foot = `L${scale.x(body.off.at(-1)!.yMm)} ${scale.heightPx}L${scale.x(body.near.at(-1)!.yMm)} ${scale.heightPx}Z`;
  return (
    <G>
      <Path d={`${outline}${foot}`} fill={palette.horse} opacity={0.6} />
      <Path d={pathThrough(body.near, scale)} fill="none" stroke={palette.near} strokeWidth={3.5} />
      <Path d={pathThrough(body.off, scale)} fill="none" stroke={palette.off} strokeWidth={3.5} strokeDasharray="10 6" />
    </G>
  );
}

/** Panels and tree, and what presses where: as high as it presses. */
function SaddleAcross({ cut, picture, scale, palette }: Layer & { readonly cut: Cut; readonly picture: SitPicture }) {
  const stepOf = pressureStepper(pressureSteps(picture.asked.school.engine));
  const barPx = 5 * scale.pxPerMm;
  return (
    <G>
      {SIDES.map((side) => (
        <Path key={side} d={`${pathThrough(cut.panel[side], scale)}Z`} fill={palette.leather} opacity={0.35} />
      ))}
      <Path d={pathThrough(cut.tree, scale)} fill="none" stroke={palette.leather} strokeWidth={7} strokeLinejoin="round" />
      {cut.cells.map((c) => (
        <Path
          key={c.yMm}
          d={`M${scale.x(c.yMm - 2.5)} ${scale.y(c.zMm)}h${barPx}v${Math.max(2, c.kPa * 0.45)}h${-barPx}Z`}
          fill={PRESSURE_COLOURS[stepOf(c.kPa)]}
          stroke={palette.ink}
          strokeWidth={0.3}
        />
      ))}
    </G>
  );
}

/** The room over the spine, and what stands open beside it. */
function Rooms({ cut, scale, palette }: Layer & { readonly cut: Cut }) {
  const { fingerMm } = usePracticeSettings();
  const room = FIT_ROOM_PHRASES.mm(Math.round(cut.roomMm), fingersWords(Math.max(0, cut.roomMm), fingerMm));
  const peg = (x: number, y: number, text: string) => (
    <ValuePeg key={text + x} x={x} y={y} text={text} palette={palette} widthPx={scale.widthPx} />
  );
  return (
    <G>
      {peg(scale.x(0), scale.y(cut.roofMm) - 20, room)}
      {cut.gaps.map(({ yMm, zMm, gapMm }) => peg(scale.x(yMm), scale.y(zMm) + 30, FIT_ROOM_PHRASES.mmOpen(gapMm.toFixed(0))))}
    </G>
  );
}

interface CornerProps {
  readonly x: number;
  readonly y: number;
  readonly anchor: 'start' | 'end';
  readonly text: string;
  readonly strong?: boolean;
}

function Corner({ x, y, anchor, text, strong = false }: CornerProps) {
  const { ink } = usePalette();
  return (
    <SvgText x={x} y={y} textAnchor={anchor} fontFamily={DRAWING_FONT} fontSize={14} fontWeight={strong ? '700' : '400'} fill={ink}>
      {text}
    </SvgText>
  );
}

type Polyline = readonly { readonly yMm: number; readonly zMm: number }[];

function skinAt(surface: RoomViewProps['surface'], atMm: number, spineMm: number): Record<NearOff, Polyline> | null {
  const side = (sign: 1 | -1): Polyline => {
    const points = [];
    for (let out = 0; out <= REACH.halfWidthMm; out += STEP_MM) {
      const z = surfaceHeightMm(surface, atMm, sign * out);
      if (!Number.isFinite(z)) break;
      points.push(point(sign * out, z - spineMm));
    }
    return points;
  };
  const sides = { near: side(-1), off: side(1) };
  return sides.near.length < 2 || sides.off.length < 2 ? null : sides;
}

interface Cut extends SaddleCut {
  readonly cells: readonly { readonly yMm: number; readonly zMm: number; readonly kPa: number }[];
  readonly gaps: readonly { readonly side: NearOff; readonly yMm: number; readonly zMm: number; readonly gapMm: number }[];
  readonly roomMm: number;
}

/** The saddle at a place with what presses and what stands open there, heights over the spine; null where it doesn't reach. */
function cutAt(picture: SitPicture, atMm: number, spineMm: number): Cut | null {
  const { asked, pose, grid } = picture;
  const over: Pose = { ...pose, heaveMm: pose.heaveMm - spineMm };
  const cut = saddleCut(asked.saddle, asked.setup, over, atMm);
  if (cut === null) return null;
  const under = underside(asked.saddle, asked.setup);
  const u = atMm - asked.setup.placeMm - pose.surgeMm;
  const row = under.rowAt(u);
  const motion = motionOf(over);
  const i = Math.floor((atMm - grid.fromXMm) / grid.stepMm);
  const cells = [];
  const open = { near: { sum: 0, count: 0 }, off: { sum: 0, count: 0 } };
  for (let j = 0; j < grid.countY && i >= 0 && i < grid.countX; j++) {
    const overlap = picture.overlapMm[i * grid.countY + j]!;
    if (Number.isNaN(overlap)) continue;
    const yMm = grid.fromYMm + (j + 0.5) * grid.stepMm;
    const kPa = picture.pressureKPa[i * grid.countY + j]!;
    const side = yMm < 0 ? 'near' : 'off';
    open[side].sum += Math.max(0, -overlap);
    open[side].count++;
    const height = under.heightIn(row, u, yMm);
    if (!(kPa > 0) || !Number.isFinite(height)) continue;
    const [, y, z] = placed(motion, atMm - pose.surgeMm, yMm, height);
    cells.push({ yMm: y, zMm: z, kPa });
  }
  const gaps = SIDES.flatMap((side) => {
    const gapMm = open[side].count === 0 ? 0 : open[side].sum / open[side].count;
    const middle = cut.panel[side][cut.panel[side].length >> 2]!;
    return gapMm >= 1 ? [{ side, gapMm, yMm: middle.yMm, zMm: middle.zMm - 60 }] : [];
  });
  return { ...cut, cells, gaps, roomMm: cut.roofMm - cut.padMm };
}

const spoken = (picture: SitPicture, atMm: number, cut: Cut | null): string =>
  cut === null
    ? FIT_ROOM_PHRASES.sectionAtMillimetres(Math.round(atMm))
    : FIT_ROOM_PHRASES.sectionAtMillimetresFrom(Math.round(atMm), Math.round(cut.roomMm), picture.pose.rollDeg.toFixed(1));
