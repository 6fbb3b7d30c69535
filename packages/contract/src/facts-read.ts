import { type Feeling, type HoldClearance, type LandmarkReading, type SoreHold, type Trait, type TraitValue, soreHold } from '@fulcra/core';
import { type Fact } from './facts';

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
