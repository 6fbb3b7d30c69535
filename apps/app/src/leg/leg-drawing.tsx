import { type LegOnHorse, type OverTheIron, type Plumb, type SaddleSeat } from '@fulcra/core';
import Svg, { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { pathOf } from '../drawings/path-of';
import { ValuePeg } from '../drawings/value-peg';
import { DRAWING_FONT, type Palette } from '../ui/tokens';
import { usePalette } from '../ui/use-palette';
import { LEG_PHRASES } from '../words/leg-phrases';
import { HorseAndSaddle } from './horse-and-saddle';
import { type KnownGround } from './leg-ground';
import { type SceneScale } from './leg-scene';

export interface LegDrawingProps {
  readonly scale: SceneScale;
  readonly known: KnownGround;
  readonly seat: SaddleSeat;
  readonly place: LegOnHorse;
  readonly plumb: Plumb;
  /** The same leg for the rider's other purposes. */
  readonly ghosts: readonly LegOnHorse[];
  readonly trunkMm: number;
  /** Other rules' lengths, over the flap. */
  readonly marks: readonly { readonly hangMm: number; readonly label: string }[];
  /** Standing over the iron instead of sitting; null while seated. */
  readonly over: OverTheIron | null;
}

/** A rider's leg on this saddle on this horse, true to scale, the near side with the head to the left. */
export function LegDrawing({ scale, known, seat, place, plumb, ghosts, trunkMm, marks, over }: LegDrawingProps) {
  const palette = usePalette();
  const { widthPx, heightPx } = scale;
  const joints = over === null ? place : over.raised;
  const spoken = LEG_PHRASES.drawingSpoken(Math.round(place.hangMm), Math.round(place.kneeDeg), Math.round(plumb.heelBehindHipMm));
  return (
    <Svg width={widthPx} height={heightPx} role="img" aria-label={spoken} style={{ backgroundColor: palette.sheet }}>
      <HorseAndSaddle known={known} seat={seat} bar={place.hangs.bar} scale={scale} palette={palette} />
      {ghosts.map((ghost) => (
        <Path
          key={Math.round(ghost.hangMm)}
          d={pathOf([ghost.hip, ghost.knee, ghost.ankle].map((p) => [scale.x(p.xMm), scale.y(p.zMm)]))}
          stroke={palette.ink}
          strokeWidth={1.6}
          strokeDasharray="2 4"
          fill="none"
        />
      ))}
      <Trunk hip={joints.hip} trunkMm={trunkMm} leanDeg={over?.leanDeg ?? 0} scale={scale} palette={palette} />
      <Leather place={place} scale={scale} palette={palette} />
      <Limbs joints={joints} scale={scale} palette={palette} />
      {over === null ? (
        <HipPlumb place={place} trunkMm={trunkMm} scale={scale} palette={palette} />
      ) : (
        <MassOverTread over={over} place={place} scale={scale} palette={palette} />
      )}
      <Marks marks={marks} place={place} scale={scale} palette={palette} />
      {over === null ? <Pegs place={place} plumb={plumb} scale={scale} palette={palette} /> : null}
    </Svg>
  );
}

interface PartProps {
  readonly scale: SceneScale;
  readonly palette: Palette;
}
type Joints = Pick<LegOnHorse, 'hip' | 'knee' | 'ankle' | 'tread'>;
type Joint = Joints['hip'];

/** Thickness of limbs, mm (drawing only). */
const THICK_MM = { trunk: 150, thigh: 110, shank: 80, foot: 42, head: 95 } as const;
const SOLE_MM = { heelBehindAnkle: 60, toeAheadOfTread: 75 } as const;

function Trunk({
  hip,
  trunkMm,
  leanDeg,
  scale,
  palette,
}: PartProps & { readonly hip: Joint; readonly trunkMm: number; readonly leanDeg: number }) {
  const lean = (leanDeg * Math.PI) / 180;
  const along = (mm: number): readonly [number, number] => [scale.x(hip.xMm - mm * Math.sin(lean)), scale.y(hip.zMm + mm * Math.cos(lean))];
  const [cx, cy] = along(trunkMm + 150);
  return (
    <G opacity={0.5}>
      <Path
        d={pathOf([along(20), along(trunkMm - 40)])}
        stroke={palette.ghost}
        strokeWidth={THICK_MM.trunk * scale.pxPerMm}
        strokeLinecap="round"
      />
      <Circle cx={cx} cy={cy} r={THICK_MM.head * scale.pxPerMm} fill={palette.ghost} />
    </G>
  );
}

function Leather({ place, scale, palette }: PartProps & { readonly place: LegOnHorse }) {
  const { bar } = place.hangs;
  const [x, top, bottom] = [scale.x(bar.xMm), scale.y(bar.zMm), scale.y(place.tread.zMm)];
  const eye = scale.y(place.tread.zMm + 125);
  const half = 40 * scale.pxPerMm;
  return (
    <G>
      <Line x1={x} y1={top} x2={scale.x(place.tread.xMm)} y2={eye} stroke={palette.leather} strokeWidth={4} />
      <Path
        d={`M${scale.x(place.tread.xMm) - half} ${bottom}Q${scale.x(place.tread.xMm) - half} ${eye} ${scale.x(place.tread.xMm)} ${eye}Q${scale.x(place.tread.xMm) + half} ${eye} ${scale.x(place.tread.xMm) + half} ${bottom}Z`}
        fill="none"
        stroke={palette.ink}
        strokeWidth={2.4}
      />
      <Circle cx={x} cy={top} r={5} fill={palette.action} />
    </G>
  );
}

function Limbs({ joints: { hip, knee, ankle, tread }, scale, palette }: PartProps & { readonly joints: Joints }) {
  const at = (p: { readonly xMm: number; readonly zMm: number }): readonly [number, number] => [scale.x(p.xMm), scale.y(p.zMm)];
  const limb = (from: Joint, to: Joint, thick: number) => (
    <Path
      d={pathOf([at(from), at(to)])}
      stroke={palette.ghost}
      strokeOpacity={0.62}
      strokeWidth={thick * scale.pxPerMm}
      strokeLinecap="round"
    />
  );
  const up = THICK_MM.foot / 2;
  const foot = [
    at({ xMm: ankle.xMm + SOLE_MM.heelBehindAnkle, zMm: tread.zMm + up + (ankle.zMm - tread.zMm) * 0.2 }),
    at({ xMm: tread.xMm - SOLE_MM.toeAheadOfTread, zMm: tread.zMm + up }),
  ];
  return (
    <G>
      {limb(hip, knee, THICK_MM.thigh)}
      {limb(knee, ankle, THICK_MM.shank)}
      <Path d={pathOf(foot)} stroke={palette.ink} strokeOpacity={0.75} strokeWidth={THICK_MM.foot * scale.pxPerMm} strokeLinecap="round" />
      <Path d={pathOf([at(hip), at(knee), at(ankle)])} stroke={palette.ink} strokeWidth={3} fill="none" />
      {[hip, knee, ankle].map((joint, i) => (
        <Circle key={i} cx={at(joint)[0]} cy={at(joint)[1]} r={i === 1 ? 8 : 6} fill={palette.sheet} stroke={palette.ink} strokeWidth={3} />
      ))}
      <Circle cx={at(tread)[0]} cy={at(tread)[1]} r={8} fill={palette.sheet} stroke={palette.action} strokeWidth={3} />
    </G>
  );
}

function HipPlumb({ place, trunkMm, scale, palette }: PartProps & { readonly place: LegOnHorse; readonly trunkMm: number }) {
  const x = scale.x(place.hip.xMm);
  return (
    <G>
      <Line
        x1={x}
        x2={x}
        y1={scale.y(place.hip.zMm + trunkMm + 240)}
        y2={scale.y(place.tread.zMm - 60)}
        stroke={palette.action}
        strokeWidth={2}
        strokeDasharray="7 5"
      />
      <SvgText x={x + 8} y={18} fontFamily={DRAWING_FONT} fontSize={14} fill={palette.action}>
        {LEG_PHRASES.plumb}
      </SvgText>
    </G>
  );
}

function MassOverTread({ over, place, scale, palette }: PartProps & { readonly over: OverTheIron; readonly place: LegOnHorse }) {
  const [x, y] = [scale.x(over.centre.xMm), scale.y(over.centre.zMm)];
  return (
    <G>
      <Line x1={x} x2={x} y1={y} y2={scale.y(place.tread.zMm - 40)} stroke={palette.action} strokeWidth={2} strokeDasharray="7 5" />
      <Circle cx={x} cy={y} r={9} fill={palette.action} />
      <SvgText x={x + 14} y={y + 5} fontFamily={DRAWING_FONT} fontSize={14} fill={palette.ink}>
        {LEG_PHRASES.centreOfMass}
      </SvgText>
    </G>
  );
}

/** Where the other rules would put the tread. */
function Marks({ marks, place, scale, palette }: PartProps & { readonly marks: LegDrawingProps['marks']; readonly place: LegOnHorse }) {
  const { bar } = place.hangs;
  const out = place.tread.outMm - bar.outMm;
  return (
    <G>
      {apart(marks.map(({ hangMm, label }) => ({ label, y: scale.y(bar.zMm - Math.sqrt(Math.max(0, hangMm ** 2 - out ** 2))) }))).map(
        ({ label, y, textY }) => {
          const x = scale.x(bar.xMm);
          return (
            <G key={label}>
              <Line x1={x - 26} x2={x + 4} y1={y} y2={y} stroke={palette.lookOut} strokeWidth={2.4} />
              <SvgText x={x - 30} y={textY + 5} textAnchor="end" fontFamily={DRAWING_FONT} fontSize={13} fill={palette.lookOut}>
                {label}
              </SvgText>
            </G>
          );
        },
      )}
    </G>
  );
}

const LINE_PX = 15;

/** Names of marks that lie close are set under each other. */
function apart<T extends { readonly y: number }>(marks: readonly T[]): (T & { readonly textY: number })[] {
  let last = Number.NEGATIVE_INFINITY;
  return [...marks]
    .sort((a, b) => a.y - b.y)
    .map((mark) => {
      last = Math.max(mark.y, last + LINE_PX);
      return { ...mark, textY: last };
    });
}

function Pegs({ place, plumb, scale, palette }: PartProps & { readonly place: LegOnHorse; readonly plumb: Plumb }) {
  return (
    <G>
      <ValuePeg
        x={scale.x(place.knee.xMm) - 62}
        y={scale.y(place.knee.zMm)}
        text={LEG_PHRASES.kneePeg(Math.round(place.kneeDeg))}
        palette={palette}
        widthPx={scale.widthPx}
      />
      <ValuePeg
        x={scale.x(place.hip.xMm) + 92}
        y={scale.y(place.ankle.zMm)}
        text={LEG_PHRASES.heelPeg(Math.round(plumb.heelBehindHipMm))}
        palette={palette}
        widthPx={scale.widthPx}
      />
    </G>
  );
}
