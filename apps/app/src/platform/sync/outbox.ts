import { type SyncStore } from './sync-parts';
import { type Waiting, carriedOver, inOrder } from './waiting';

/** What waits, on the disk and as it is shown: on the disk first. */
export class Outbox {
  private shown: readonly Waiting[] = [];
  private lastOrder = 0;

  constructor(
    private readonly store: SyncStore,
    private readonly tell: () => void,
  ) {}

  list(): readonly Waiting[] {
    return this.shown;
  }

  /** Later than everything known, whatever this device's clock says. */
  nextOrder(): number {
    this.lastOrder = Math.max(this.lastOrder, ...this.shown.map((w) => w.order)) + 1;
    return this.lastOrder;
  }

  async reload(): Promise<void> {
    this.show((await this.store.load()).map(carriedOver));
  }

  async keep(entries: readonly Waiting[]): Promise<void> {
    await this.store.put(entries);
    const ids = new Set(entries.map((e) => e.id));
    this.show([...this.shown.filter((w) => !ids.has(w.id)), ...entries]);
  }

  async drop(ids: readonly string[]): Promise<void> {
    await this.store.drop(ids);
    this.show(this.shown.filter((w) => !ids.includes(w.id)));
  }

  private show(next: readonly Waiting[]): void {
    this.shown = inOrder(next);
    this.tell();
  }
}
