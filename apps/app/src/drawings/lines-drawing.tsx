import { DRAWINGS_PHRASES } from '../words/drawings-phrases';
import { type Lengthwise } from '@fulcra/core';
import Svg, { Path, Text as SvgText } from 'react-native-svg';
import { DRAWING_FONT } from '../ui/tokens';
import { usePalette } from '../ui/use-palette';
import { MillimetreGrid } from './millimetre-grid';
import { type PaperScale, pathThrough } from './paper-scale';

export interface LongLineProps {
  readonly line: Lengthwise;
  readonly scale: PaperScale;
  readonly colour: string;
  readonly weight: number;
  readonly dash?: string;
}

export const LongLine = ({ line, scale, colour, weight, dash }: LongLineProps) => (
  <Path
    d={pathThrough(
      line.points.map((p) => ({ yMm: p.xMm, zMm: p.zMm })),
      scale,
    )}
    fill="none"
    stroke={colour}
    strokeWidth={weight}
    strokeDasharray={dash}
    strokeLinejoin="round"
  />
);

export interface LinesDrawingProps {
  readonly scale: PaperScale;
  readonly takes: readonly { readonly id: string; readonly line: Lengthwise; readonly odd: boolean }[];
  readonly consensus: Lengthwise | null;
  readonly draft: Lengthwise | null;
}

/** Takes of a line along the spine, each lifted to the same mean height, with their consensus; true to scale. */
export function LinesDrawing({ scale, takes, consensus, draft }: LinesDrawingProps) {
  const palette = usePalette();
  return (
    <Svg
      width={scale.widthPx}
      height={scale.heightPx}
      role="img"
      aria-label={DRAWINGS_PHRASES.lineAlongThe(takes.length)}
      style={{ backgroundColor: palette.sheet }}
    >
      <MillimetreGrid scale={scale} palette={palette} />
      {takes.map((t) => (
        <LongLine
          key={t.id}
          line={level(t.line)}
          scale={scale}
          colour={t.odd ? palette.bad : palette.ghost}
          weight={1.6}
          {...(t.odd && { dash: '2 4' })}
        />
      ))}
      {draft ? <LongLine line={level(draft)} scale={scale} colour={palette.leather} weight={2} /> : null}
      {consensus ? <LongLine line={level(consensus)} scale={scale} colour={palette.ink} weight={3.5} /> : null}
      {[
        ['head', 12, 'start'],
        ['tail', scale.widthPx - 12, 'end'],
      ].map(([text, x, anchor]) => (
        <SvgText
          key={text}
          x={x}
          y={22}
          textAnchor={anchor as 'start'}
          fontFamily={DRAWING_FONT}
          fontSize={16}
          fontWeight="700"
          fill={palette.ink}
        >
          {text}
        </SvgText>
      ))}
    </Svg>
  );
}

function level(line: Lengthwise): Lengthwise {
  const mean = line.points.reduce((s, p) => s + p.zMm, 0) / line.points.length;
  return { ...line, points: line.points.map((p) => ({ xMm: p.xMm, zMm: p.zMm - mean })) };
}
