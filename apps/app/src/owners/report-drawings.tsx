import { type Report } from '@fulcra/contract';
import { CROWN_RADIUS_MM, archOutline } from '@fulcra/core';
import Svg, { Path } from 'react-native-svg';
import { asSection } from '../drawings/as-section';
import { paperScale, pathThrough, reachOf } from '../drawings/paper-scale';
import { SectionLines, SideNames } from '../drawings/section-lines';
import { usePalette } from '../ui/use-palette';
import { OWNER_PHRASES } from '../words/owner-phrases';
import { dayWords } from '../words/measure-words';

const HEIGHT = 200;
type Decision = NonNullable<Report['decision']>;

/** The back with the front of the saddle as it was decided. */
export function DecidedDrawing({ decision, on, widthPx }: { readonly decision: Decision; readonly on: string; readonly widthPx: number }) {
  const palette = usePalette();
  const section = asSection(decision.section);
  const { shape, includedAngleDeg, pointLengthMm, crownZMm } = decision;
  const outline = archOutline({ shape, crownRadiusMm: CROWN_RADIUS_MM[shape], includedAngleDeg, pointLengthMm }, crownZMm);
  const scale = paperScale(widthPx, HEIGHT, reachOf([...section.points, ...outline], 10));
  return (
    <Svg
      width={widthPx}
      height={HEIGHT}
      role="img"
      aria-label={OWNER_PHRASES.sectionAlt(dayWords(on))}
      style={{ backgroundColor: palette.sheet }}
    >
      <SectionLines section={section} scale={scale} palette={palette} />
      <Path d={pathThrough(outline, scale)} fill="none" stroke={palette.leather} strokeWidth={5} strokeLinecap="round" />
      <SideNames scale={scale} palette={palette} />
    </Svg>
  );
}

/** The first and the last outline, one over the other. */
export function ChangeDrawing({ outlines, widthPx }: { readonly outlines: Report['outlines']; readonly widthPx: number }) {
  const palette = usePalette();
  const [first, last] = [asSection(outlines[0]!.section), asSection(outlines.at(-1)!.section)];
  const scale = paperScale(widthPx, HEIGHT, reachOf([...first.points, ...last.points], 10));
  return (
    <Svg width={widthPx} height={HEIGHT} role="img" aria-label={OWNER_PHRASES.outlinesAlt} style={{ backgroundColor: palette.sheet }}>
      <SectionLines section={first} scale={scale} palette={palette} weight="take" />
      <SectionLines section={last} scale={scale} palette={palette} />
      <SideNames scale={scale} palette={palette} />
    </Svg>
  );
}
