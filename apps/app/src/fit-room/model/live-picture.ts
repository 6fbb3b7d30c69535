import { type SitPicture } from '@fulcra/core';
import { useSyncExternalStore } from 'react';

/**
 * The picture while a finger slides the saddle: only the drawings listen to it, so that the rest of the room
 * needn't be laid out again thirty times a second.
 */
export class LivePicture {
  private value: SitPicture | null = null;
  private readonly listeners = new Set<() => void>();

  readonly now = (): SitPicture | null => this.value;
  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  set(value: SitPicture | null): void {
    if (value === this.value) return;
    this.value = value;
    for (const listener of this.listeners) listener();
  }
}

/** What the drawings show: what is being slid, else what stands in the room. */
export function useLive(live: LivePicture, settled: SitPicture | null): SitPicture | null {
  return useSyncExternalStore(live.subscribe, live.now) ?? settled;
}
