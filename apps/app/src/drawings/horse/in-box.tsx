import { type ReactNode } from 'react';
import Svg from 'react-native-svg';

export interface InBoxProps {
  /** Of the drawing, in its own units. */
  readonly width: number;
  readonly height: number;
  readonly heightPx: number;
  /** Left out where something beside it says the same. */
  readonly label?: string;
  readonly children: ReactNode;
}

/** A drawing in its own units, as high as wanted. */
export const InBox = ({ width, height, heightPx, label, children }: InBoxProps) => (
  <Svg
    width={Math.round((heightPx * width) / height)}
    height={heightPx}
    viewBox={`0 0 ${width} ${height}`}
    {...(label === undefined ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
  >
    {children}
  </Svg>
);
