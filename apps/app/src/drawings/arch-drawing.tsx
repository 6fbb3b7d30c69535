import { DRAWINGS_PHRASES } from '../words/drawings-phrases';
import { type LaidArch, type Section, archOutline, bearingPart } from '@fulcra/core';
import Svg, { G, Line, Path } from 'react-native-svg';
import { type Palette } from '../ui/tokens';
import { usePalette } from '../ui/use-palette';
import { fingersWords } from '../words/measure-words';
import { MillimetreGrid } from './millimetre-grid';
import { type PaperScale, paperScale, pathThrough, reachOf } from './paper-scale';
import { SectionLines, SideNames } from './section-lines';
import { ValuePeg } from './value-peg';

export interface ArchDrawingProps {
  /** Width of the practice's finger. */
  readonly fingerMm: number;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly section: Section;
  readonly laid: LaidArch;
  readonly narrower: LaidArch | null;
  readonly wider: LaidArch | null;
}

/** The arch as it rests on the section, its neighbours ghosted, gaps written where they are. */
export function ArchDrawing({ fingerMm, widthPx, heightPx, section, laid, narrower, wider }: ArchDrawingProps) {
  const palette = usePalette();
  const outline = archOutline(laid.arch, laid.crownZMm);
  const lowest = Math.min(...outline.map((p) => p.zMm)) - 50;
  const near = section.points.filter((p) => p.zMm > lowest);
  const reach = reachOf([...outline, ...near], 12);
  const scale = paperScale(widthPx, heightPx, { ...reach, aboveMm: reach.aboveMm + PEG_ROOM_MM });
  return (
    <Svg width={widthPx} height={heightPx} role="img" aria-label={spoken(laid)} style={{ backgroundColor: palette.sheet }}>
      <MillimetreGrid scale={scale} palette={palette} />
      <SectionLines section={section} scale={scale} palette={palette} />
      <Path
        d={pathThrough(besideInside(laid, STROKE_PX / 2 / scale.pxPerMm), scale)}
        fill="none"
        stroke={palette.leather}
        strokeWidth={STROKE_PX}
        strokeLinejoin="round"
        strokeLinecap="butt"
      />
      {[narrower, wider].map((ghost, i) => (ghost === null ? null : <Ghost key={i} laid={ghost} scale={scale} palette={palette} />))}
      <Clearance laid={laid} scale={scale} palette={palette} fingerMm={fingerMm} />
      <Gaps laid={laid} scale={scale} palette={palette} />
      <SideNames scale={scale} palette={palette} />
    </Svg>
  );
}

const STROKE_PX = 8;
/** Above the crown, for its number. */
const PEG_ROOM_MM = 24;

/** The leather lies outside the measured line: the same arch, larger all round. */
const besideInside = (laid: LaidArch, byMm: number) =>
  archOutline({ ...laid.arch, crownRadiusMm: laid.arch.crownRadiusMm + byMm }, laid.crownZMm + byMm);

const spoken = (laid: LaidArch): string =>
  DRAWINGS_PHRASES.archOfDegrees(
    Math.round(laid.arch.includedAngleDeg),
    laid.near.topMm.toFixed(0),
    laid.near.tipMm.toFixed(0),
    laid.off.topMm.toFixed(0),
    laid.off.tipMm.toFixed(0),
  );

function Ghost({ laid, scale, palette }: { readonly laid: LaidArch; readonly scale: PaperScale; readonly palette: Palette }) {
  return (
    <Path
      d={pathThrough(archOutline(laid.arch, laid.crownZMm), scale)}
      fill="none"
      stroke={palette.ink}
      strokeWidth={1.6}
      strokeDasharray="2 4"
    />
  );
}

interface ClearanceProps {
  readonly laid: LaidArch;
  readonly scale: PaperScale;
  readonly palette: Palette;
  readonly fingerMm: number;
}

function Clearance({ laid, scale, palette, fingerMm }: ClearanceProps) {
  const x = scale.x(0);
  return (
    <G>
      <Line x1={x} x2={x} y1={scale.y(0)} y2={scale.y(laid.loadedMm)} stroke={palette.ink} strokeWidth={2} />
      <ValuePeg
        x={x}
        y={scale.y(laid.crownZMm) - 18}
        text={DRAWINGS_PHRASES.underLoad(Math.round(laid.loadedMm), fingersWords(laid.loadedMm, fingerMm))}
        palette={palette}
        widthPx={scale.widthPx}
      />
    </G>
  );
}

function Gaps({ laid, scale, palette }: { readonly laid: LaidArch; readonly scale: PaperScale; readonly palette: Palette }) {
  const { top, tip } = bearingPart(laid.arch, laid.padding);
  const gaps = [
    { gap: laid.near.topMm, at: top, sign: -1 },
    { gap: laid.near.tipMm, at: tip, sign: -1 },
    { gap: laid.off.topMm, at: top, sign: 1 },
    { gap: laid.off.tipMm, at: tip, sign: 1 },
  ];
  return (
    <G>
      {gaps.map(({ gap, at, sign }, i) => (
        <ValuePeg
          key={i}
          x={scale.x(at.yMm * sign) + sign * 34}
          y={scale.y(at.zMm + laid.crownZMm) - 16}
          text={DRAWINGS_PHRASES.mm2(Math.max(0, Math.round(gap)))}
          palette={palette}
          widthPx={scale.widthPx}
        />
      ))}
    </G>
  );
}
