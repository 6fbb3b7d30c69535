import { SADDLES_PHRASES } from '../words/saddles-phrases';
import { closedPathOf, pathOf } from '../drawings/path-of';
import { type SaddleFields } from '@fulcra/contract';
import { type DescribedSaddle, CROWN_RADIUS_MM, archHalfOutline, archOfSetting, presentSetup, underside } from '@fulcra/core';
import Svg, { G, Line, Path, Text as SvgText } from 'react-native-svg';
import { DRAWING_FONT, type Palette } from '../ui/tokens';
import { usePalette } from '../ui/use-palette';
import { type MeasureView } from './saddle-measures';
import { type Dimension, RIM, type SidePlane, mm, sideDimensions, sidePlane } from './side-plane';

export interface SaddleDrawingProps {
  readonly widthPx: number;
  readonly saddle: SaddleFields;
  readonly view: MeasureView;
  /** Id of the measure that is shown. */
  readonly measure: string | null;
  /** Small, in a list: the shape alone. */
  readonly plain?: boolean;
}

/** The saddle as its numbers make it, from the side, from below or from the front, with one measure drawn where it is taken. */
export function SaddleDrawing({ widthPx, saddle, view, measure, plain = false }: SaddleDrawingProps) {
  const palette = usePalette();
  const described: Drawn = { id: '', ...saddle };
  const props = { widthPx, saddle: described, palette, measure, plain };
  return view === 'side' ? <Side {...props} /> : view === 'under' ? <Under {...props} /> : <Front {...props} />;
}

type Drawn = DescribedSaddle & Pick<SaddleFields, 'seat'>;

interface ViewProps {
  readonly plain: boolean;
  readonly widthPx: number;
  readonly saddle: Drawn;
  readonly palette: Palette;
  readonly measure: string | null;
}

/** A measure as the trade draws it: a line with two ends and its number. */
function Measured({ at, palette }: { readonly at: Dimension | undefined; readonly palette: Palette }) {
  if (at === undefined) return null;
  const { x1, y1, x2, y2, text } = at;
  const length = Math.max(1, Math.hypot(x2 - x1, y2 - y1));
  const [nx, ny] = [(-(y2 - y1) / length) * 8, ((x2 - x1) / length) * 8];
  return (
    <G>
      <Line x1={x1} y1={y1} x2={x2} y2={y2} stroke={palette.action} strokeWidth={3} />
      {[
        [x1, y1],
        [x2, y2],
      ].map(([x, y], i) => (
        <Line key={i} x1={x! - nx} y1={y! - ny} x2={x! + nx} y2={y! + ny} stroke={palette.action} strokeWidth={3} />
      ))}
      <SvgText
        x={(x1 + x2) / 2 + (Math.abs(nx) > Math.abs(ny) ? 12 : 0)}
        y={(y1 + y2) / 2 + (Math.abs(nx) > Math.abs(ny) ? 5 : -12)}
        textAnchor={Math.abs(nx) > Math.abs(ny) ? 'start' : 'middle'}
        fontFamily={DRAWING_FONT}
        fontSize={15}
        fontWeight="700"
        fill={palette.ink}
      >
        {text}
      </SvgText>
    </G>
  );
}

function Side({ widthPx, saddle, palette, measure, plain }: ViewProps) {
  const plane = sidePlane(widthPx, saddle, plain);
  const { x, y, heightPx, tree, low, leather } = plane;
  const px = (points: readonly (readonly [number, number])[]) => points.map(([u, z]) => [x(u), y(z)] as const);
  const path = (points: readonly (readonly [number, number])[]) => pathOf(px(points));
  const outline = { stroke: palette.leather, strokeWidth: plain ? 1 : 2 } as const;
  return (
    <Svg width={widthPx} height={heightPx} role="img" aria-label={SADDLES_PHRASES.theSaddleFrom} style={{ backgroundColor: palette.sheet }}>
      <Path
        d={`${path(tree)}${path([...low].reverse()).replace('M', 'L')}Z`}
        fill={palette.horse}
        stroke={palette.leather}
        strokeWidth={1}
      />
      <Path
        d={closedPathOf(px(leather.flap))}
        fill={palette.leather}
        fillOpacity={leather.assumed ? 0.18 : 0.45}
        {...outline}
        {...(leather.assumed && { strokeDasharray: '5 4' })}
      />
      <Path d={closedPathOf(px(leather.seat))} fill={palette.leather} fillOpacity={0.82} {...outline} />
      <Path d={path(tree)} fill="none" stroke={palette.ink} strokeWidth={plain ? 2 : 3} strokeLinecap="round" />
      {plain ? null : (
        <>
          <SideParts saddle={saddle} plane={plane} palette={palette} />
          <Measured at={measure === null ? undefined : sideDimensions(saddle, plane)[measure]} palette={palette} />
          <Foot widthPx={widthPx} heightPx={heightPx} left="front" right="rear" palette={palette} />
        </>
      )}
    </Svg>
  );
}

/** Straps, the seat's lowest point, and the stirrup bar. */
function SideParts({
  saddle,
  plane: { x, y, heightPx, under },
  palette,
}: Pick<ViewProps, 'saddle' | 'palette'> & { readonly plane: SidePlane }) {
  const { frame, straps } = saddle.build;
  return (
    <>
      {straps.map((s) => (
        <G key={s.id}>
          <Line x1={x(s.xMm)} x2={x(s.xMm)} y1={y(-s.belowMm)} y2={heightPx - 22} stroke={palette.leather} strokeWidth={5} />
          <SvgText x={x(s.xMm)} y={heightPx - 6} textAnchor="middle" fontFamily={DRAWING_FONT} fontSize={12.5} fill={palette.ink}>
            {s.id}
          </SvgText>
        </G>
      ))}
      <Path d={`M${x(frame.seatLowMm) - 6} ${y(under.roofAt(frame.seatLowMm)) - 16}h12l-6 10Z`} fill={palette.ink} />
      <Path d={`M${x(frame.barMm) - 9} ${y(under.roofAt(frame.barMm) - 26)}h18`} stroke={palette.ink} strokeWidth={5} />
    </>
  );
}

function Under({ widthPx, saddle, palette, measure }: ViewProps) {
  const { frame, panel } = saddle.build;
  const under = underside(saddle, presentSetup(saddle, 0));
  const px = (widthPx - 2 * RIM) / (under.toMm - under.fromMm);
  const half = under.halfWidthMm + 24;
  const heightPx = 2 * half * px;
  const x = (u: number) => RIM + (u - under.fromMm) * px;
  const y = (out: number) => (half - out) * px;
  const us = Array.from({ length: 41 }, (_, i) => under.fromMm + ((under.toMm - under.fromMm) * i) / 40);
  const outline = (sign: 1 | -1): string => {
    const inner = us.map((u) => [x(u), y(sign * under.edgesAt(u).innerMm)] as const);
    const outer = us
      .filter((u) => u >= under.fromMm + panel.cutBackMm)
      .map((u) => [x(u), y(sign * under.edgesAt(u).outerMm)] as const)
      .reverse();
    return `${pathOf([...inner, ...outer])}Z`;
  };
  const across = (u: number, from: number, to: number): Dimension => ({
    x1: x(u),
    y1: y(from),
    x2: x(u),
    y2: y(to),
    text: mm(Math.abs(to - from)),
  });
  const channel = (u: number) => across(u, -under.edgesAt(u).innerMm, under.edgesAt(u).innerMm);
  const width = (u: number) => across(u, under.edgesAt(u).innerMm, under.edgesAt(u).outerMm);
  const mid = frame.lengthMm / 2;
  const at: Readonly<Record<string, Dimension>> = {
    frontChannelMm: channel(8),
    channelMidMm: channel(mid),
    channelRearMm: channel(frame.lengthMm),
    widthFrontMm: width(8),
    widthMidMm: width(mid),
    widthRearMm: width(frame.lengthMm),
    bevelMm: across(mid, under.edgesAt(mid).outerMm - panel.bevelMm, under.edgesAt(mid).outerMm),
    cutBackMm: {
      x1: x(under.fromMm),
      y1: y(under.edgesAt(0).outerMm),
      x2: x(under.fromMm + panel.cutBackMm),
      y2: y(under.edgesAt(0).outerMm),
      text: mm(panel.cutBackMm),
    },
  };
  return (
    <Svg
      width={widthPx}
      height={heightPx}
      role="img"
      aria-label={SADDLES_PHRASES.theSaddleFromBelow}
      style={{ backgroundColor: palette.sheet }}
    >
      <Path d={outline(1)} fill={palette.leather} opacity={0.35} stroke={palette.leather} strokeWidth={2} />
      <Path d={outline(-1)} fill={palette.leather} opacity={0.35} stroke={palette.leather} strokeWidth={2} />
      <Line x1={x(0)} x2={x(frame.lengthMm)} y1={y(0)} y2={y(0)} stroke={palette.leather} strokeWidth={5} opacity={0.6} />
      <Measured at={measure === null ? undefined : at[measure]} palette={palette} />
      <Foot widthPx={widthPx} heightPx={heightPx} left="front" right="rear" palette={palette} />
    </Svg>
  );
}

function Front({ widthPx, saddle, palette, measure }: ViewProps) {
  const setting = saddle.front.settings[saddle.front.presentSetting] ?? saddle.front.settings[0]!;
  const arch = archOfSetting(saddle.front, setting);
  const half = archHalfOutline(arch);
  const tip = half.at(-1)!;
  const heightPx = 230;
  const px = Math.min((widthPx - 2 * RIM) / (2 * tip.yMm), (heightPx - 60) / -tip.zMm);
  const [x, y] = [(mmAcross: number) => widthPx / 2 + mmAcross * px, (z: number) => 34 - z * px];
  const line = (sign: 1 | -1) => pathOf(half.map((p) => [x(sign * p.yMm), y(p.zMm)]));
  const rail = (deg: number): string => {
    const reach = tip.yMm * 0.9;
    const drop = reach / Math.tan((deg * Math.PI) / 360);
    return `M${x(-reach)} ${y(-drop)}L${x(0)} ${y(0)}L${x(reach)} ${y(-drop)}`;
  };
  const start = half.at(-2)!;
  const at: Readonly<Record<string, Dimension>> = {
    pointLengthMm: { x1: x(start.yMm) + 10, y1: y(start.zMm), x2: x(tip.yMm) + 10, y2: y(tip.zMm), text: mm(saddle.front.pointLengthMm) },
    width: {
      x1: x(-tip.yMm * (100 / -tip.zMm)),
      y1: y(-100),
      x2: x(tip.yMm * (100 / -tip.zMm)),
      y2: y(-100),
      text: `${setting.includedAngleDeg}°`,
    },
  };
  const angle =
    measure === 'midAngleDeg' ? saddle.build.frame.midAngleDeg : measure === 'rearAngleDeg' ? saddle.build.frame.rearAngleDeg : null;
  return (
    <Svg width={widthPx} height={heightPx} role="img" aria-label={SADDLES_PHRASES.theArchFrom} style={{ backgroundColor: palette.sheet }}>
      <Path d={line(1)} fill="none" stroke={palette.leather} strokeWidth={9} />
      <Path d={line(-1)} fill="none" stroke={palette.leather} strokeWidth={9} />
      {angle === null ? null : (
        <G>
          <Path d={rail(angle)} fill="none" stroke={palette.action} strokeWidth={3} />
          <SvgText x={x(0)} y={y(-70)} textAnchor="middle" fontFamily={DRAWING_FONT} fontSize={15} fontWeight="700" fill={palette.ink}>
            {`${angle}°`}
          </SvgText>
        </G>
      )}
      <Measured at={measure === null ? undefined : at[measure]} palette={palette} />
      <SvgText x={widthPx / 2} y={20} textAnchor="middle" fontFamily={DRAWING_FONT} fontSize={13} fill={palette.ink}>
        {SADDLES_PHRASES.crownRadiusMm(CROWN_RADIUS_MM[saddle.front.shape])}
      </SvgText>
    </Svg>
  );
}

const Foot = ({
  widthPx,
  heightPx,
  left,
  right,
  palette,
}: {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly left: string;
  readonly right: string;
  readonly palette: Palette;
}) => (
  <G>
    <SvgText x={6} y={heightPx - 6} fontFamily={DRAWING_FONT} fontSize={12.5} fill={palette.ink}>
      {left}
    </SvgText>
    <SvgText x={widthPx - 6} y={heightPx - 6} textAnchor="end" fontFamily={DRAWING_FONT} fontSize={12.5} fill={palette.ink}>
      {right}
    </SvgText>
  </G>
);
