import { type ReactNode } from 'react';
import Svg from 'react-native-svg';
import { type HorseForm } from './form';
import { HorseFigure, shareOf, viewBoxOf } from './horse-figure';
import { WHOLE_HORSE } from './paths';

export interface WholeHorseProps {
  readonly form: HorseForm;
  readonly label: string;
  readonly widthPx: number;
  /** What is chalked on it, in the units of `WHOLE_HORSE`. */
  readonly children?: ReactNode;
}

/** A horse from its near side, from muzzle to tail. */
export const WholeHorse = ({ form, label, widthPx, children }: WholeHorseProps) => (
  <Svg width={widthPx} height={Math.round(widthPx * shareOf(WHOLE_HORSE))} viewBox={viewBoxOf(WHOLE_HORSE)} role="img" aria-label={label}>
    <HorseFigure box={WHOLE_HORSE} form={form} strokeWidth={0.7} />
    {children}
  </Svg>
);
