import { SECTION_PHRASES } from '../words/section-phrases';
import { type Section, type SectionMeasurement } from '@fulcra/core';
import { useMemo } from 'react';
import { YStack } from 'tamagui';
import { paperScale } from '../drawings/paper-scale';
import { SectionLines, SideNames } from '../drawings/section-lines';
import { TakesDrawing } from '../drawings/takes-drawing';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { usePalette } from '../ui/use-palette';
import { useWide } from '../ui/use-wide';
import { type DraftTake, withPoints } from './draft-take';
import { PointsEditor } from './points-editor';

/** Room for the broadest cob, spine in the middle. */
const REACH = { halfWidthMm: 260, aboveMm: 30, belowMm: 250 };

export interface SectionCanvasProps {
  readonly draft: DraftTake;
  /** The draft as a section, once it reads as one. */
  readonly live: Section | null;
  readonly setDraft: (draft: DraftTake) => void;
  readonly measurement: SectionMeasurement;
}

/** What is being entered over what was taken: the grid to tap on, or the drawing that follows numbers and devices. */
export function SectionCanvas({ draft, live, setDraft, measurement }: SectionCanvasProps) {
  const [width, onLayout] = useMeasuredWidth();
  const wide = useWide();
  const palette = usePalette();
  const scale = useMemo(() => paperScale(width || 1, wide ? 420 : 330, REACH), [width, wide]);
  return (
    <YStack onLayout={onLayout}>
      {width === 0 ? null : draft.way === 'points' ? (
        <PointsEditor
          scale={scale}
          points={draft.points}
          colourOf={(p) => (p.yMm < 0 ? palette.near : palette.off)}
          placeWords={(p) =>
            SECTION_PHRASES.mmMm(
              Math.abs(Math.round(p.yMm)),
              p.yMm < 0 ? 'near' : 'off',
              Math.round(Math.abs(p.zMm)),
              p.zMm > 0 ? 'up' : 'down',
            )
          }
          firstPoint={{ yMm: -60, zMm: -60 }}
          onChange={(points) => setDraft(withPoints(draft, points))}
        >
          {live ? <SectionLines section={liftedTo(live, draft)} scale={scale} palette={palette} weight="take" /> : null}
          <SideNames scale={scale} palette={palette} />
        </PointsEditor>
      ) : (
        <TakesDrawing
          widthPx={width}
          heightPx={wide ? 420 : draft.way === 'sensor' ? 240 : 100}
          takes={measurement.takes}
          consensus={measurement.consensus}
          draft={live}
        />
      )}
    </YStack>
  );
}

/** The read section has its apex at zero; on the grid it is drawn where the points lie. */
function liftedTo(section: Section, { points }: DraftTake): Section {
  const lift = Math.max(...points.map((p) => p.zMm)) - Math.max(...section.points.map((p) => p.zMm));
  return { ...section, points: section.points.map((p) => ({ yMm: p.yMm, zMm: p.zMm + lift })) };
}
