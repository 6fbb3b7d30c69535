import { type TakeRecord, type VisitPage } from '@fulcra/contract';
import { type Write } from './write';

type TakeChange = Extract<Write, { kind: 'take' | 'withdrawal' }>;

/** The takes of a visit once one is added, or withdrawn or brought back. */
export function foldTakes(takes: TakeRecord[], write: TakeChange, hand: string): TakeRecord[] {
  if (write.kind === 'withdrawal') return takes.map((t) => (t.id === write.takeId ? { ...t, withdrawn: write.body.withdrawn } : t));
  if (takes.some((t) => t.id === write.takeId)) return takes;
  return [...takes, { id: write.takeId, visitId: write.visitId, hand, withdrawn: false, ...write.body }];
}

/** A visit's page once one of its takes, facts, photos or its decision is written. */
export function foldIntoPage(page: VisitPage, write: Write, hand: string): VisitPage {
  switch (write.kind) {
    case 'take':
    case 'withdrawal':
      return { ...page, takes: foldTakes(page.takes, write, hand) };
    case 'fact':
      if (page.facts.some((f) => f.id === write.factId)) return page;
      return { ...page, facts: [...page.facts, { id: write.factId, visitId: write.visitId, hand, withdrawn: false, ...write.body }] };
    case 'factWithdrawal':
      return { ...page, facts: page.facts.map((f) => (f.id === write.factId ? { ...f, withdrawn: write.body.withdrawn } : f)) };
    case 'photo':
      if (page.photos.some((p) => p.id === write.photoId)) return page;
      return { ...page, photos: [...page.photos, { id: write.photoId, visitId: write.visitId, hand, heldBytes: 0, ...write.body }] };
    case 'decision':
      return { ...page, decision: { visitId: write.visitId, fitter: hand, ...write.body } };
    default:
      return page;
  }
}
