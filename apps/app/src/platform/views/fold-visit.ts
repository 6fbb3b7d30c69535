import { type Decision, type VisitPage, type Write, type WriteOf } from '@fulcra/contract';
import { NOTHING_IN_USE, standingDecision } from '@fulcra/core';
import { type FoldContext } from './fold-context';
import { fieldsOf } from './fold-records';

/** The takes of a visit once one is added, or withdrawn or brought back. */
export function foldTakes(takes: VisitPage['takes'], write: WriteOf<'take'> | WriteOf<'withdrawal'>, hand: string): VisitPage['takes'] {
  if (write.kind === 'withdrawal') return takes.map((t) => (t.id === write.takeId ? { ...t, withdrawn: write.body.withdrawn } : t));
  if (takes.some((t) => t.id === write.takeId)) return takes;
  return [...takes, { id: write.takeId, visitId: write.visitId, hand, withdrawn: false, ...write.body }];
}

type Decided = Pick<VisitPage, 'decision' | 'superseded'>;

const allDecided = ({ decision, superseded }: Decided): Decision[] => [...superseded, ...(decision === null ? [] : [decision])];

/** What stands, and what it superseded, once one more is decided, where the visit's facts aren't at hand: a width never supersedes a setting. */
export function foldDecision<T extends Decided>(of: T, write: WriteOf<'decision'>, fitter: string): T {
  if (allDecided(of).some((d) => d.id === write.decisionId)) return of;
  // the server counts on: until it has, what is decided here comes after everything known
  const order = Math.max(0, ...allDecided(of).map((d) => d.order)) + 1;
  const made = { id: write.decisionId, visitId: write.visitId, fitter, order, ...write.body };
  if (of.decision?.triedId != null && made.triedId == null) return { ...of, superseded: [...of.superseded, made] };
  return { ...of, decision: made, superseded: allDecided(of) };
}

/** Which of its decisions stands hangs on what is chosen: worked out again whenever either changes. */
const decidedAgain = (page: VisitPage): VisitPage => ({ ...page, ...standingDecision(allDecided(page), page.facts) });

/** A visit's page once one of its takes, facts, photos or a decision is written. */
function foldIntoPage(page: VisitPage, write: Write, hand: string): VisitPage {
  switch (write.kind) {
    case 'take':
    case 'withdrawal':
      return { ...page, takes: foldTakes(page.takes, write, hand) };
    case 'fact':
      if (page.facts.some((f) => f.id === write.factId)) return page;
      return decidedAgain({
        ...page,
        facts: [...page.facts, { id: write.factId, visitId: write.visitId, hand, withdrawn: false, ...write.body }],
      });
    case 'factWithdrawal':
      return decidedAgain({
        ...page,
        facts: page.facts.map((f) => (f.id === write.factId ? { ...f, withdrawn: write.body.withdrawn } : f)),
      });
    case 'photo':
      if (page.photos.some((p) => p.id === write.photoId)) return page;
      return { ...page, photos: [...page.photos, { id: write.photoId, visitId: write.visitId, hand, heldBytes: 0, ...write.body }] };
    case 'decision':
      return decidedAgain(foldDecision(page, write, hand));
    default:
      return page;
  }
}

/** A visit may be known only from its writes, when it was begun without signal. */
export const foldVisit = (page: VisitPage | null, writes: readonly Write[], context: FoldContext): VisitPage | null =>
  writes.reduce<VisitPage | null>((p, write) => overVisit(p, write, context), page);

function overVisit(page: VisitPage | null, write: Write, { person, horseKnown }: FoldContext): VisitPage | null {
  if (write.kind === 'horse') {
    return page?.horse.id === write.horseId ? { ...page, horse: { id: write.horseId, ...fieldsOf(write) } } : page;
  }
  if (write.kind === 'visit') {
    const horse = page?.horse ?? horseKnown(write.body.horseId);
    if (horse === null) return page;
    const visit = { id: write.visitId, fitter: page?.visit.fitter ?? person, ...fieldsOf(write) };
    const empty = { takes: [], facts: [], photos: [], earlier: [], decision: null, superseded: [], cameIn: NOTHING_IN_USE, feltBefore: [] };
    return page === null ? { visit, horse, ...empty } : { ...page, visit, horse };
  }
  return page === null ? null : foldIntoPage(page, write, person);
}

/** The writes that touch one visit. */
export const writesOfVisit = (writes: readonly Write[], visitId: string): Write[] =>
  writes.filter((w) => w.kind === 'horse' || ('visitId' in w && w.visitId === visitId));
