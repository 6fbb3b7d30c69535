import { type BySideAndZone, type NearOff, SIDES, ZONES } from '@fulcra/core';
import Svg, { G, Path, Rect, Text as SvgText } from 'react-native-svg';
import { type Palette, DRAWING_FONT } from '../ui/tokens';
import { usePalette } from '../ui/use-palette';
import { DRAWINGS_PHRASES } from '../words/drawings-phrases';
import { shimWords, shimsPut } from '../words/shim-words';

/** Of the drawing, in its own units: two panels from below, the head to the left, near above as a saddle lies turned over. */
const VIEW = { width: 340, height: 190 } as const;
const PANEL = { x: 20, width: 300, height: 66, round: 26 } as const;
const TOP: Readonly<Record<NearOff, number>> = { near: 16, off: 108 };
const POCKET = { width: PANEL.width / ZONES.length, inset: 7 } as const;

/** Where the shims go: both panels from below with their three pockets, each shim with its thickness and its curved edge. */
export function ShimDrawing({ shims }: { readonly shims: BySideAndZone }) {
  const palette = usePalette();
  const label = shimsPut(shims).map(shimWords).join('; ');
  return (
    <Svg width="100%" height={VIEW.height} viewBox={`0 0 ${VIEW.width} ${VIEW.height}`} role="img" aria-label={label}>
      {SIDES.map((side) => (
        <G key={side}>
          <Rect
            x={PANEL.x}
            y={TOP[side]}
            width={PANEL.width}
            height={PANEL.height}
            rx={PANEL.round}
            fill="none"
            stroke={palette.ink}
            strokeWidth={1.5}
          />
          {ZONES.map((zone, i) => (
            <Pocket key={zone} x={PANEL.x + i * POCKET.width} y={TOP[side]} zone={i} mm={shims[side][zone]} palette={palette} />
          ))}
          <SvgText
            x={PANEL.x + PANEL.width / 2}
            y={TOP[side] - 4}
            textAnchor="middle"
            fontFamily={DRAWING_FONT}
            fontSize={11}
            fill={palette.muted}
          >
            {side === 'near' ? DRAWINGS_PHRASES.nNear : DRAWINGS_PHRASES.offO}
          </SvgText>
        </G>
      ))}
      <SvgText x={2} y={VIEW.height / 2 + 6} fontFamily={DRAWING_FONT} fontSize={11} fill={palette.muted}>
        {DRAWINGS_PHRASES.head}
      </SvgText>
      <SvgText x={VIEW.width - 2} y={VIEW.height / 2 + 6} textAnchor="end" fontFamily={DRAWING_FONT} fontSize={11} fill={palette.muted}>
        {DRAWINGS_PHRASES.tail}
      </SvgText>
    </Svg>
  );
}

interface PocketProps {
  readonly x: number;
  readonly y: number;
  /** 0 in front, 1 in the middle, 2 at the rear. */
  readonly zone: number;
  readonly mm: number;
  readonly palette: Palette;
}

function Pocket({ x, y, zone, mm, palette }: PocketProps) {
  const { inset, width } = POCKET;
  const [left, right, top, bottom] = [x + inset, x + width - inset, y + inset, y + PANEL.height - inset];
  const middle = (top + bottom) / 2;
  // the curved edge bows toward the blade in front and toward the tail behind
  const bow = 24;
  const path =
    zone === 0
      ? `M ${right} ${top} H ${left + bow} Q ${left - 4} ${middle} ${left + bow} ${bottom} H ${right} Z`
      : zone === 2
        ? `M ${left} ${top} H ${right - bow} Q ${right + 4} ${middle} ${right - bow} ${bottom} H ${left} Z`
        : `M ${left} ${top} H ${right} V ${bottom} H ${left} Z`;
  return (
    <G>
      <Path d={path} fill={mm > 0 ? palette.rule : 'none'} stroke={mm > 0 ? palette.ink : palette.rule} strokeWidth={mm > 0 ? 1.5 : 1} />
      {mm > 0 ? (
        <SvgText
          x={(left + right) / 2}
          y={middle + 5}
          textAnchor="middle"
          fontFamily={DRAWING_FONT}
          fontSize={14}
          fontWeight="700"
          fill={palette.ink}
        >
          {DRAWINGS_PHRASES.mm2(mm)}
        </SvgText>
      ) : null}
    </G>
  );
}
