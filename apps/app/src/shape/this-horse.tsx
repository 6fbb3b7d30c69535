import { measureTopline } from '@fulcra/core';
import { useMemo } from 'react';
import Svg, { Circle, Path } from 'react-native-svg';
import { YStack } from 'tamagui';
import { formOfHorse } from '../drawings/horse/form-of-horse';
import { HorseFigure, shareOf, viewBoxOf } from '../drawings/horse/horse-figure';
import { WHOLE_HORSE, chalkedPath, placeIn } from '../drawings/horse/paths';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { Small } from '../ui/text';
import { usePalette } from '../ui/use-palette';
import { SHAPE_PHRASES } from '../words/shape-phrases';
import { type LoadedVisit } from '../visit';

const MOST_PX = 520;

/** This horse as it was read: the outline pulled by what was measured, else by what was chosen. */
export function ThisHorse({ loaded: { page, measured } }: { readonly loaded: LoadedVisit }) {
  const [measuredPx, onLayout] = useMeasuredWidth();
  const palette = usePalette();
  const { topline, landmarks, traits, sections } = measured;
  const line = useMemo(() => {
    const { consensus } = topline;
    if (consensus === null) return null;
    return measureTopline(consensus, {
      frontMm: sections.front.takenAtMm,
      lastRibMm: landmarks.lastRib.atMm ?? consensus.points.at(-1)!.xMm,
    });
  }, [topline, landmarks, sections.front.takenAtMm]);
  const form = useMemo(
    () => formOfHorse(traits, line, { heightMm: page.horse.heightMm, mule: /\bmule\b/i.test(page.horse.kind) }),
    [traits, line, page.horse.heightMm, page.horse.kind],
  );
  const widthPx = Math.min(measuredPx, MOST_PX);
  const [lowX, lowY] = placeIn('lowPoint', form, WHOLE_HORSE);
  return (
    <YStack onLayout={onLayout} alignItems="center" gap="$xs">
      {widthPx === 0 ? null : (
        <Svg
          width={widthPx}
          height={Math.round(widthPx * shareOf(WHOLE_HORSE))}
          viewBox={viewBoxOf(WHOLE_HORSE)}
          role="img"
          aria-label={SHAPE_PHRASES.thisHorse(page.horse.name)}
        >
          <HorseFigure box={WHOLE_HORSE} form={form} strokeWidth={0.7} />
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
        </Svg>
      )}
      <Small>{line === null ? SHAPE_PHRASES.drawnAsChosen : SHAPE_PHRASES.drawnAsMeasured}</Small>
    </YStack>
  );
}
