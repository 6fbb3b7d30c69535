import { DRAWINGS_PHRASES } from '../words/drawings-phrases';
import { type Section } from '@fulcra/core';
import Svg from 'react-native-svg';
import { usePalette } from '../ui/use-palette';
import { MillimetreGrid } from './millimetre-grid';
import { paperScale, reachOf } from './paper-scale';
import { SectionLines, SideNames } from './section-lines';

export interface TakesDrawingProps {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly takes: readonly { readonly id: string; readonly section: Section; readonly odd: boolean }[];
  readonly consensus: Section | null;
  /** The take being entered, drawn live. */
  readonly draft: Section | null;
}

/** The consensus over its takes, true to scale. */
export function TakesDrawing({ widthPx, heightPx, takes, consensus, draft }: TakesDrawingProps) {
  const palette = usePalette();
  const shown = [...takes.map((t) => t.section), ...(draft ? [draft] : [])];
  const scale = paperScale(widthPx, heightPx, reachOf(shown.flatMap((s) => s.points)));
  return (
    <Svg
      width={widthPx}
      height={heightPx}
      role="img"
      aria-label={DRAWINGS_PHRASES.frontSectionTakes(takes.length)}
      style={{ backgroundColor: palette.sheet }}
    >
      <MillimetreGrid scale={scale} palette={palette} />
      {takes.map((t) => (
        <SectionLines key={t.id} section={t.section} scale={scale} palette={palette} weight={t.odd ? 'odd' : 'take'} />
      ))}
      {draft ? <SectionLines section={draft} scale={scale} palette={palette} weight="take" /> : null}
      {consensus ? <SectionLines section={consensus} scale={scale} palette={palette} /> : null}
      <SideNames scale={scale} palette={palette} />
    </Svg>
  );
}
