import { type Session } from '@fulcra/contract';
import { createContext, useContext } from 'react';
import { type Owner } from './sync/waiting';

export const ownerOf = ({ practice, person }: Session): Owner => ({ practiceId: practice.id, personId: person.id });

/** Whose half-entered things these are: nobody reads, or goes on with, what another person of this device began. */
export const scopeOf = ({ practiceId, personId }: Owner): string => `${practiceId}/${personId}`;

/** Those without an account: an owner with a link. */
const GUEST = 'guest';
export const DraftScope = createContext<string>(GUEST);

/** What a draft is kept under on this device. */
export const useDraftKey = (key: string): string => draftKey(useContext(DraftScope), key);
const draftKey = (scope: string, key: string): string => `draft:${scope}:${key}`;

const UUID = '[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}';
const SCOPED = new RegExp(`^draft:(${GUEST}|${UUID}/${UUID}):`);
/** Settings of the device, nobody's work. */
const OF_THE_DEVICE: readonly string[] = ['draft:tape-unit'];

export const keysOfDevice = (): string[] => Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i)!);

/** Drafts of one person, by the key they are kept under. */
export const draftsOf = (scope: string): string[] => keysOfDevice().filter((key) => key.startsWith(draftKey(scope, '')));

/** Drafts of an earlier release, that didn't note whose they were, are those of whoever is signed in while it is replaced. */
export function adoptOldDrafts(scope: string): void {
  for (const key of keysOfDevice()) {
    if (!key.startsWith('draft:') || SCOPED.test(key) || OF_THE_DEVICE.includes(key)) continue;
    const bare = key.slice('draft:'.length);
    const under = draftKey(bare.startsWith('owner-') ? GUEST : scope, bare);
    const text = localStorage.getItem(key)!;
    localStorage.removeItem(key);
    if (localStorage.getItem(under) === null) localStorage.setItem(under, text);
  }
}
