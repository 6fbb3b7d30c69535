import { type QueryClient } from '@tanstack/react-query';
import { type Session } from '@fulcra/contract';
import { v7 } from 'uuid';
import { api } from '../api';
import { ownerOf, scopeOf } from '../draft-scope';
import { type Sync } from '../sync/create-sync';
import { photoStore } from '../sync/photo-store';
import { forgetDraftsOf } from '../use-draft';
import { forgetAnswers } from './forget-answers';
import { type Desk, type Unsent, leaveWork, takeUpWork } from './leave-work';
import { sealedStore } from './sealed-store';
import { becomes, endLeft, nobodyBecomes, nothingLeftToEnd, tellOtherTabs } from './who-am-i';

const deskOf = (sync: Sync): Desk => ({ sync, photos: photoStore, sealed: sealedStore, newId: v7 });

export interface Entered {
  /** Things left sealed here that could not be opened. */
  readonly failed: number;
}

/** Somebody signed in: nothing is remembered of who was here before, and what this person left sealed is theirs again, and sent. */
export async function enter(queries: QueryClient, sync: Sync, next: Session): Promise<Entered> {
  nothingLeftToEnd();
  await becomes(queries, sync, next);
  api.setSession(next);
  const taken = await takeUpWork(deskOf(sync), ownerOf(next), next.sealKey);
  queries.setQueryData(['session'], next);
  void queries.invalidateQueries();
  tellOtherTabs('entered');
  sync.flushSoon(ownerOf(next));
  return taken;
}

/**
 * Signed out on this device at once; the server is told now, or as soon as it answers.
 * @param away leaves the page that was shown, once nothing can keep the person here and before the next one is asked in
 */
export async function signOut(queries: QueryClient, sync: Sync, session: Session, unsent: Unsent, away: () => void): Promise<void> {
  await leaveWork(deskOf(sync), ownerOf(session), session.sealKey, unsent);
  away();
  nobodyBecomes(session.csrfToken);
  api.setSession(null);
  sessionStorage.clear();
  queries.setQueryData(['session'], null);
  tellOtherTabs('left');
  await forgetAnswers(queries);
  void endLeft();
}

export async function beginAnew(queries: QueryClient, session: Session): Promise<void> {
  await api.request('POST', '/api/demo/reset');
  forgetDraftsOf(scopeOf(ownerOf(session)));
  await forgetAnswers(queries);
  window.location.assign('/');
}
