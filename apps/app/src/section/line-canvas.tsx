import { SECTION_PHRASES } from '../words/section-phrases';
import { type Lengthwise, type LineStation, type PointYZ, type LineMeasurement } from '@fulcra/core';
import { YStack } from 'tamagui';
import { LinesDrawing, LongLine } from '../drawings/lines-drawing';
import { longScale } from '../drawings/long-scale';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { usePalette } from '../ui/use-palette';
import { useWide } from '../ui/use-wide';
import { type DraftLine, withLinePoints } from './line-draft';
import { PointsEditor } from './points-editor';

/** Where each line is drawn, mm from the zero mark. */
const REACH: Readonly<Record<LineStation, readonly [fromMm: number, toMm: number]>> = { topline: [-160, 720], withers: [-160, 220] };

/** A phone has room for so much of a drawing above the pad, px. */
const BESIDE_PAD_PX = 90;

export interface LineCanvasProps {
  readonly draft: DraftLine;
  readonly live: Lengthwise | null;
  readonly setDraft: (draft: DraftLine) => void;
  readonly measurement: LineMeasurement;
  readonly station: LineStation;
}

/** What is being entered along the spine, over what was taken; head to the left. */
export function LineCanvas({ draft, live, setDraft, measurement, station }: LineCanvasProps) {
  const [width, onLayout] = useMeasuredWidth();
  const wide = useWide();
  const palette = usePalette();
  const scale = longScale(width || 1, wide ? 360 : draft.way === 'drops' ? BESIDE_PAD_PX : 230, REACH[station]);
  const words = (p: PointYZ): string =>
    SECTION_PHRASES.mmMm(Math.abs(Math.round(p.yMm)), p.yMm < 0 ? 'ahead' : 'behind', Math.round(p.zMm), p.zMm < 0 ? 'down' : 'up');
  return (
    <YStack onLayout={onLayout}>
      {width === 0 ? null : draft.way === 'points' ? (
        <PointsEditor
          scale={scale}
          points={draft.points}
          colourOf={() => palette.action}
          placeWords={words}
          firstPoint={{ yMm: REACH[station][0] + 40, zMm: 0 }}
          onChange={(points) => setDraft(withLinePoints(draft, points))}
        >
          {live ? <LongLine line={live} scale={scale} colour={palette.ink} weight={2} /> : null}
        </PointsEditor>
      ) : (
        <LinesDrawing scale={scale} takes={measurement.takes} consensus={measurement.consensus} draft={live} />
      )}
    </YStack>
  );
}
