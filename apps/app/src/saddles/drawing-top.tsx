import { type SaddleFields } from '@fulcra/contract';
import { YStack } from 'tamagui';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { Choice } from '../ui/choice';
import { Small } from '../ui/text';
import { SaddleDrawing } from './saddle-drawing';
import { FRONT_MEASURES, type MeasureView, PANEL_MEASURES, TREE_MEASURES } from './saddle-measures';

export function DrawingTop({
  saddle,
  here,
  onView,
}: {
  readonly saddle: SaddleFields;
  readonly here: { readonly view: MeasureView; readonly measure: string | null };
  readonly onView: (view: MeasureView) => void;
}) {
  const [width, onLayout] = useMeasuredWidth();
  const all = [...FRONT_MEASURES, ...TREE_MEASURES, ...PANEL_MEASURES];
  const how =
    here.measure === 'width' ? 'The angle between the two points, measured inside the arch.' : all.find((m) => m.id === here.measure)?.how;
  const drawn = Math.min(width, 560);
  const sound = saddle.front.settings.length > 0;
  return (
    <YStack onLayout={onLayout} borderBottomWidth={1} borderColor="$rule" alignItems="center">
      <Choice
        label="Drawing"
        value={here.view}
        options={[
          { value: 'side', label: 'From the side' },
          { value: 'under', label: 'From below' },
          { value: 'front', label: 'The arch' },
        ]}
        onChange={onView}
      />
      {width > 0 && sound ? <SaddleDrawing widthPx={drawn} saddle={saddle} view={here.view} measure={here.measure} /> : null}
      <Small padding="$s" textAlign="center" role="status">
        {how ?? 'Touch a measure: the drawing shows where it is taken.'}
      </Small>
    </YStack>
  );
}
