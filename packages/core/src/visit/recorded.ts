import { type AnyReading, type LandmarkReading, type Station } from '../back';
import { type BarrelMeasures, type TracedHalf } from '../girth';
import { type MarkedPhoto, type Purpose } from '../rider';
import { type FeltSpot, type PassId, type Reaction, type SkinSign } from '../feel';
import { type ComplaintAnswerCode, type ComplaintId, type ComplaintPlace, type ComplaintTime, type IntakeField } from '../intake';
import { type SaddleSetup } from '../saddle';
import { type BackPose, type SchoolId, type CriterionId, type RetiredCriterionId } from '../schools';
import { type TraitId } from '../shape';
import { type RiderLoad } from '../sit';
import { type NearOff } from '../units';

/** A take as it was written down at a visit; never altered, only withdrawn. */
export interface RecordedTake {
  readonly id: string;
  readonly station: Station;
  readonly takenAtMm: number;
  readonly takenAt: string;
  readonly hand: string;
  readonly reading: AnyReading;
  readonly withdrawn: boolean;
}

/** Takes that somebody took: what was said to be as last time tells nothing of a change. */
export const measuredTakes = <T extends Pick<RecordedTake, 'reading'>>(takes: readonly T[]): T[] =>
  takes.filter((t) => t.reading.kind !== 'asLast');

/** Parts of the work a fitter can leave out for now. */
export const STEPS = ['intake', 'feel', 'shape', 'landmarks', 'tracings'] as const;
export type StepId = (typeof STEPS)[number];

/** A row that missed, as it was judged then. */
export interface MissedRow {
  readonly id: CriterionId | RetiredCriterionId;
  readonly value: number | null;
  readonly stops: boolean;
  /** Half of the interval that holds nine in ten; absent where it was judged before errors were known. */
  readonly half?: number | null | undefined;
}

/** One setup of one saddle tried on this horse, with what was computed for it under which rules. */
export interface TriedSetting {
  readonly saddleId: string;
  readonly saddleName: string;
  readonly widthLabel: string;
  readonly setup: SaddleSetup;
  readonly rider: RiderLoad | null;
  readonly pose: BackPose;
  readonly schoolId: SchoolId;
  readonly schoolVersion: number;
  readonly coreVersion: string;
  readonly score: number;
  /** Rows that missed, or refused: enough to say why long after. */
  readonly missed: readonly MissedRow[];
  /** For the small drawing: pressure by rows and columns of a coarse grid, kPa, near side first. */
  readonly thumb: { readonly rows: number; readonly columns: number; readonly kPa: readonly number[] };
}

/** Gaits a fitter watches before the horse goes home. */
export const RIDDEN_GAITS = ['walk', 'trot', 'canter'] as const;
export type RiddenGait = (typeof RIDDEN_GAITS)[number];

/** One purpose on the card: hang, and the hole on each side counted from the shortest. */
export interface LeatherLine {
  readonly purpose: Purpose;
  readonly hangMm: number;
  readonly near: number;
  readonly off: number;
}

/** What a fact says, by kind. The contract's schemas are held against this by the compiler. */
export interface FactBodies {
  readonly intake: { readonly field: IntakeField; readonly value: string | number };
  readonly complaint: {
    readonly complaint: ComplaintId;
    readonly place: ComplaintPlace | null;
    readonly side: NearOff | null;
    readonly when: readonly ComplaintTime[];
    readonly note: string;
  };
  /** What became of a complaint, as the fitter lets it stand in the report. */
  readonly complaintAnswered: { readonly complaint: ComplaintId; readonly answer: ComplaintAnswerCode };
  readonly feel: {
    readonly spots: readonly FeltSpot[];
    readonly pass: PassId;
    readonly reaction: Reaction;
    readonly signs: readonly SkinSign[];
  };
  readonly bellyLift: {
    readonly riseMm: number | null;
    readonly byEye: 'none' | 'little' | 'clear' | null;
    readonly even: 'even' | 'nearLess' | 'offLess' | null;
    readonly withersFill: boolean | null;
  };
  readonly trait: { readonly trait: TraitId; readonly value: string };
  readonly landmark: LandmarkReading;
  /** Tape and stick round the barrel at the girth groove, or half of it traced. */
  readonly barrel: BarrelMeasures & { readonly traced: readonly TracedHalf[] | null };
  /** What was marked on a photo of rider and horse from the side. */
  readonly sideMarks: { readonly photoId: string; readonly riderId: string | null; readonly marked: MarkedPhoto };
  /** Holes a rider was sent home with on this horse, as they were computed then. */
  readonly leatherHoles: {
    readonly riderId: string;
    readonly leatherId: string;
    readonly saddleId: string | null;
    readonly coreVersion: string;
    readonly lines: readonly LeatherLine[];
  };
  readonly cautionsShown: object;
  readonly holdCleared: { readonly by: string; readonly reason: string; readonly clears: readonly string[] };
  /** The horse was ridden in what it goes home in, and what was seen. */
  readonly ridden: { readonly gaits: readonly RiddenGait[]; readonly seen: string };
  readonly forOwner: { readonly said: string; readonly watchFor: string };
  readonly skipped: { readonly step: StepId };
  readonly triedSetting: TriedSetting;
  readonly chosenSetting: { readonly triedId: string; readonly note: string };
  /** A named person stands for a chosen setting that the engine refuses. */
  readonly refusalOverruled: { readonly triedId: string; readonly by: string; readonly reason: string };
  /** A named person says that the horse may be ridden though nothing was measured, felt or decided. */
  readonly saidWithout: { readonly by: string; readonly reason: string };
  /** The server's own notes of when a visit was closed and opened again. */
  readonly visitClosed: object;
  readonly visitReopened: object;
}
export type FactKind = keyof FactBodies;
export type RecordedBody = { readonly [K in FactKind]: { readonly kind: K } & FactBodies[K] }[FactKind];

/** Something found or said at a visit: added and withdrawn, never altered. */
export interface RecordedFact {
  readonly id: string;
  readonly hand: string;
  readonly withdrawn: boolean;
  readonly body: RecordedBody;
}

type Found<K extends FactKind> = { readonly id: string; readonly hand: string } & FactBodies[K];

/** What facts of one kind say, without the withdrawn ones, in the order given. */
export const factsOfKind = <K extends FactKind>(facts: readonly RecordedFact[], kind: K): Found<K>[] =>
  facts.flatMap(({ id, hand, withdrawn, body }) => (withdrawn || body.kind !== kind ? [] : [{ ...body, id, hand } as unknown as Found<K>]));
