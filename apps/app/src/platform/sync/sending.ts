import { type Stop, booked } from './booking';
import { type SyncParts, type SyncState } from './sync-parts';
import { type Outbox } from './outbox';
import { type Owner, nextToSend } from './waiting';

export const LEAST_WAIT_MS = 1000;
export const MOST_WAIT_MS = 6000;

/** The way of what waits to the server, and when it is tried again. */
export class Sending {
  private now: SyncState = 'idle';
  private waitMs = LEAST_WAIT_MS;
  private cancelTimer: (() => void) | null = null;
  private closed = false;
  /** Raised when somebody leaves: what began before it counts for nothing. */
  private turn = 0;

  constructor(
    private readonly parts: SyncParts,
    private readonly outbox: Outbox,
    private readonly ready: () => Promise<void>,
    private readonly tell: () => void,
  ) {}

  state(): SyncState {
    return this.now;
  }

  /** Sends what this person entered, oldest first; comes back by itself while something is left. Never rejects. */
  async flush(owner: Owner): Promise<void> {
    if (this.closed) return;
    const { turn } = this;
    try {
      await this.ready();
      await this.parts.alone(async () => {
        if (turn === this.turn) this.ended(owner, await this.sendAll(owner, turn));
      });
    } catch (error) {
      console.error('Sending broke off; what was entered is kept here and sent again.', error);
      if (turn !== this.turn) return;
      this.become('deviceFails');
      this.later(owner, undefined);
    }
  }

  /** Doesn't wait for the timer. */
  flushSoon(owner: Owner): void {
    this.waitMs = LEAST_WAIT_MS;
    this.cancelTimer?.();
    if (this.now !== 'sending') this.become('idle');
    void this.flush(owner);
  }

  stop(): void {
    this.turn++;
    this.waitMs = LEAST_WAIT_MS;
    this.cancelTimer?.();
    this.become('idle');
  }

  close(): void {
    this.closed = true;
    this.cancelTimer?.();
  }

  /** @returns what stops sending, or null where nothing is left */
  private async sendAll(owner: Owner, turn: number): Promise<Stop | null> {
    await this.outbox.reload();
    let sent = false;
    for (;;) {
      const batch = nextToSend(this.outbox.list(), owner);
      if (batch.length === 0) break;
      this.become('sending');
      const { taken, changed, stop } = booked(batch, await this.parts.send(batch));
      if (turn !== this.turn) return null;
      if (taken.length > 0) {
        await this.parts.taken(taken.map((e) => e.write));
        await this.outbox.drop(taken.map((e) => e.id));
      }
      if (changed.length > 0) await this.outbox.keep(changed);
      sent = true;
      if (stop !== null) return stop;
    }
    if (sent) this.parts.caughtUp();
    return null;
  }

  private ended(owner: Owner, stop: Stop | null): void {
    this.become(stop?.trouble ?? 'idle');
    if (stop === null) {
      this.waitMs = LEAST_WAIT_MS;
      return;
    }
    if (stop.trouble === 'signedOut' || stop.trouble === 'sessionStale') this.parts.sessionEnded();
    if (stop.trouble !== 'signedOut') this.later(owner, stop.afterMs);
  }

  private later(owner: Owner, afterMs: number | undefined): void {
    this.cancelTimer?.();
    if (this.closed) return;
    this.cancelTimer = this.parts.clock.after(Math.max(this.waitMs, afterMs ?? 0), () => void this.flush(owner));
    this.waitMs = Math.min(MOST_WAIT_MS, this.waitMs * 2);
  }

  private become(next: SyncState): void {
    if (this.now === next) return;
    this.now = next;
    this.tell();
  }
}
