import { DRAWINGS_PHRASES } from '../words/drawings-phrases';
import { type Section } from '@fulcra/core';
import { G, Path, Text as SvgText } from 'react-native-svg';
import { DRAWING_FONT, type Palette } from '../ui/tokens';
import { type PaperScale, pathThrough } from './paper-scale';

export interface SectionLinesProps {
  readonly section: Section;
  readonly scale: PaperScale;
  readonly palette: Palette;
  /** Takes lie under the consensus, thin; an odd one is dotted in the warning colour. */
  readonly weight?: 'consensus' | 'take' | 'odd';
}

/** Near solid, off dashed, everywhere; never mirrored. */
export function SectionLines({ section, scale, palette, weight = 'consensus' }: SectionLinesProps) {
  const near = pathThrough(section.points.slice(0, section.apexIndex + 1), scale);
  const off = pathThrough(section.points.slice(section.apexIndex), scale);
  const odd = weight === 'odd';
  const width = weight === 'consensus' ? 3.5 : 1.6;
  const opacity = weight === 'take' ? 0.6 : 1;
  return (
    <G opacity={opacity}>
      <Path
        d={near}
        fill="none"
        stroke={odd ? palette.bad : palette.near}
        strokeWidth={width}
        strokeDasharray={odd ? '2 4' : undefined}
        strokeLinejoin="round"
      />
      <Path
        d={off}
        fill="none"
        stroke={odd ? palette.bad : palette.off}
        strokeWidth={width}
        strokeDasharray={odd ? '2 4' : '10 6'}
        strokeLinejoin="round"
      />
    </G>
  );
}

/** The words for both sides, in the upper corners where no back reaches. */
export function SideNames({ scale, palette }: { readonly scale: PaperScale; readonly palette: Palette }) {
  const y = 22;
  return (
    <G>
      <SvgText x={12} y={y} fontFamily={DRAWING_FONT} fontSize={16} fontWeight="700" fill={palette.near}>
        {DRAWINGS_PHRASES.nNear}
      </SvgText>
      <SvgText x={scale.widthPx - 12} y={y} textAnchor="end" fontFamily={DRAWING_FONT} fontSize={16} fontWeight="700" fill={palette.off}>
        {DRAWINGS_PHRASES.offO}
      </SvgText>
    </G>
  );
}
