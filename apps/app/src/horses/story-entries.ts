import { type Story } from '@fulcra/contract';

type Visit = Story['visits'][number];

/** One thing that happened. */
export type StoryEntry =
  | { readonly kind: 'visit'; readonly key: string; readonly on: string; readonly visit: Visit; readonly before: Visit | null }
  | { readonly kind: 'tack'; readonly key: string; readonly on: string; readonly check: Story['tack'][number] }
  | { readonly kind: 'word'; readonly key: string; readonly on: string; readonly word: Story['words'][number] };

/** Visits, tack and the owner's words in the order in which they happened, oldest first; on one day the visit first. */
export function storyEntries({ visits, tack, words }: Story): StoryEntry[] {
  const withOutline = (i: number): Visit | null => visits.slice(0, i).findLast((v) => v.outline.length > 0) ?? null;
  const all: StoryEntry[] = [
    ...visits.map((visit, i) => ({ kind: 'visit' as const, key: visit.visitId, on: visit.on, visit, before: withOutline(i) })),
    ...tack.map((check) => ({ kind: 'tack' as const, key: check.id, on: check.madeAt.slice(0, 10), check })),
    ...words.map((word) => ({ kind: 'word' as const, key: word.id, on: word.madeAt.slice(0, 10), word })),
  ];
  return all.sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : Number(b.kind === 'visit') - Number(a.kind === 'visit')));
}
