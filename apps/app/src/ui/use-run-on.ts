import { useEffect, useState } from 'react';
import { type RunCell, activeCell, afterKey, cellAfter, cellBefore, isComplete, stepped } from './run-order';

export interface RunOn {
  readonly active: RunCell | null;
  /** A number is half typed. */
  readonly typing: boolean;
  readonly choose: (id: string) => void;
  readonly press: (key: string) => void;
  readonly next: () => void;
  readonly onKeyDown: (event: React.KeyboardEvent) => void;
}

/**
 * Numbers typed one after the other in one pad: each is put as it is typed, and the next is gone to when it is complete.
 * @param put null rubs it out
 */
export function useRunOn(cells: readonly RunCell[], put: (id: string, value: number | null) => void): RunOn {
  const [chosen, setChosen] = useState<string | null>(null);
  const [typed, setTyped] = useState('');
  const empty = cells.every((c) => c.aside === true || c.value === null);
  useEffect(() => {
    if (!empty) return;
    setChosen(null);
    setTyped('');
  }, [empty]);
  const active = activeCell(cells, chosen);
  const choose = (id: string | null) => {
    setChosen(id);
    setTyped('');
  };
  const next = () => choose(active === null ? null : (cellAfter(cells, active.id)?.id ?? null));
  const rubOut = (cell: RunCell) => {
    if (typed === '' && cell.value === null) return choose(cellBefore(cells, cell.id)?.id ?? cell.id);
    const left = typed.slice(0, -1);
    setChosen(cell.id);
    setTyped(left);
    put(cell.id, left === '' ? null : Number(left));
  };
  const press = (key: string) => {
    if (active === null) return;
    if (key === '⌫') return rubOut(active);
    if (key === '−' || key === '+') {
      choose(active.id);
      return put(active.id, stepped(active, key === '+' ? 1 : -1));
    }
    const now = afterKey(typed, key);
    if (!Number.isFinite(Number(now))) return setTyped(now);
    put(active.id, Number(now));
    if (isComplete(now, active)) return next();
    setChosen(active.id);
    setTyped(now);
  };
  const onKeyDown = (event: React.KeyboardEvent) => {
    const key = event.key === 'Backspace' ? '⌫' : event.key.replace(',', '.');
    if (!/^[0-9.⌫]$/.test(key)) return;
    event.preventDefault();
    press(key);
  };
  return { active, typing: typed !== '', choose, press, next, onKeyDown };
}
