import { type Waiting } from './outbox';
import { pathOf } from './write';

/**
 * The oldest write that may go now. What follows a refused write of the same thing waits for it,
 * and so does what hangs on a thing that the server would not have at all.
 */
export function nextToSend(waiting: readonly Waiting[], practiceId: string): Waiting | undefined {
  const own = waiting.filter((w) => w.practiceId === practiceId);
  const blocked: { readonly path: string; readonly withChildren: boolean }[] = [];
  for (const entry of own) {
    const path = pathOf(entry.write);
    if (entry.refused !== undefined) {
      blocked.push({ path, withChildren: entry.refused.clash === undefined });
      continue;
    }
    if (!blocked.some((b) => b.path === path || (b.withChildren && path.startsWith(`${b.path}/`)))) return entry;
  }
  return undefined;
}
