import { type ReactNode, useRef } from 'react';
import { type GestureResponderEvent, View } from 'react-native';

export interface RailBoxProps {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly label: string;
  readonly valueMm: number;
  readonly leastMm: number;
  readonly mostMm: number;
  /** The value at a distance from the left edge. */
  readonly toMm: (xPx: number) => number;
  readonly onMove: (mm: number) => void;
  readonly onHold?: (held: boolean) => void;
  readonly children: ReactNode;
}

/** A drawing that is a slider: touched, dragged, or moved by a millimetre with the arrow keys, by ten with Shift. */
export function RailBox({ widthPx, heightPx, label, valueMm, leastMm, mostMm, toMm, onMove, onHold, children }: RailBoxProps) {
  const box = useRef<View>(null);
  const moveTo = (event: GestureResponderEvent) => {
    const frame = (box.current as unknown as HTMLElement).getBoundingClientRect();
    onMove(Math.round(toMm(event.nativeEvent.pageX - window.scrollX - frame.left)));
  };
  const key = (event: { key: string; shiftKey: boolean; preventDefault: () => void }) => {
    const by = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
    if (by === 0) return;
    event.preventDefault();
    onMove(valueMm + by * (event.shiftKey ? 10 : 1));
  };
  const slider = {
    onKeyDown: key,
    role: 'slider',
    tabIndex: 0,
    'aria-label': label,
    'aria-valuenow': valueMm,
    'aria-valuemin': leastMm,
    'aria-valuemax': mostMm,
  };
  return (
    <View
      ref={box}
      {...(slider as object)}
      onStartShouldSetResponder={() => true}
      onResponderGrant={(event) => {
        onHold?.(true);
        moveTo(event);
      }}
      onResponderMove={moveTo}
      onResponderRelease={() => onHold?.(false)}
      style={{ width: widthPx, height: heightPx, touchAction: 'none', cursor: 'ew-resize' } as object}
    >
      {children}
    </View>
  );
}
