import { type VisitPage } from '@fulcra/contract';
import { type Write } from './write';

/** A visit's page once one of its takes, facts, photos or its decision is written. */
export function foldIntoPage(page: VisitPage, write: Write, hand: string): VisitPage {
  switch (write.kind) {
    case 'take':
      if (page.takes.some((t) => t.id === write.takeId)) return page;
      return { ...page, takes: [...page.takes, { id: write.takeId, visitId: write.visitId, hand, withdrawn: false, ...write.body }] };
    case 'withdrawal':
      return { ...page, takes: page.takes.map((t) => (t.id === write.takeId ? { ...t, withdrawn: write.body.withdrawn } : t)) };
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
