import { type Decision } from '@fulcra/contract';
import { archOutline } from '@fulcra/core';
import Svg, { Path } from 'react-native-svg';
import { usePalette } from '../ui/use-palette';
import { archOfDecision, sectionOfDecision } from './decision-shapes';
import { paperScale, pathThrough, reachOf } from './paper-scale';
import { SectionLines, SideNames } from './section-lines';

interface DecisionDrawingProps {
  readonly decision: Decision;
  readonly label: string;
  readonly widthPx: number;
  readonly heightPx: number;
  /** Near and off named in the corners. */
  readonly sides?: boolean;
}

/** The back with the front of the saddle as it was decided. */
export function DecisionDrawing({ decision, label, widthPx, heightPx, sides = false }: DecisionDrawingProps) {
  const palette = usePalette();
  const section = sectionOfDecision(decision);
  const outline = archOutline(archOfDecision(decision), decision.crownZMm);
  const scale = paperScale(widthPx, heightPx, reachOf([...section.points, ...outline], 10));
  return (
    <Svg width={widthPx} height={heightPx} role="img" aria-label={label} style={{ backgroundColor: palette.sheet }}>
      <SectionLines section={section} scale={scale} palette={palette} />
      <Path d={pathThrough(outline, scale)} fill="none" stroke={palette.leather} strokeWidth={5} strokeLinecap="round" />
      {sides ? <SideNames scale={scale} palette={palette} /> : null}
    </Svg>
  );
}
