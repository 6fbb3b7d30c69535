/** One at a time for each name; others don't wait for it. A turn that fails ends like any other. */
export class Turns {
  private readonly last = new Map<string, Promise<unknown>>();

  take<T>(name: string, work: () => Promise<T>): Promise<T> {
    const before = this.last.get(name) ?? Promise.resolve();
    const turn = before.then(work, work);
    this.last.set(name, turn);
    const forget = (): void => {
      if (this.last.get(name) === turn) this.last.delete(name);
    };
    turn.then(forget, forget);
    return turn;
  }

  /** Names that have a turn now, or wait for one. */
  get size(): number {
    return this.last.size;
  }
}

/** What waits to be done for one name. */
type Waiting = () => Promise<void>;

/**
 * So many at once in all, and one for each name: whoever has much waiting has a turn like any other, and none while another of theirs is
 * under way.
 */
export class FairTurns {
  /** In the order they have their turn. */
  private readonly waiting = new Map<string, Waiting[]>();
  private readonly busy = new Set<string>();

  constructor(private readonly atOnce: number) {}

  take<T>(name: string, work: () => Promise<T>): Promise<T> {
    return new Promise<T>((resolve, reject) => {
      const queue = this.waiting.get(name) ?? [];
      queue.push(() => work().then(resolve, reject));
      this.waiting.set(name, queue);
      this.next();
    });
  }

  private next(): void {
    for (const [name, queue] of this.waiting) {
      if (this.busy.size >= this.atOnce) return;
      if (this.busy.has(name)) continue;
      const work = queue.shift()!;
      // behind all others that wait
      this.waiting.delete(name);
      if (queue.length > 0) this.waiting.set(name, queue);
      this.busy.add(name);
      void work().finally(() => {
        this.busy.delete(name);
        this.next();
      });
    }
  }
}
