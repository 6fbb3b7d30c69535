import { useMemo } from 'react';
import { Circle, G, Path } from 'react-native-svg';
import { usePalette } from '../../ui/use-palette';
import { type HorseForm, PLAIN } from './form';
import { type HorseBox, partPath, placeIn } from './paths';

export interface HorseFigureProps {
  readonly box: HorseBox;
  readonly form?: HorseForm;
  /** In the box's own units. */
  readonly strokeWidth?: number;
  readonly stroke?: string;
}

/** The horse as it is built, to be drawn on: far legs behind, then tail, body, mane. Within an Svg whose view box is the box. */
export function HorseFigure({ box, form = PLAIN, strokeWidth = 0.9, stroke }: HorseFigureProps) {
  const palette = usePalette();
  const paths = useMemo(() => {
    const of = (part: Parameters<typeof partPath>[0]) => partPath(part, form, box);
    return {
      farHind: of('farHind'),
      farFore: of('farFore'),
      tail: of('tail'),
      body: of('body'),
      mane: of('mane'),
      forelock: of('forelock'),
    };
  }, [box, form]);
  const ink = { stroke: stroke ?? palette.ink, strokeWidth, strokeLinejoin: 'round' } as const;
  const [eyeX, eyeY] = placeIn('eye', form, box);
  return (
    <G>
      <Path d={paths.farHind} fill={palette.rule} {...ink} />
      <Path d={paths.farFore} fill={palette.rule} {...ink} />
      <Path d={paths.tail} fill={palette.ghost} {...ink} />
      <Path d={paths.body} fill={palette.horse} {...ink} />
      <Path d={paths.mane} fill={palette.ghost} {...ink} />
      <Path d={paths.forelock} fill={palette.ghost} {...ink} />
      <Circle cx={eyeX} cy={eyeY} r={1} fill={palette.ink} />
    </G>
  );
}

/** The view box of an Svg that shows a box of the horse. */
export const viewBoxOf = ({ left, right, top, bottom }: HorseBox): string => `0 0 ${right - left} ${top - bottom}`;
export const shareOf = ({ left, right, top, bottom }: HorseBox): number => (top - bottom) / (right - left);
