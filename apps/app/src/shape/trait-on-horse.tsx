import { type TraitId, type TraitValue } from '@fulcra/core';
import { useMemo } from 'react';
import Svg, { Path } from 'react-native-svg';
import { type PlanBox, planSize } from '../drawings/horse/above';
import { PLAIN } from '../drawings/horse/form';
import { buildOfTrait } from '../drawings/horse/form-of-build';
import { formOfTrait } from '../drawings/horse/form-of-horse';
import { HorseBehind } from '../drawings/horse/horse-behind';
import { HorseFigure, shareOf, viewBoxOf } from '../drawings/horse/horse-figure';
import { HorsePlan } from '../drawings/horse/horse-plan';
import { InBox } from '../drawings/horse/in-box';
import { type ChalkedId } from '../drawings/horse/outline';
import { type BehindBox, type HorseBox, WHOLE_BEHIND, chalkedPath } from '../drawings/horse/paths';
import { usePalette } from '../ui/use-palette';

/** The trunk with a little of neck and legs: as much as tells one build from another at a thumb's size. */
const BOX: HorseBox = { left: -26, right: 108, top: 130, bottom: 30 };
const ABOVE: PlanBox = { from: -8, to: 102, out: 27 };
const BEHIND: BehindBox = { ...WHOLE_BEHIND, top: 116, bottom: 40 };
const WIDE_PX = 96;
/** What is seen from above or from behind is as high as what is seen from the side. */
const HIGH_PX = Math.round(WIDE_PX * shareOf(BOX));

/** What is chalked on it, and how far along it moves. */
const CHALK: Readonly<Partial<Record<TraitValue, { readonly line: ChalkedId; readonly byX: number }>>> = {
  sloping: { line: 'bladeSpine', byX: 3 },
  upright: { line: 'groove', byX: -7 },
  loaded: { line: 'bladeSpine', byX: -3 },
  forward: { line: 'groove', byX: -7 },
  inLine: { line: 'groove', byX: 0 },
  back: { line: 'groove', byX: 8 },
};

export interface TraitOnHorseProps {
  readonly trait: TraitId;
  readonly value: TraitValue;
  readonly chosen: boolean;
}

/** One value of a trait, on the horse itself, seen from where a fitter looks for it. */
export function TraitOnHorse({ trait, value, chosen }: TraitOnHorseProps) {
  const palette = usePalette();
  const build = useMemo(() => buildOfTrait(trait, value), [trait, value]);
  const ink = { strokeWidth: chosen ? 3 : 1.8, stroke: chosen ? palette.action : palette.ink };
  if (build === null) return <FromTheSide trait={trait} value={value} ink={ink} />;
  if (build.from === 'behind') {
    const box = trait === 'stance' ? WHOLE_BEHIND : BEHIND;
    return (
      <InBox heightPx={HIGH_PX} width={2 * box.out} height={box.top - box.bottom}>
        <HorseBehind box={box} form={build.form} {...ink} />
      </InBox>
    );
  }
  const { width, height } = planSize(ABOVE);
  return (
    <InBox heightPx={HIGH_PX} width={width} height={height}>
      <HorsePlan box={ABOVE} form={build.form} {...ink} />
    </InBox>
  );
}

interface FromTheSideProps extends Omit<TraitOnHorseProps, 'chosen'> {
  readonly ink: { readonly strokeWidth: number; readonly stroke: string };
}

function FromTheSide({ trait, value, ink }: FromTheSideProps) {
  const palette = usePalette();
  const form = useMemo(() => ({ ...PLAIN, ...formOfTrait(trait, value) }), [trait, value]);
  const chalk = CHALK[value];
  return (
    <Svg width={WIDE_PX} height={HIGH_PX} viewBox={viewBoxOf(BOX)} aria-hidden>
      <HorseFigure box={BOX} form={form} {...ink} />
      {chalk === undefined ? null : (
        <Path d={chalkedPath(chalk.line, form, BOX, chalk.byX)} fill="none" stroke={palette.leather} strokeWidth={3} />
      )}
    </Svg>
  );
}
