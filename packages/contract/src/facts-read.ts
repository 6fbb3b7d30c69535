import { type Feeling, type HoldClearance, type LandmarkReading, type SoreHold, type Trait, type TraitValue, soreHold } from '@fulcra/core';
import { type Fact } from './facts';
import { type TriedSetting } from './tried';

/** Facts that count, in the order given. */
const counted = (facts: readonly Fact[]): Fact[] => facts.filter((f) => !f.withdrawn);

export const feelingsOf = (facts: readonly Fact[]): Feeling[] =>
  counted(facts).flatMap(({ id, body }) => {
    if (body.kind !== 'feel') return [];
    const { spots, pass, reaction, signs } = body;
    return [{ id, spots, pass, reaction, signs }];
  });

export const clearancesOf = (facts: readonly Fact[]): HoldClearance[] =>
  counted(facts).flatMap(({ body }) => (body.kind === 'holdCleared' ? [{ by: body.by, reason: body.reason, clears: body.clears }] : []));

export const holdOfFacts = (facts: readonly Fact[]): SoreHold => soreHold(feelingsOf(facts), clearancesOf(facts));

export const landmarkReadingsOf = (facts: readonly Fact[]): LandmarkReading[] =>
  counted(facts).flatMap(({ body }) => {
    if (body.kind !== 'landmark') return [];
    const { kind: _, ...reading } = body;
    return [reading];
  });

export const chosenTraitsOf = (facts: readonly Fact[]): Trait[] =>
  counted(facts).flatMap(({ id, body }) =>
    body.kind === 'trait' ? [{ trait: body.trait, value: body.value as TraitValue, source: { from: 'chosen', factId: id } }] : [],
  );

export interface TriedOnVisit extends TriedSetting {
  readonly id: string;
  readonly hand: string;
}

/** Settings tried at a visit: those without a hard stop first, then by score. */
export const triedSettingsOf = (facts: readonly Fact[]): TriedOnVisit[] =>
  counted(facts)
    .flatMap(({ id, hand, body }) => (body.kind === 'triedSetting' ? [{ id, hand, ...body }] : []))
    .sort((a, b) => stopsIn(a) - stopsIn(b) || b.score - a.score);

const stopsIn = (t: TriedSetting): number => t.missed.filter((m) => m.stops).length;

/** The latest choice among what was tried; null while there is none, or its setting was withdrawn. */
export function chosenSettingOf(facts: readonly Fact[]): { readonly tried: TriedOnVisit; readonly note: string } | null {
  const choice = counted(facts)
    .flatMap(({ body }) => (body.kind === 'chosenSetting' ? [body] : []))
    .at(-1);
  const tried = triedSettingsOf(facts).find((t) => t.id === choice?.triedId);
  return choice === undefined || tried === undefined ? null : { tried, note: choice.note };
}
