import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { trueScale } from '../../drawings/true-scale';
import { type SitRow, surfaceHeightMm, type SitPicture } from '@fulcra/core';
import Svg, { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { DRAWING_FONT, type Palette } from '../../ui/tokens';
import { usePalette } from '../../ui/use-palette';
import { Arrow, Groove, Pitch, Scapula, Tick, lowMark } from './side-marks';
import { type Plane, type PointXz, onTree, panelPath, pathIn, spineOf, treeOf } from './side-plane';
import { EndLine, type RoomViewProps, riderAt } from './top-view';

const ABOVE_MM = 120;
/** Straps are drawn down to here; the girth lies lower. */
const DRAWN_DOWN_MM = 250;

/** The horse's topline from the near side with the tree on it, its straps and the groove they should hang into. */
export function SideView({ widthPx, frame, surface, landmarks, picture, atMm, shown }: RoomViewProps) {
  const palette = usePalette();
  const spine = spineOf(surface, frame.fromMm, frame.toMm);
  const plane = planeOf(widthPx, frame, spine);
  const { x, y, heightPx, footMm } = plane;
  const tree = treeOf(picture);
  const groove = landmarks.places.girthGroove ?? null;
  const low = landmarks.places.lowPoint ?? null;
  return (
    <Svg width={widthPx} height={heightPx} role="img" aria-label={spokenSide(picture)} style={{ backgroundColor: palette.sheet }}>
      <Path d={`${pathIn(plane, spine)}L${x(spine.at(-1)!.x)} ${heightPx}L${x(spine[0]!.x)} ${heightPx}Z`} fill={palette.horse} />
      <Scapula landmarks={landmarks} x={x} topZ={y} surface={surface} palette={palette} footPx={y(footMm + 60)} />
      <EndLine
        atMm={landmarks.lastRib.atMm}
        text={FIT_ROOM_PHRASES.lastRib}
        x={x}
        heightPx={y(footMm + 40)}
        colour={palette.ink}
        widthPx={widthPx}
      />
      <Path d={pathIn(plane, spine)} fill="none" stroke={palette.ink} strokeWidth={3} />
      <Line x1={x(atMm)} x2={x(atMm)} y1={0} y2={heightPx} stroke={palette.action} strokeWidth={2} />
      {groove === null ? null : <Groove cx={x(groove)} cy={heightPx - 16} palette={palette} />}
      <Straps picture={picture} tree={tree} plane={plane} strong={shown?.id === 'strapLean'} />
      <Path d={panelPath(picture, tree, x, y)} fill={palette.leather} opacity={0.3} />
      <Path d={pathIn(plane, tree)} fill="none" stroke={palette.leather} strokeWidth={8} strokeLinecap="round" strokeLinejoin="round" />
      {low === null ? null : <Path d={lowMark(x(low), y(surfaceHeightMm(surface, low, 0)))} fill={palette.action} />}
      <Seat picture={picture} tree={tree} plane={plane} />
      <Ends picture={picture} tree={tree} plane={plane} shown={shown?.id ?? null} />
      <Ways widthPx={widthPx} heightPx={heightPx} palette={palette} />
    </Svg>
  );
}

function planeOf(widthPx: number, frame: RoomViewProps['frame'], spine: readonly PointXz[]): Plane {
  const pxPerMm = widthPx / (frame.toMm - frame.fromMm);
  const topMm = Math.max(...spine.map((p) => p.z)) + ABOVE_MM;
  const footMm = topMm - ABOVE_MM - DRAWN_DOWN_MM;
  return { ...trueScale(pxPerMm, frame.fromMm, topMm), footMm, heightPx: Math.round((topMm - footMm) * pxPerMm) };
}

interface OnTree {
  readonly picture: SitPicture;
  readonly tree: readonly PointXz[];
  readonly plane: Plane;
}

/** Each strap from its anchor toward the groove, as far down as is drawn. */
function Straps({ picture, tree, plane: { x, y, footMm }, strong }: OnTree & { readonly strong: boolean }) {
  const { leather } = usePalette();
  const { girthBuckle } = picture.asked.school.engine;
  return picture.pulls.map((pull) => {
    const hangsMm = girthBuckle.belowMm - pull.belowMm;
    const anchor = onTree(tree, pull.xMm) - pull.belowMm;
    const share = (anchor - footMm) / Math.max(1, hangsMm);
    const toX = pull.xMm + (pull.buckleMm - pull.xMm) * Math.min(1, share);
    return (
      <Line
        key={pull.strap.id}
        x1={x(pull.xMm)}
        x2={x(toX)}
        y1={y(anchor)}
        y2={y(Math.max(footMm, anchor - hangsMm))}
        stroke={leather}
        strokeWidth={strong ? 7 : 4.5}
      />
    );
  });
}

/** Level through the seat's lowest point, plumb through it, who sits there, and how it tips. */
function Seat({ picture, tree, plane: { x, y, heightPx } }: OnTree) {
  const palette = usePalette();
  const { seatLowMm } = picture.places;
  const [cx, cy] = [x(seatLowMm), y(onTree(tree, seatLowMm))];
  const load = riderAt(picture);
  const dashed = { stroke: palette.ink, strokeWidth: 1, strokeDasharray: '5 4' };
  return (
    <G>
      <Line x1={cx - 70} x2={cx + 70} y1={cy - 14} y2={cy - 14} {...dashed} />
      <Line x1={cx} x2={cx} y1={cy - 40} y2={heightPx - 20} {...dashed} />
      <Circle cx={cx} cy={cy - 14} r={5} fill={palette.ink} />
      {load === null ? null : <Arrow cx={x(load.xMm)} fromPx={Math.max(4, cy - 62)} toPx={cy - 20} colour={palette.ink} />}
      <Pitch picture={picture} cx={cx + 8} cy={cy - 44} palette={palette} />
    </G>
  );
}

/** Where the tree begins and the panel ends. */
function Ends({ picture: { places }, tree, plane: { x, y }, shown }: OnTree & { readonly shown: SitRow['id'] | null }) {
  const palette = usePalette();
  const tick = (atMm: number, onMm: number, text: string, strong: boolean) => (
    <Tick cx={x(atMm)} cy={y(onTree(tree, onMm))} text={text} palette={palette} strong={strong} />
  );
  return (
    <G>
      {tick(places.treePointMm, places.treePointMm, 'point', shown === 'pointBehindScapula')}
      {tick(places.panelEndMm, places.treeEndMm, FIT_ROOM_PHRASES.panelEnd, shown === 'panelBeforeRib')}
    </G>
  );
}

function Ways({ widthPx, heightPx, palette }: { readonly widthPx: number; readonly heightPx: number; readonly palette: Palette }) {
  const small = { y: heightPx - 8, fontFamily: DRAWING_FONT, fontSize: 13, fill: palette.muted };
  return (
    <G>
      <SvgText x={8} {...small}>
        {FIT_ROOM_PHRASES.head}
      </SvgText>
      <SvgText x={widthPx - 8} textAnchor="end" {...small}>
        {FIT_ROOM_PHRASES.tail}
      </SvgText>
    </G>
  );
}

const spokenSide = ({ pose, places, pulls }: SitPicture): string =>
  FIT_ROOM_PHRASES.fromTheNear(
    pose.pitchDeg.toFixed(1),
    places.treePointMm.toFixed(0),
    places.panelEndMm.toFixed(0),
    pulls.map((p) => p.leanDeg.toFixed(0)).join(' and '),
  );
