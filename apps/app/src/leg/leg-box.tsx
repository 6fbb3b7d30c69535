import { UNKNOWN_SEAT } from '@fulcra/core';
import { useRef, useState } from 'react';
import { View, useWindowDimensions } from 'react-native';
import { YStack } from 'tamagui';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { Choice } from '../ui/choice';
import { Small } from '../ui/text';
import { useWide } from '../ui/use-wide';
import { LEG_PHRASES } from '../words/leg-phrases';
import { LegDrawing } from './leg-drawing';
import { sceneScale } from './leg-scene';
import { type LegNow } from './leg-work';
import { otherRules } from './rule-panels';
import { type Leg, type LegChosen } from './use-leg';
import { useLegDrag } from './use-leg-drag';

interface LegBoxProps {
  readonly chosen: LegChosen;
  readonly leg: Leg;
  readonly now: LegNow;
}

const VIEWS = [
  { value: 'seated', label: LEG_PHRASES.seatedView },
  { value: 'over', label: LEG_PHRASES.overView },
] as const;
const HEIGHT_PX = { phone: 350, wide: 470 } as const;
/** A finger can still scroll beside the drawing. */
const MOST_OF_THE_HEIGHT = { phone: 0.45, wide: 0.6 } as const;

/** The drawing in its place, with the hand that draws on it. */
export function LegBox(props: LegBoxProps) {
  const [width, onLayout] = useMeasuredWidth();
  const [view, setView] = useState<'seated' | 'over'>('seated');
  return (
    <YStack>
      <YStack onLayout={onLayout}>{width > 0 && props.now.place !== null ? <Drawn {...props} widthPx={width} view={view} /> : null}</YStack>
      <YStack paddingHorizontal="$l">
        <Choice label={LEG_PHRASES.standingSeated} value={view} options={VIEWS} onChange={setView} />
      </YStack>
    </YStack>
  );
}

function Drawn({ chosen, leg, now, widthPx, view }: LegBoxProps & { readonly widthPx: number; readonly view: 'seated' | 'over' }) {
  const wide = useWide();
  const look = wide ? 'wide' : 'phone';
  const { height } = useWindowDimensions();
  const box = useRef<View>(null);
  const place = now.place!;
  const trunkMm = leg.body.shoulderAboveHip.mm;
  const planned = leg.plans.flatMap((p) => (p.place.ok ? [p.place.value] : []));
  const scale = sceneScale(
    widthPx,
    Math.min(HEIGHT_PX[look], MOST_OF_THE_HEIGHT[look] * height),
    planned.length === 0 ? [place] : planned,
    trunkMm,
  );
  useLegDrag({ box, scale, leg: now.limb, ground: leg.known.ground, place, onHang: now.setDrawnMm });
  const { ankleMm, arm } = otherRules(leg, chosen, place);
  return (
    <>
      <View
        ref={box}
        tabIndex={0}
        role="application"
        aria-label={LEG_PHRASES.dragHint}
        style={{ width: widthPx, height: scale.heightPx, cursor: 'ns-resize', touchAction: 'none' } as object}
      >
        <LegDrawing
          scale={scale}
          known={leg.known}
          seat={chosen.saddle?.seat ?? UNKNOWN_SEAT}
          place={place}
          plumb={now.heel!}
          ghosts={planned.filter((p) => Math.abs(p.hangMm - place.hangMm) > 1)}
          trunkMm={trunkMm}
          marks={[
            { hangMm: ankleMm, label: LEG_PHRASES.ankleMark },
            { hangMm: arm.hangMm, label: LEG_PHRASES.armMark },
          ]}
          over={view === 'over' ? now.over : null}
        />
      </View>
      {wide ? <Small>{LEG_PHRASES.dragHint}</Small> : null}
    </>
  );
}
