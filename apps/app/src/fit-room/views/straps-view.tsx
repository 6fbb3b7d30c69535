import Svg, { G, Line, Path } from 'react-native-svg';
import { HaloText } from '../../drawings/halo-text';
import { HorseFigure } from '../../drawings/horse/horse-figure';
import { WHOLE_HORSE } from '../../drawings/horse/paths';
import { trueScale } from '../../drawings/true-scale';
import { DRAWING_FONT } from '../../ui/tokens';
import { usePalette } from '../../ui/use-palette';
import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { STRAP_WORDS } from '../../words/setup-words';
import { type Plane, type PointXz, panelPath, pathIn, spineOf, treeOf } from './side-plane';
import { type DrawnHorse, type DrawnStrap, heldAt, laidHorse, placeOnBack, strapsOf } from './straps-on-horse';
import { type RoomViewProps } from './top-view';

export interface StrapsViewProps extends Omit<RoomViewProps, 'shown' | 'atMm'> {
  readonly heightPx: number;
  readonly horse: Omit<DrawnHorse, 'landmarks'>;
}

const ABOVE_MM = 110;
/** Below the girth's lowest place. */
const BELOW_MM = 70;
/** One newton along the back, px. */
const PX_PER_N = 1.6;
const GIRTH_HALF_MM = 38;

/** The saddle on the horse from the near side, down to the girth: each strap's way to its buckle, how it leans and what that pulls. */
export function StrapsView({ widthPx, heightPx, frame, surface, landmarks, picture, horse }: StrapsViewProps) {
  const palette = usePalette();
  const spine = spineOf(surface, frame.fromMm, frame.toMm);
  const low = spine.reduce((a, b) => (b.z < a.z ? b : a));
  const laid = laidHorse({ ...horse, landmarks }, low);
  const foot = placeOnBack('girthGroove', horse, laid);
  const plane = planeOf({ widthPx, heightPx, spine, foot, middleMm: (frame.fromMm + frame.toMm) / 2 });
  const tree = treeOf(picture);
  const straps = strapsOf(picture, tree);
  const { x, y } = plane;
  const scale = [laid.alongMm * plane.pxPerMm, laid.upMm * plane.pxPerMm] as const;
  const corner = [x(laid.x0Mm + WHOLE_HORSE.left * laid.alongMm), y(laid.z0Mm + WHOLE_HORSE.top * laid.upMm)] as const;
  return (
    <Svg width={widthPx} height={heightPx} role="img" aria-label={spoken(straps)} style={{ backgroundColor: palette.sheet }}>
      <G transform={`translate(${corner[0]} ${corner[1]}) scale(${scale[0]} ${scale[1]})`}>
        <HorseFigure box={WHOLE_HORSE} form={horse.form} strokeWidth={1.6 / scale[1]} stroke={palette.muted} />
      </G>
      <Path d={pathIn(plane, spine)} fill="none" stroke={palette.ink} strokeWidth={2.5} />
      <Girth straps={straps} foot={foot} plane={plane} />
      <Path d={panelPath(picture, tree, x, y)} fill={palette.leather} opacity={0.35} />
      <Path d={pathIn(plane, tree)} fill="none" stroke={palette.leather} strokeWidth={6} strokeLinecap="round" strokeLinejoin="round" />
      {straps.map((strap) => (
        <StrapDrawn key={strap.pull.strap.id} strap={strap} plane={plane} />
      ))}
      <Said straps={straps} plane={plane} />
    </Svg>
  );
}

interface Extent {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly spine: readonly PointXz[];
  readonly foot: PointXz;
  readonly middleMm: number;
}

/** From above the saddle to below the girth, the back's middle in the middle. */
function planeOf({ widthPx, heightPx, spine, foot, middleMm }: Extent): Plane {
  const topMm = Math.max(...spine.map((p) => p.z)) + ABOVE_MM;
  const footMm = foot.z - BELOW_MM;
  const pxPerMm = heightPx / (topMm - footMm);
  return { ...trueScale(pxPerMm, middleMm - widthPx / pxPerMm / 2, topMm), footMm, heightPx };
}

/** From its buckles down into the groove and on under the chest. */
function Girth({
  straps,
  foot,
  plane: { x, y },
}: {
  readonly straps: readonly DrawnStrap[];
  readonly foot: PointXz;
  readonly plane: Plane;
}) {
  const palette = usePalette();
  if (straps.length === 0) return null;
  const buckles = straps.map((s) => s.buckle);
  const top = Math.min(...buckles.map((b) => b.z));
  const [from, to] = [Math.min(...buckles.map((b) => b.x)) - GIRTH_HALF_MM / 2, Math.max(...buckles.map((b) => b.x)) + GIRTH_HALF_MM / 2];
  const side = `M${x(from)} ${y(top)}L${x(to)} ${y(top)}L${x(foot.x + GIRTH_HALF_MM)} ${y(foot.z)}L${x(foot.x - GIRTH_HALF_MM)} ${y(foot.z)}Z`;
  return <Path d={side} fill={palette.leather} opacity={0.55} stroke={palette.leather} strokeWidth={1.5} strokeLinejoin="round" />;
}

/** One strap to its buckle, the plumb line it is held against, and the pull along the back that its lean makes, to scale. */
function StrapDrawn({ strap, plane: { x, y } }: { readonly strap: DrawnStrap; readonly plane: Plane }) {
  const palette = usePalette();
  const { pull, ends, ring, buckle } = strap;
  const held = heldAt(strap);
  const [hx, hy, bx, by] = [x(held.x), y(held.z), x(buckle.x), y(buckle.z)];
  const tipPx = hx + pull.alongN * PX_PER_N;
  const back = pull.alongN < 0 ? 6 : -6;
  return (
    <G>
      <Line x1={hx} x2={hx} y1={hy} y2={by} stroke={palette.ink} strokeWidth={1} strokeDasharray="4 4" />
      {ring === null
        ? null
        : ends.map((end) => <Line key={end.x} x1={x(end.x)} y1={y(end.z)} x2={hx} y2={hy} stroke={palette.leather} strokeWidth={3.5} />)}
      <Line x1={hx} y1={hy} x2={bx} y2={by} stroke={palette.leather} strokeWidth={4.5} />
      <Path d={`M${bx - 5} ${by - 4}h10v8h-10Z`} fill={palette.sheet} stroke={palette.ink} strokeWidth={1.5} />
      {Math.abs(pull.alongN * PX_PER_N) < 3 ? null : (
        <Path
          d={`M${hx} ${hy}H${tipPx}M${tipPx + back} ${hy - 5}L${tipPx} ${hy}L${tipPx + back} ${hy + 5}`}
          fill="none"
          stroke={palette.bad}
          strokeWidth={2.5}
        />
      )}
    </G>
  );
}

/** What the drawing shows in numbers, on the flank behind the straps. */
function Said({ straps, plane: { x, y } }: { readonly straps: readonly DrawnStrap[]; readonly plane: Plane }) {
  const { ink, horse } = usePalette();
  if (straps.length === 0) return null;
  const leftPx = Math.max(...straps.flatMap((s) => [x(s.buckle.x), x(heldAt(s).x)])) + 22;
  const topPx = y(Math.max(...straps.map((s) => heldAt(s).z))) + 46;
  const words = { paper: horse, haloPx: 4, fontFamily: DRAWING_FONT, fontSize: 13, fill: ink } as const;
  return straps
    .flatMap(({ pull }) => strapSaid(pull))
    .map((line, i) => <HaloText key={line} x={leftPx} y={topPx + LINE_PX * i} text={line} {...words} />);
}

const LINE_PX = 16;

const strapSaid = ({ strap, leanDeg, alongN }: DrawnStrap['pull']): readonly string[] =>
  FIT_ROOM_PHRASES.strapLeans(STRAP_WORDS[strap.id], leanDeg, alongN);

const spoken = (straps: readonly DrawnStrap[]): string =>
  straps.length === 0
    ? FIT_ROOM_PHRASES.noStraps
    : FIT_ROOM_PHRASES.strapsFromTheNear(straps.map(({ pull }) => strapSaid(pull).join(', ')).join('; '));
