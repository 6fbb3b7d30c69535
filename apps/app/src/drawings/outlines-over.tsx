import { type PointYZ } from '@fulcra/core';
import Svg from 'react-native-svg';
import { usePalette } from '../ui/use-palette';
import { asSection } from './as-section';
import { paperScale, reachOf } from './paper-scale';
import { SectionLines, SideNames } from './section-lines';

interface OutlinesOverProps {
  readonly now: readonly PointYZ[];
  /** Thin beneath; null where there is none. */
  readonly before: readonly PointYZ[] | null;
  readonly label: string;
  readonly widthPx: number;
  readonly heightPx: number;
}

/** A front section over an earlier one. */
export function OutlinesOver({ now, before, label, widthPx, heightPx }: OutlinesOverProps) {
  const palette = usePalette();
  const section = asSection(now);
  const was = before === null ? null : asSection(before);
  const scale = paperScale(widthPx, heightPx, reachOf([...section.points, ...(was?.points ?? [])], 10));
  return (
    <Svg width={widthPx} height={heightPx} role="img" aria-label={label} style={{ backgroundColor: palette.sheet }}>
      {was === null ? null : <SectionLines section={was} scale={scale} palette={palette} weight="take" />}
      <SectionLines section={section} scale={scale} palette={palette} />
      <SideNames scale={scale} palette={palette} />
    </Svg>
  );
}
