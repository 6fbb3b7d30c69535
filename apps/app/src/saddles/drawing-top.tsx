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

/** On a wide screen the drawing stands beside its words, so that the measures keep the lower half. */
const WIDE_PX = 420;

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
  const drawing =
    width > 0 && sound ? <SaddleDrawing widthPx={wide ? WIDE_PX : width} saddle={saddle} view={here.view} measure={here.measure} /> : null;
  const told = (
    <>
      <Choice
        label={SADDLES_PHRASES.drawing}
        value={here.view}
        options={[
          { value: 'side', label: SADDLES_PHRASES.fromTheSide },
          { value: 'under', label: SADDLES_PHRASES.fromBelow },
          { value: 'front', label: SADDLES_PHRASES.theArch },
        ]}
        onChange={onView}
      />
      {wide ? null : drawing}
      <Small padding="$s" textAlign={wide ? 'left' : 'center'} role="status">
        {how ?? SADDLES_PHRASES.touchAMeasure}
      </Small>
    </>
  );
  return wide ? (
    <XStack onLayout={onLayout} borderBottomWidth={1} borderColor="$rule" gap="$l" paddingHorizontal="$l">
      {drawing}
      <YStack flex={1} minWidth={0}>
        {told}
      </YStack>
    </XStack>
  ) : (
    <YStack onLayout={onLayout} borderBottomWidth={1} borderColor="$rule" alignItems="center">
      {told}
    </YStack>
  );
}
