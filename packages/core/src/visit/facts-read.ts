import { type LandmarkReading } from '../back';
import { type Feeling, type HoldClearance, type SoreHold, soreHold } from '../feel';
import { type ComplaintAnswerCode, type ComplaintId } from '../intake';
import { type Trait, type TraitValue } from '../shape';
import { type FactBodies, type RecordedFact, type TriedSetting, factsOfKind } from './recorded';

export const feelingsOf = (facts: readonly RecordedFact[]): Feeling[] =>
  factsOfKind(facts, 'feel').map(({ id, spots, pass, reaction, signs }) => ({ id, spots, pass, reaction, signs }));

export const clearancesOf = (facts: readonly RecordedFact[]): HoldClearance[] =>
  factsOfKind(facts, 'holdCleared').map(({ by, reason, clears }) => ({ by, reason, clears }));

export const holdOfFacts = (facts: readonly RecordedFact[]): SoreHold => soreHold(feelingsOf(facts), clearancesOf(facts));

export const landmarkReadingsOf = (facts: readonly RecordedFact[]): LandmarkReading[] =>
  factsOfKind(facts, 'landmark').map(({ landmark, side, way, station, pose, atMm, felt, again }) => ({
    landmark,
    side,
    way,
    station,
    pose,
    atMm,
    felt,
    again,
  }));

export const chosenTraitsOf = (facts: readonly RecordedFact[]): Trait[] =>
  factsOfKind(facts, 'trait').map(({ id, trait, value }) => ({
    trait,
    value: value as TraitValue,
    source: { from: 'chosen', factId: id },
  }));

export type Complaint = FactBodies['complaint'] & {
  readonly id: string;
  /** What became of it; null while nobody said. */
  readonly answer: ComplaintAnswerCode | null;
};

/** What was complained of, each once as it was said last, in the order in which it came up. */
export function complaintsOf(facts: readonly RecordedFact[]): Complaint[] {
  const answers = new Map(factsOfKind(facts, 'complaintAnswered').map((a) => [a.complaint, a.answer]));
  const said = new Map<ComplaintId, Complaint>();
  for (const { id, complaint, place, side, when, note } of factsOfKind(facts, 'complaint'))
    said.set(complaint, { id, complaint, place, side, when, note, answer: answers.get(complaint) ?? null });
  return [...said.values()];
}

/** The last belly lift that was measured, mm; null where none was. */
export const liftOfFacts = (facts: readonly RecordedFact[]): number | null =>
  factsOfKind(facts, 'bellyLift')
    .flatMap(({ riseMm }) => riseMm ?? [])
    .at(-1) ?? null;

export interface TriedOnVisit extends TriedSetting {
  readonly id: string;
  readonly hand: string;
}

/** Settings tried at a visit: those without a hard stop first, then by score. */
export const triedSettingsOf = (facts: readonly RecordedFact[]): TriedOnVisit[] =>
  factsOfKind(facts, 'triedSetting').sort((a, b) => stopsIn(a) - stopsIn(b) || b.score - a.score);

export const stopsIn = (t: TriedSetting): number => t.missed.filter((m) => m.stops).length;

/** Hard stops that were missed beyond the error of the measuring; none where that wasn't known yet: it may have been the hand. */
export const clearStopsIn = (t: TriedSetting): number => t.missed.filter((m) => m.stops && m.half !== undefined).length;

export interface ChosenSetting {
  readonly tried: TriedOnVisit;
  readonly note: string;
}

/** The latest choice among what was tried; null while there is none, or its setting was withdrawn. */
export function chosenSettingOf(facts: readonly RecordedFact[]): ChosenSetting | null {
  const choice = factsOfKind(facts, 'chosenSetting').at(-1);
  const tried = triedSettingsOf(facts).find((t) => t.id === choice?.triedId);
  return choice === undefined || tried === undefined ? null : { tried, note: choice.note };
}

/** Who stands for a setting that was refused; null where nobody does. */
export const overruledBy = (facts: readonly RecordedFact[], triedId: string): FactBodies['refusalOverruled'] | null =>
  factsOfKind(facts, 'refusalOverruled').findLast((f) => f.triedId === triedId) ?? null;
