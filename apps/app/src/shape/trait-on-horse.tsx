import { type TraitId, type TraitValue } from '@fulcra/core';
import { useMemo } from 'react';
import Svg, { Path } from 'react-native-svg';
import { PLAIN } from '../drawings/horse/form';
import { formOfTrait } from '../drawings/horse/form-of-horse';
import { HorseFigure, shareOf, viewBoxOf } from '../drawings/horse/horse-figure';
import { type ChalkedId } from '../drawings/horse/outline';
import { type HorseBox, chalkedPath } from '../drawings/horse/paths';
import { usePalette } from '../ui/use-palette';

/** The trunk with a little of neck and legs: as much as tells one build from another at a thumb's size. */
const BOX: HorseBox = { left: -26, right: 108, top: 130, bottom: 30 };
const WIDE_PX = 96;

/** What is chalked on it, and how far along it moves. */
const CHALK: Readonly<Partial<Record<TraitValue, { readonly line: ChalkedId; readonly byX: number }>>> = {
  sloping: { line: 'bladeSpine', byX: 3 },
  upright: { line: 'groove', byX: -7 },
  loaded: { line: 'bladeSpine', byX: -3 },
  forward: { line: 'groove', byX: -7 },
  inLine: { line: 'groove', byX: 0 },
  back: { line: 'groove', byX: 8 },
};

/** One value of a trait that is seen from the side, on the horse itself. */
export function TraitOnHorse({ trait, value, chosen }: { readonly trait: TraitId; readonly value: TraitValue; readonly chosen: boolean }) {
  const palette = usePalette();
  const form = useMemo(() => ({ ...PLAIN, ...formOfTrait(trait, value) }), [trait, value]);
  const chalk = CHALK[value];
  return (
    <Svg width={WIDE_PX} height={Math.round(WIDE_PX * shareOf(BOX))} viewBox={viewBoxOf(BOX)} aria-hidden>
      <HorseFigure box={BOX} form={form} strokeWidth={chosen ? 3 : 1.8} stroke={chosen ? palette.action : palette.ink} />
      {chalk === undefined ? null : (
        <Path d={chalkedPath(chalk.line, form, BOX, chalk.byX)} fill="none" stroke={palette.leather} strokeWidth={3} />
      )}
    </Svg>
  );
}
