import { type Write } from '@fulcra/contract';
import { createSync } from '../create-sync';
import { type SyncParts, type SyncStore } from '../sync-parts';
import { type Outcome } from '../outcome';
import { type Owner, type Waiting } from '../waiting';

export const ISLA: Owner = { practiceId: 'room', personId: 'isla' };
export const ROWAN: Owner = { practiceId: 'room', personId: 'rowan' };

const horse = {
  name: 'Marl',
  kind: '',
  bornYear: null,
  heightMm: null,
  note: '',
  sex: 'unknown' as const,
  riderIds: [],
  ownerId: null,
  payerId: null,
  yardId: null,
  ridesIn: null,
  gone: null,
};
export const horseWrite = (note = '', horseId = 'h'): Write => ({ kind: 'horse', horseId, body: { ...horse, note } });
export const visitWrite: Write = {
  kind: 'visit',
  visitId: 'v',
  body: { horseId: 'h', startedOn: '2026-11-20', schoolId: 'static-close', stationMm: 50, status: 'open', note: '', result: null },
};
export const factWrite = (factId: string, visitId = 'v'): Write => ({
  kind: 'fact',
  visitId,
  factId,
  body: { madeAt: '2026-11-20T09:00:00.000Z', body: { kind: 'cautionsShown' } },
});
export const takeWrite = (takeId: string): Write => ({
  kind: 'take',
  visitId: 'v',
  takeId,
  body: { station: 'front', takenAtMm: 50, takenAt: '2026-11-20T09:00:00.000Z', reading: { kind: 'widths', widths: [] } },
});
export const withdrawalWrite = (takeId: string): Write => ({ kind: 'withdrawal', visitId: 'v', takeId, body: { withdrawn: true } });

/** A disk that several tabs share. */
export class FakeDisk {
  readonly kept = new Map<string, Waiting>();
  private readonly tabs = new Set<() => void>();
  full = false;
  failsToDrop = false;

  tab(): SyncStore {
    let own: (() => void) | null = null;
    const told = (): void => [...this.tabs].filter((t) => t !== own).forEach((t) => t());
    return {
      load: async () => [...this.kept.values()],
      put: async (entries) => {
        if (this.full) throw Object.assign(new Error('full'), { name: 'QuotaExceededError' });
        for (const e of entries) this.kept.set(e.id, e);
        told();
      },
      drop: async (ids) => {
        if (this.failsToDrop) throw new Error('the disk is gone');
        for (const id of ids) this.kept.delete(id);
        told();
      },
      onChange: (listen) => {
        own = listen;
        this.tabs.add(listen);
        return () => this.tabs.delete(listen);
      },
    };
  }
}

/** A clock that only goes on when it is told to. */
export class FakeClock {
  private due: { readonly at: number; readonly run: () => void }[] = [];
  private now = 0;
  after(ms: number, run: () => void): () => void {
    const entry = { at: this.now + ms, run };
    this.due.push(entry);
    return () => {
      this.due = this.due.filter((d) => d !== entry);
    };
  }
  get waits(): number[] {
    return this.due.map((d) => d.at - this.now);
  }
  async pass(ms: number): Promise<void> {
    this.now += ms;
    const ripe = this.due.filter((d) => d.at <= this.now);
    this.due = this.due.filter((d) => d.at > this.now);
    ripe.forEach((d) => d.run());
    await settled();
  }
}

/** Lets everything that waits for nothing but its turn run to its end. */
export async function settled(): Promise<void> {
  for (let i = 0; i < 50; i++) await Promise.resolve();
}

/** One tab after another. */
export function fakeLock(): SyncParts['alone'] {
  let last: Promise<void> = Promise.resolve();
  return (work) => {
    const next = last.then(work);
    last = next.catch(() => undefined);
    return next;
  };
}

const TAKEN: Outcome = { kind: 'taken' };
export const later = (trouble: Extract<Outcome, { kind: 'later' }>['trouble'], afterMs?: number): Outcome => ({
  kind: 'later',
  trouble,
  afterMs,
});
export const refused = (clash?: { fields: string[]; theirs: Record<string, unknown> }): Outcome => ({
  kind: 'refused',
  refusal: { message: 'no', remedy: 'otherwise', ...(clash && { clash }) },
});

type Answer = (entries: readonly Waiting[]) => Promise<readonly Outcome[]> | readonly Outcome[];
export const takesAll: Answer = (entries) => entries.map(() => TAKEN);

/** A sync with everything around it made up; `answers` are used one after the other, the last one again and again. */
export function room(
  answers: Answer[] = [takesAll],
  {
    disk = new FakeDisk(),
    alone = fakeLock(),
    clock = new FakeClock(),
  }: { disk?: FakeDisk; alone?: SyncParts['alone']; clock?: FakeClock } = {},
) {
  const sent: Write[][] = [];
  const taken: Write[] = [];
  const said = { caughtUp: 0, sessionEnded: 0 };
  let [turn, ids] = [0, 0];
  const sync = createSync({
    store: disk.tab(),
    send: async (entries) => {
      sent.push(entries.map((e) => e.write));
      const answer = answers[Math.min(turn++, answers.length - 1)]!;
      return answer(entries);
    },
    clock,
    alone,
    newId: () => `id${String(disk.kept.size).padStart(4, '0')}-${ids++}`,
    taken: (writes) => void taken.push(...writes),
    caughtUp: () => void said.caughtUp++,
    sessionEnded: () => void said.sessionEnded++,
  });
  return { sync, disk, clock, sent, taken, said };
}
