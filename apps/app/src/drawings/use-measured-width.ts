import { useState } from 'react';
import { type LayoutChangeEvent } from 'react-native';

/** Drawings are functions of numbers: this gives them the width they have. */
export function useMeasuredWidth(): readonly [number, (event: LayoutChangeEvent) => void] {
  const [width, setWidth] = useState(0);
  return [width, (event) => setWidth(Math.round(event.nativeEvent.layout.width))];
}
