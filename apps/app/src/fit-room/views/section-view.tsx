import { usePracticeSettings } from '../../platform/use-views';
import {
  type NearOff,
  type Pose,
  type SaddleCut,
  SIDES,
  liftedBy,
  point,
  saddleCut,
  surfaceHeightMm,
  underside,
  type SitPicture,
  schoolById,
} from '@fulcra/core';
import Svg, { G, Path, Text as SvgText } from 'react-native-svg';
import { MillimetreGrid } from '../../drawings/millimetre-grid';
import { paperScale, pathThrough } from '../../drawings/paper-scale';
import { SideNames } from '../../drawings/section-lines';
import { ValuePeg } from '../../drawings/value-peg';
import { BODY_FONT } from '../../ui/tokens';
import { usePalette } from '../../ui/use-palette';
import { fingersWords } from '../../words/measure-words';
import { PRESSURE_COLOURS, pressureStep, pressureSteps } from '../model/pressure-scale';
import { type RoomViewProps } from './top-view';

const REACH = { halfWidthMm: 168, aboveMm: 78, belowMm: 168 } as const;
const STEP_MM = 5;

/** Horse and saddle cut across at one place, seen from behind: near on the left. */
export function SectionView({ widthPx, heightPx, surface, picture, atMm, shown }: RoomViewProps & { readonly heightPx: number }) {
  const palette = usePalette();
  const spine = surfaceHeightMm(surface, atMm, 0);
  const { fingerMm } = usePracticeSettings();
  const steps = pressureSteps(schoolById(picture.asked.schoolId).rules);
  const scale = paperScale(widthPx, heightPx, REACH);
  const body = Number.isFinite(spine) ? skinAt(surface, atMm, spine) : null;
  const cut = Number.isFinite(spine) ? cutAt(picture, atMm, spine) : null;
  return (
    <Svg width={widthPx} height={heightPx} role="img" aria-label={spoken(picture, atMm, cut)} style={{ backgroundColor: palette.sheet }}>
      <MillimetreGrid scale={scale} palette={palette} />
      {body === null ? null : (
        <G>
          <Path
            d={`${pathThrough([...body.near].reverse(), scale)}${pathThrough(body.off, scale).replace('M', 'L')}L${scale.x(body.off.at(-1)!.yMm)} ${heightPx}L${scale.x(body.near.at(-1)!.yMm)} ${heightPx}Z`}
            fill={palette.horse}
            opacity={0.6}
          />
          <Path d={pathThrough(body.near, scale)} fill="none" stroke={palette.near} strokeWidth={3.5} />
          <Path d={pathThrough(body.off, scale)} fill="none" stroke={palette.off} strokeWidth={3.5} strokeDasharray="10 6" />
        </G>
      )}
      {cut === null ? null : (
        <G>
          {SIDES.map((side) => (
            <Path key={side} d={`${pathThrough(cut.panel[side], scale)}Z`} fill={palette.leather} opacity={0.35} />
          ))}
          <Path d={pathThrough(cut.tree, scale)} fill="none" stroke={palette.leather} strokeWidth={7} strokeLinejoin="round" />
          {cut.cells.map((c) => (
            <Path
              key={c.yMm}
              d={`M${scale.x(c.yMm - 2.5)} ${scale.y(c.zMm)}h${5 * scale.pxPerMm}v${Math.max(2, c.kPa * 0.45)}h${-5 * scale.pxPerMm}Z`}
              fill={PRESSURE_COLOURS[pressureStep(c.kPa, steps)]}
              stroke={palette.ink}
              strokeWidth={0.3}
            />
          ))}
          <ValuePeg
            x={scale.x(0)}
            y={scale.y(cut.roofMm) - 20}
            text={`${Math.round(cut.roomMm)} mm · ${fingersWords(Math.max(0, cut.roomMm), fingerMm)}`}
            palette={palette}
            widthPx={widthPx}
          />
          {cut.gaps.map(({ side, yMm, zMm, gapMm }) => (
            <ValuePeg
              key={side}
              x={scale.x(yMm)}
              y={scale.y(zMm) + 30}
              text={`${gapMm.toFixed(0)} mm open`}
              palette={palette}
              widthPx={widthPx}
            />
          ))}
          {shown?.id === 'roll' || Math.abs(picture.pose.rollDeg) >= 0.5 ? (
            <SvgText
              x={widthPx - 10}
              y={heightPx - 10}
              textAnchor="end"
              fontFamily={BODY_FONT}
              fontSize={14}
              fontWeight="700"
              fill={palette.ink}
            >
              {`${Math.abs(picture.pose.rollDeg).toFixed(1)}° ${picture.pose.rollDeg > 0 ? 'off' : 'near'} side low`}
            </SvgText>
          ) : null}
        </G>
      )}
      <SvgText x={10} y={heightPx - 10} fontFamily={BODY_FONT} fontSize={14} fill={palette.ink}>
        {`at ${Math.round(atMm)} mm`}
      </SvgText>
      <SideNames scale={scale} palette={palette} />
    </Svg>
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
  const u = atMm - asked.setup.placeMm;
  const row = under.rowAt(u);
  const lift = liftedBy(over);
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
    if (kPa > 0 && Number.isFinite(height)) cells.push({ yMm, zMm: height + lift(atMm, yMm), kPa });
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
    ? `Section at ${Math.round(atMm)} millimetres: the saddle does not reach here`
    : `Section at ${Math.round(atMm)} millimetres from behind: ${Math.round(cut.roomMm)} millimetres over the spine; roll ${picture.pose.rollDeg.toFixed(1)} degrees`;
