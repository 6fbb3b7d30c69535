import { type ReactNode, useRef } from 'react';

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

/**
 * A drawing that is a slider: touched, dragged, or moved by a millimetre with the arrow keys, by ten with Shift.
 * The pointer is captured, so that a page that shifts while the finger is down doesn't take the slider away from it.
 */
export function RailBox({ widthPx, heightPx, label, valueMm, leastMm, mostMm, toMm, onMove, onHold, children }: RailBoxProps) {
  const box = useRef<HTMLDivElement>(null);
  const down = useRef(false);
  const moveTo = (event: React.PointerEvent) => onMove(Math.round(toMm(event.clientX - box.current!.getBoundingClientRect().left)));
  const key = (event: React.KeyboardEvent) => {
    const by = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
    if (by === 0) return;
    event.preventDefault();
    onMove(valueMm + by * (event.shiftKey ? 10 : 1));
  };
  const release = () => {
    if (!down.current) return;
    down.current = false;
    onHold?.(false);
  };
  return (
    <div
      ref={box}
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuenow={valueMm}
      aria-valuemin={leastMm}
      aria-valuemax={mostMm}
      onKeyDown={key}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        down.current = true;
        onHold?.(true);
        moveTo(event);
      }}
      onPointerMove={(event) => down.current && moveTo(event)}
      onPointerUp={release}
      onPointerCancel={release}
      style={{ width: widthPx, height: heightPx, touchAction: 'none', cursor: 'ew-resize', userSelect: 'none' }}
    >
      {children}
    </div>
  );
}
