import { type RiderMeasure } from '@fulcra/core';
import Svg, { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { pathOf } from '../drawings/path-of';
import { DRAWING_FONT, type Palette } from '../ui/tokens';
import { usePalette } from '../ui/use-palette';
import { RIDERS_PHRASES, measureShort } from '../words/riders-phrases';
import { type FigureLine, type FigurePoint, MEASURE_LINES, SEATED, STANDING } from './body-figure';

export interface BodyDrawingProps {
  readonly widthPx: number;
  readonly heightPx: number;
  /** The length in hand; null while none is. */
  readonly here: RiderMeasure | null;
  /** Lengths that were measured: drawn faintly where they lie. */
  readonly measured: readonly RiderMeasure[];
}

type Place = (p: FigurePoint) => readonly [number, number];
const FOOT_PX = 26;

/** A standing and a seated figure; the length in hand is marked where it is taken. */
export function BodyDrawing({ widthPx, heightPx, here, measured }: BodyDrawingProps) {
  const palette = usePalette();
  const pxEach = Math.min((heightPx - FOOT_PX - 8) / 1.02, widthPx / 1.75);
  const floor = heightPx - FOOT_PX;
  const standing: Place = ({ right, up }) => [widthPx * 0.23 + right * pxEach, floor - up * pxEach];
  const seated: Place = ({ right, up }) => [widthPx * 0.7 + right * pxEach, floor - up * pxEach];
  const placeOf = (l: FigureLine): Place => (l.figure === 'standing' ? standing : seated);
  const spoken = here === null ? RIDERS_PHRASES.figurePlain : RIDERS_PHRASES.figureShows(measureShort[here]);
  return (
    <Svg width={widthPx} height={heightPx} role="img" aria-label={spoken} style={{ backgroundColor: palette.sheet }}>
      <Line x1={0} x2={widthPx} y1={floor} y2={floor} stroke={palette.ruleStrong} strokeWidth={1.2} />
      <Standing place={standing} palette={palette} px={pxEach} />
      <Seated place={seated} palette={palette} px={pxEach} />
      {measured
        .filter((m) => m !== here)
        .map((m) => (
          <Mark key={m} line={MEASURE_LINES[m]} place={placeOf(MEASURE_LINES[m])} colour={palette.ruleStrong} width={1.6} />
        ))}
      {here === null ? null : <Mark line={MEASURE_LINES[here]} place={placeOf(MEASURE_LINES[here])} colour={palette.action} width={5} />}
      {(['standing', 'seated'] as const).map((figure) => (
        <SvgText
          key={figure}
          x={(figure === 'standing' ? standing : seated)({ right: 0, up: 0 })[0]}
          y={heightPx - 8}
          textAnchor="middle"
          fontFamily={DRAWING_FONT}
          fontSize={14}
          fill={palette.muted}
        >
          {RIDERS_PHRASES[figure]}
        </SvgText>
      ))}
    </Svg>
  );
}

interface FigureProps {
  readonly place: Place;
  readonly palette: Palette;
  readonly px: number;
}

const limb = (points: readonly FigurePoint[], place: Place, wide: number, px: number, palette: Palette, key: string) => (
  <Path
    key={key}
    d={pathOf(points.map(place))}
    stroke={palette.horse}
    strokeWidth={wide * px}
    strokeLinecap="round"
    strokeLinejoin="round"
    fill="none"
  />
);

function Standing({ place, palette, px }: FigureProps) {
  const at = (right: number, up: number): FigurePoint => ({ right, up });
  const [x, y] = place(at(0, 0.93));
  return (
    <G>
      {limb([at(-0.05, STANDING.hip), at(-0.05, 0.03), at(-0.08, 0.02)], place, 0.075, px, palette, 'l')}
      {limb([at(0.05, STANDING.hip), at(0.05, 0.03), at(0.08, 0.02)], place, 0.075, px, palette, 'r')}
      {limb([at(0, STANDING.hip + 0.01), at(0, STANDING.shoulder - 0.05)], place, 0.17, px, palette, 'trunk')}
      {limb([at(0.09, STANDING.armAt), at(0.46, STANDING.armAt)], place, 0.05, px, palette, 'arm')}
      {limb([at(-0.12, STANDING.shoulder - 0.03), at(-0.14, 0.45)], place, 0.05, px, palette, 'other')}
      <Circle cx={x} cy={y} r={0.065 * px} fill={palette.horse} />
    </G>
  );
}

function Seated({ place, palette, px }: FigureProps) {
  const [x, y] = place(SEATED.head);
  const [bx, by] = place({ right: -0.12, up: SEATED.hip.up - 0.055 });
  return (
    <G>
      <Path d={`M${bx} ${by}h${0.3 * px}v${0.03 * px}h${-0.3 * px}z`} fill={palette.rule} stroke={palette.ruleStrong} strokeWidth={1} />
      {limb([SEATED.shoulder, SEATED.hip], place, 0.13, px, palette, 'trunk')}
      {limb([SEATED.hip, SEATED.knee], place, 0.085, px, palette, 'thigh')}
      {limb([SEATED.knee, SEATED.ankle], place, 0.065, px, palette, 'shank')}
      {limb([SEATED.heel, SEATED.ball], place, 0.035, px, palette, 'foot')}
      <Circle cx={x} cy={y} r={0.065 * px} fill={palette.horse} />
    </G>
  );
}

interface MarkProps {
  readonly line: FigureLine;
  readonly place: Place;
  readonly colour: string;
  readonly width: number;
}

const TICK_PX = 7;

function Mark({ line, place, colour, width }: MarkProps) {
  const [[x1, y1], [x2, y2]] = [place(line.from), place(line.to)];
  const along = Math.hypot(x2 - x1, y2 - y1) || 1;
  const [tx, ty] = [(-(y2 - y1) / along) * TICK_PX, ((x2 - x1) / along) * TICK_PX];
  const tick = (x: number, y: number, key: string) => (
    <Line key={key} x1={x - tx} y1={y - ty} x2={x + tx} y2={y + ty} stroke={colour} strokeWidth={Math.max(1.6, width / 2)} />
  );
  return (
    <G>
      <Line x1={x1} y1={y1} x2={x2} y2={y2} stroke={colour} strokeWidth={width} />
      {tick(x1, y1, 'from')}
      {tick(x2, y2, 'to')}
    </G>
  );
}
