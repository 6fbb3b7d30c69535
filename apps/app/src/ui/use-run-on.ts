import { useEffect, useState } from 'react';
import { type RunCell, activeCell, afterKey, cellAfter, cellBefore, isComplete, stepped } from './run-order';

export interface RunOn {
  readonly active: RunCell | null;
  /** What is half typed into the active one; empty when nothing is. */
  readonly typed: string;
  /** A number was just left by itself: a point still goes on in it. */
  readonly left: boolean;
  readonly choose: (id: string) => void;
  readonly press: (key: string) => void;
  readonly next: () => void;
  readonly onKeyDown: (event: React.KeyboardEvent) => void;
}

interface Left {
  readonly id: string;
  readonly typed: string;
}

/**
 * Numbers typed one after the other in one pad: each is put as it is typed, and the next is gone to when it is complete.
 * A number left by itself is still the last one's: a point typed now goes on in it, and Next, pressed from habit, skips nothing.
 * @param put null rubs it out
 */
export function useRunOn(cells: readonly RunCell[], put: (id: string, value: number | null) => void): RunOn {
  const { chosen, typed, left, go, type, leave } = useHand(cells);
  const active = activeCell(cells, chosen);
  const after = (id: string): string | null => cellAfter(cells, id)?.id ?? null;
  const next = () => go(left !== null || active === null ? (active?.id ?? null) : after(active.id));
  const rubOut = (cell: RunCell) => {
    if (typed === '' && cell.value === null) return go(cellBefore(cells, cell.id)?.id ?? cell.id);
    const rest = typed.slice(0, -1);
    type(cell.id, rest);
    put(cell.id, rest === '' ? null : Number(rest));
  };
  const digit = (id: string, now: string, cell: RunCell) => {
    if (!Number.isFinite(Number(now))) return type(id, now);
    put(id, Number(now));
    if (isComplete(now, cell)) return leave(id, now, after(id));
    type(id, now);
  };
  const press = (key: string) => {
    if (left !== null && key === '.') return type(left.id, afterKey(left.typed, key));
    const last = cells.find((c) => c.id === left?.id) ?? active;
    if (last !== null && (key === '−' || key === '+')) {
      go(last.id);
      return put(last.id, stepped(last, key === '+' ? 1 : -1));
    }
    if (active === null) return;
    if (key === '⌫') return rubOut(active);
    digit(active.id, afterKey(typed, key), active);
  };
  const onKeyDown = (event: React.KeyboardEvent) => {
    const key = event.key === 'Backspace' ? '⌫' : event.key.replace(',', '.');
    if (!/^[0-9.⌫]$/.test(key)) return;
    event.preventDefault();
    press(key);
  };
  return { active, typed, left: left !== null, choose: go, press, next, onKeyDown };
}

/** Where the hand is: the cell chosen, what is typed in it, and the number it was just led away from. */
function useHand(cells: readonly RunCell[]) {
  const [chosen, setChosen] = useState<string | null>(null);
  const [typed, setTyped] = useState('');
  const [left, setLeft] = useState<Left | null>(null);
  const to = (id: string | null, now: string, from: Left | null) => {
    setChosen(id);
    setTyped(now);
    setLeft(from);
  };
  const empty = cells.every((c) => c.aside === true || c.value === null);
  useEffect(() => {
    if (empty) to(null, '', null);
  }, [empty]);
  // what is half typed in one unit is no number of another
  const unit = cells[0]?.unit;
  useEffect(() => {
    setTyped('');
    setLeft(null);
  }, [unit]);
  return {
    ...{ chosen, typed, left },
    go: (id: string | null) => to(id, '', null),
    type: (id: string, now: string) => to(id, now, null),
    leave: (id: string, now: string, next: string | null) => to(next, '', { id, typed: now }),
  };
}
