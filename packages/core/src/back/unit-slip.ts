import { type LengthUnit, LENGTH_UNITS, MM_PER_UNIT, SIDES } from '../units';
import { type Section, depthReachedMm, sideOutward } from './section';
import { halfWidthAtMm } from './section-measures';
import { type WidthAtDepth } from './section-from-widths';
import { type SectionStation, STATION_TABLE } from './stations';

/** Widths that no equine has here, and the unit they may have been read in; null where none makes sense of them. */
export interface UnitSlip {
  /** What a number must be taken times to be mm. */
  readonly times: number;
  readonly meant: LengthUnit | null;
  /** The number that can't be, and between what it would be believed, mm. */
  readonly depthMm: number;
  readonly widthMm: number;
  readonly leastMm: number;
  readonly mostMm: number;
}

/** The flank of the narrowest withers: half-width over depth (default, a half angle of 13 deg); the back behind them is flatter. */
const NARROWEST = { shoulder: 0.23, back: 0.6 } as const;
/** The broadest back as a parabola of this radius on top, mm (default, a very broad draught horse). */
const BROADEST_RADIUS_MM = 600;
const BROADEST_MM = 420;

/** Between what a half-width is believed at a depth of a station, from foal to draught horse, mm (defaults). */
export function believedHalfWidthMm(station: SectionStation, depthMm: number): readonly [leastMm: number, mostMm: number] {
  const flank = STATION_TABLE[station].onWithers ? NARROWEST.shoulder : NARROWEST.back;
  return [flank * depthMm, Math.min(BROADEST_MM, Math.sqrt(2 * BROADEST_RADIUS_MM * depthMm))];
}

const halves = (widths: readonly WidthAtDepth[]) =>
  widths.flatMap(({ depthMm, nearMm, offMm }) => [
    { depthMm, widthMm: nearMm },
    { depthMm, widthMm: offMm },
  ]);

interface Mistake {
  readonly meant: LengthUnit;
  readonly times: number;
}

/** What else a number may have been read in. */
const mistakes = (typedIn: LengthUnit): Mistake[] =>
  LENGTH_UNITS.filter((unit) => unit !== typedIn).map((meant) => ({ meant, times: MM_PER_UNIT[meant] / MM_PER_UNIT[typedIn] }));

/**
 * Widths that were typed in another unit than the one they are kept in. Against a known back of the same horse that unit is taken
 * which comes nearest to it; without one, that which lies nearest to the middle of what is believed.
 * @param widths mm, as they would be kept
 * @param typedIn the unit that was set when they were typed
 */
export function unitSlip(
  station: SectionStation,
  widths: readonly WidthAtDepth[],
  typedIn: LengthUnit,
  known: Section | null = null,
): UnitSlip | null {
  const typed = halves(widths);
  const believed = (w: { readonly depthMm: number }) => believedHalfWidthMm(station, w.depthMm);
  const isBelieved = (times: number): boolean =>
    typed.every((w) => w.widthMm * times >= believed(w)[0] && w.widthMm * times <= believed(w)[1]);
  const outside = typed.find((w) => w.widthMm < believed(w)[0] || w.widthMm > believed(w)[1]);
  const against = known === null ? null : slipAgainst(widths, mistakes(typedIn), known);
  const wrong = outside ?? (against === null ? undefined : typed[0]);
  if (wrong === undefined) return null;
  const [leastMm, mostMm] = believed(wrong);
  const fits = mistakes(typedIn).filter((m) => isBelieved(m.times));
  const best = against ?? fits.sort((a, b) => offMiddle(typed, believed, a.times) - offMiddle(typed, believed, b.times))[0];
  return { times: best?.times ?? 1, meant: best?.meant ?? null, ...wrong, leastMm, mostMm };
}

type Half = ReturnType<typeof halves>[number];

/** Mean distance from the middle of what is believed, as a logarithm: a unit is a factor. */
const offMiddle = (typed: readonly Half[], believed: (w: Half) => readonly [number, number], times: number): number =>
  Math.abs(typed.reduce((s, w) => s + Math.log((w.widthMm * times) / Math.sqrt(believed(w)[0] * believed(w)[1])), 0));

/** A known back is met this closely by the right unit, as a share (default): horses don't change by more. */
const SAME_WITHIN = 0.2;

function slipAgainst(widths: readonly WidthAtDepth[], others: readonly Mistake[], known: Section): Mistake | null {
  const ratios = widths.flatMap((w) =>
    SIDES.flatMap((side) => {
      const outward = sideOutward(known, side);
      const was = depthReachedMm(outward) < w.depthMm ? null : halfWidthAtMm(outward, w.depthMm);
      return was === null || was <= 0 ? [] : [Math.log((side === 'near' ? w.nearMm : w.offMm) / was)];
    }),
  );
  const within = (times: number): boolean => ratios.every((r) => Math.abs(r + Math.log(times)) < Math.log(1 + SAME_WITHIN));
  return ratios.length === 0 || within(1) ? null : (others.find((m) => within(m.times)) ?? null);
}

/** The same widths, had they been typed in the unit that was meant. */
export const inMeantUnit = (widths: readonly WidthAtDepth[], { times }: UnitSlip): WidthAtDepth[] =>
  widths.map(({ depthMm, nearMm, offMm }) => ({ depthMm, nearMm: nearMm * times, offMm: offMm * times }));
