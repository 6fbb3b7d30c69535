import { type QueryClient } from '@tanstack/react-query';
import { type Session, sessionSchema } from '@fulcra/contract';
import { Refused } from '../api-client';
import { api } from '../api';
import { ownerOf, scopeOf } from '../draft-scope';
import { type Sync } from '../sync/create-sync';
import { forgetAnswers } from './forget-answers';

/** The token of a session that was ended here while the server could not be told. */
const LEFT = 'fulcra-left';
/** Whose answers are in this browser. */
const LAST = 'fulcra-last';

const CHANNEL = 'fulcra-session';
type Told = 'left' | 'entered';

/** One for the page: what it says itself it doesn't hear. */
let channel: BroadcastChannel | null = null;
const tabs = (): BroadcastChannel => (channel ??= new BroadcastChannel(CHANNEL));
export const tellOtherTabs = (told: Told): void => tabs().postMessage(told);

export function heardElsewhere(queries: QueryClient, sync: Sync): () => void {
  const left = (): void => {
    sync.stop();
    queries.setQueryData(['session'], null);
    void forgetAnswers(queries);
  };
  tabs().onmessage = ({ data }: MessageEvent<Told>) =>
    data === 'left' ? left() : void queries.invalidateQueries({ queryKey: ['session'] });
  return () => {
    tabs().onmessage = null;
  };
}

/** null when nobody is signed in; no answer leaves the last known session standing. Answers of somebody else are forgotten first. */
export async function whoAmI(queries: QueryClient, sync: Sync): Promise<Session | null> {
  if (!(await endLeft())) return null;
  const next = await asked();
  if (next !== null) await becomes(queries, sync, next);
  return next;
}

async function asked(): Promise<Session | null> {
  try {
    return sessionSchema.parse(await api.request('GET', '/api/session'));
  } catch (error) {
    if (error instanceof Refused && error.status === 401) return null;
    throw error;
  }
}

/** From now on it is this person who works here: by what this page shows, and by what was kept when it was opened. */
export async function becomes(queries: QueryClient, sync: Sync, next: Session): Promise<void> {
  const here = queries.getQueryData<Session | null>(['session']) ?? null;
  const scope = scopeOf(ownerOf(next));
  const last = here === null ? localStorage.getItem(LAST) : scopeOf(ownerOf(here));
  if (last !== null && last !== scope) {
    sync.stop();
    await forgetAnswers(queries);
  }
  localStorage.setItem(LAST, scope);
}

export const nobodyBecomes = (csrfToken: string): void => {
  localStorage.setItem(LEFT, csrfToken);
  localStorage.removeItem(LAST);
};

/** A session ended here is ended on the server too, as soon as it answers. @returns whether none is left to end */
export async function endLeft(): Promise<boolean> {
  const token = localStorage.getItem(LEFT);
  if (token === null) return true;
  try {
    await api.endSession(token);
  } catch (error) {
    // refused: it was over already
    if (!(error instanceof Refused)) return false;
  }
  localStorage.removeItem(LEFT);
  return true;
}

/** Whoever signs in now takes its place. */
export const nothingLeftToEnd = (): void => localStorage.removeItem(LEFT);
