import { SADDLES_PHRASES } from '../words/saddles-phrases';
import { type SaddleFields } from '@fulcra/contract';
import { XStack, YStack } from 'tamagui';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { Choice } from '../ui/choice';
import { Small } from '../ui/text';
import { useWide } from '../ui/use-wide';
import { SaddleDrawing } from './saddle-drawing';
import { measureHow } from '../words/saddle-measure-words';
import { type MeasureView } from './saddle-measures';

/** On a wide screen all three drawings stand beside each other; the one in hand carries its measure. */
const VIEWS = [
  { value: 'side', label: SADDLES_PHRASES.fromTheSide },
  { value: 'under', label: SADDLES_PHRASES.fromBelow },
  { value: 'front', label: SADDLES_PHRASES.theArch },
] as const;
const MOST_WIDE_PX = 400;

export function DrawingTop({
  saddle,
  here,
  onView,
}: {
  readonly saddle: SaddleFields;
  readonly here: { readonly view: MeasureView; readonly measure: string | null };
  readonly onView: (view: MeasureView) => void;
}) {
  const wide = useWide();
  const [width, onLayout] = useMeasuredWidth();
  const how = here.measure === 'width' ? SADDLES_PHRASES.theAngleBetween : measureHow(here.measure);
  const sound = saddle.front.settings.length > 0;
  const drawn = (view: MeasureView, widthPx: number) => (
    <SaddleDrawing key={view} widthPx={widthPx} saddle={saddle} view={view} measure={view === here.view ? here.measure : null} />
  );
  const told = (
    <Small padding="$s" textAlign="center" role="status">
      {how ?? SADDLES_PHRASES.touchAMeasure}
    </Small>
  );
  if (wide) {
    const each = Math.min(MOST_WIDE_PX, (width - 64) / VIEWS.length);
    return (
      <YStack onLayout={onLayout} borderBottomWidth={1} borderColor="$rule" alignItems="center">
        <XStack gap="$m" alignItems="center">
          {width > 0 && sound ? VIEWS.map(({ value }) => drawn(value, each)) : null}
        </XStack>
        {told}
      </YStack>
    );
  }
  return (
    <YStack onLayout={onLayout} borderBottomWidth={1} borderColor="$rule" alignItems="center">
      <Choice label={SADDLES_PHRASES.drawing} value={here.view} options={VIEWS} onChange={onView} />
      {width > 0 && sound ? drawn(here.view, width) : null}
      {told}
    </YStack>
  );
}
