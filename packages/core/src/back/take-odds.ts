import { SIDES } from '../units';
import { HAND_PRIOR_DOF, modeVariance, movesOf, readSet } from './hand';
import { LOOKED_AT, SHAKE_DOF, SHAKE_MM, type SideWidths, lyingOn, sideWidths } from './lying-on';
import { mirroredSection } from './section';
import { type Take } from './take';

/**
 * What a blunder is taken to be (defaults): so many times wider than the hand errs in one of the ways it can; how often among takes, a
 * turned or strange one, one set off its place, one of another shape, a width misread, one with near and off exchanged; and how many
 * times worse it is to keep a blunder, which moves the answer, than to lose an honest take, which widens it.
 */
const BLUNDER = {
  timesWider: 4,
  turned: 0.05,
  shifted: 0.01,
  misshapen: 0.01,
  misread: 0.01,
  swapped: 0.05,
  timesWorse: 2,
} as const;

/** Numbers of one kind, read off every take, and what one take of the default hand errs by in each. */
interface Features {
  readonly ofTakes: readonly (readonly number[])[];
  readonly variances: readonly number[];
  /** How many of them are independent. */
  readonly dof: number;
  /** How often one is a blunder. */
  readonly share: number;
  /** Which go wrong together in a blunder. */
  readonly groups: readonly (readonly number[])[];
}

/**
 * How much more it costs to keep each take of a set than to leave it out, as a logarithm: above zero it is left out. Odds of a blunder
 * against the hand, times what each mistake costs. The hand is normal with a spread that is known from its prior and the other takes
 * (Student's t), the blunder the same and wider; a take with its sides exchanged is held against the others as it would lie the right
 * way round.
 * @param takes at least three
 * @returns by id; a set that can't be read holds nothing against any take
 */
export function blunderOdds(takes: readonly Take[]): ReadonlyMap<string, number> {
  const coarse = takes.every((t) => t.section.readAtMm !== undefined);
  const { as, exchanged } = coarse ? ofWidths(takes) : ofTracings(takes);
  return new Map(takes.map((take, i) => [take.id, Math.max(oddsExchanged(as, exchanged(i), i), ...as.map((f) => oddsWider(f, i)))]));
}

/** What is read of a set as it is, and with one take's near and off exchanged; nothing for what can't be read. */
interface ReadSet {
  readonly as: readonly Features[];
  readonly exchanged: (i: number) => readonly Features[];
}

const prior = (share: number): number => Math.log((BLUNDER.timesWorse * share) / (1 - share));

/** A blunder in the one way that speaks most for it. */
function oddsWider(features: Features, i: number): number {
  const held = heldAgainst(features, i);
  const each = features.groups.map((of) => held(features.ofTakes[i]!, of, BLUNDER.timesWider) - held(features.ofTakes[i]!, of, 1));
  return prior(features.share) + Math.max(...each);
}

/** Held against the others as it is and the other way round. */
function oddsExchanged(as: readonly Features[], exchanged: readonly Features[], i: number): number {
  const likely = (features: readonly Features[]): number =>
    features.reduce((sum, f) => sum + heldAgainst(f, i)(f.ofTakes[i]!, [...f.variances.keys()], 1), 0);
  return prior(BLUNDER.swapped) + likely(exchanged) - likely(as);
}

/** The other takes as what foretells one more: logarithm of its likelihood but for a constant, for a hand so many times wider. */
function heldAgainst({ ofTakes, variances, dof }: Features, i: number) {
  const others = ofTakes.filter((_, k) => k !== i);
  const share = dof / variances.length;
  const means = variances.map((_, f) => others.reduce((s, o) => s + o[f]!, 0) / others.length);
  const ratios = (of: readonly number[], which: readonly number[]): number =>
    which.reduce((s, f) => s + (of[f]! - means[f]!) ** 2 / variances[f]!, 0) * share;
  const all = [...variances.keys()];
  const known = HAND_PRIOR_DOF + dof * (others.length - 1);
  const scale = (HAND_PRIOR_DOF + others.reduce((s, o) => s + ratios(o, all), 0)) / known;
  const foretold = scale * (1 + 1 / others.length);
  return (of: readonly number[], which: readonly number[], timesWider: number): number => {
    const places = which.length * share;
    const far = ratios(of, which) / foretold / timesWider ** 2 / known;
    return -places * Math.log(timesWider) - ((known + places) / 2) * Math.log(1 + far);
  };
}

function ofWidths(takes: readonly Take[]): ReadSet {
  const moves = movesOf(takes);
  const features = (of: readonly Take[]): Features[] => {
    const read = readSet(of);
    const values = moves.map((m) => read(m));
    if (values.some((v) => v === null)) return [];
    const ofTakes = of.map((_, i) => values.map((v) => v![i]!));
    return [apart(ofTakes, moves.map(modeVariance), BLUNDER.misread)];
  };
  return {
    as: features(takes),
    exchanged: (i) => features(takes.map((t, k) => (k === i ? { ...t, section: mirroredSection(t.section) } : t))),
  };
}

/** Numbers that go wrong one by one. */
const apart = (ofTakes: Features['ofTakes'], variances: readonly number[], share: number): Features => ({
  share,
  ofTakes,
  variances,
  dof: variances.length,
  groups: variances.map((_, f) => [f]),
});

function ofTracings(takes: readonly Take[]): ReadSet {
  const widths = sideWidths(takes.map((t) => t.section));
  return {
    as: lyingFeatures(widths),
    exchanged: (i) => lyingFeatures(widths.map((w, k) => (k === i ? { ...w, near: w.off, off: w.near } : w))),
  };
}

/** How each side of each take lies across the middle one: turned and shifted as a whole, and what that leaves. */
function lyingFeatures(takes: readonly SideWidths[]): Features[] {
  const sides = { near: lyingOn(takes.map((t) => t.near)), off: lyingOn(takes.map((t) => t.off)) };
  const signs = { together: 1, apart: -1 } as const;
  const modes = ['together', 'apart'] as const;
  const places = LOOKED_AT.length;
  const way = (of: 'turn' | 'shift', share: number): Features =>
    apart(
      takes.map((_, i) => modes.map((mode) => (sides.off.lying[i]![of] + signs[mode] * sides.near.lying[i]![of]) / 2)),
      modes.map((mode) => modeVariance({ mode, of }) + (sides.near.shakeVariance[of] + sides.off.shakeVariance[of]) / 4),
      share,
    );
  return [
    way('turn', BLUNDER.turned),
    way('shift', BLUNDER.shifted),
    {
      ofTakes: takes.map((_, i) => SIDES.flatMap((side) => sides[side].lying[i]!.leftMm)),
      variances: SIDES.flatMap(() => LOOKED_AT.map(() => SHAKE_MM ** 2)),
      dof: SHAKE_DOF,
      share: BLUNDER.misshapen,
      groups: SIDES.map((_, side) => LOOKED_AT.map((__, k) => side * places + k)),
    },
  ];
}
