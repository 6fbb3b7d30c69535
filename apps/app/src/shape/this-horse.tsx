import { toplineOfVisit } from '@fulcra/core';
import { useMemo } from 'react';
import { Circle, Path } from 'react-native-svg';
import { YStack } from 'tamagui';
import { WHOLE_HORSE, chalkedPath, placeIn } from '../drawings/horse/paths';
import { WholeHorse } from '../drawings/horse/whole-horse';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { Small } from '../ui/text';
import { usePalette } from '../ui/use-palette';
import { SHAPE_PHRASES } from '../words/shape-phrases';
import { type LoadedVisit, formOfVisit } from '../visit';
import { FromBehindAndAbove } from './from-behind-and-above';

const MOST_PX = 520;

/** This horse as it was read: the outline pulled by what was measured, else by what was chosen. */
export function ThisHorse({ loaded: { page, measured } }: { readonly loaded: LoadedVisit }) {
  const [measuredPx, onLayout] = useMeasuredWidth();
  const palette = usePalette();
  const { traits } = measured;
  const line = useMemo(() => toplineOfVisit(measured), [measured]);
  const form = useMemo(() => formOfVisit({ page, measured }), [page, measured]);
  const widthPx = Math.min(measuredPx, MOST_PX);
  const [lowX, lowY] = placeIn('lowPoint', form, WHOLE_HORSE);
  return (
    <YStack onLayout={onLayout} alignItems="center" gap="$xs">
      {widthPx === 0 ? null : (
        <WholeHorse form={form} label={SHAPE_PHRASES.thisHorse(page.horse.name)} widthPx={widthPx}>
          {(['bladeEdge', 'groove', 'lastRib'] as const).map((id) => (
            <Path
              key={id}
              d={chalkedPath(id, form, WHOLE_HORSE)}
              fill="none"
              stroke={palette.leather}
              strokeWidth={0.8}
              strokeDasharray="2 1.4"
            />
          ))}
          <Circle cx={lowX} cy={lowY} r={1.2} fill={palette.action} />
        </WholeHorse>
      )}
      {widthPx === 0 ? null : <FromBehindAndAbove traits={traits} name={page.horse.name} heightPx={Math.round(widthPx * 0.42)} />}
      <Small>{line === null ? SHAPE_PHRASES.drawnAsChosen : SHAPE_PHRASES.drawnAsMeasured}</Small>
    </YStack>
  );
}
