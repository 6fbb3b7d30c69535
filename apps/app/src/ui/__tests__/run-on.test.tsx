import { act, fireEvent, screen } from '@testing-library/react-native';
import { useState } from 'react';
import { RunCellBox } from '../run-cell';
import { RunPad } from '../run-pad';
import { type RunCell, afterKey, cellAfter, cellBefore, isComplete, stepped } from '../run-order';
import { useRunOn } from '../use-run-on';
import { rendered } from './rendered';

const cell = (id: string, value: number | null = null, more: Partial<RunCell> = {}): RunCell => ({
  ...{ id, label: id, value, unit: 'mm', decimals: 0, most: 399, step: 1 },
  ...more,
});

describe('a number is complete', () => {
  it.each([
    ['3', 0, 399, false],
    ['39', 0, 399, false],
    ['40', 0, 399, true],
    ['78', 0, 399, true],
    ['140', 0, 399, true],
    ['045', 0, 399, true],
    ['0', 0, 399, false],
    ['7', 1, 39.9, false],
    ['7.4', 1, 39.9, false],
    ['3.2', 2, 15.7, false],
    ['3.25', 2, 15.7, false],
    ['82.', 0, 399, false],
    ['82.5', 0, 399, false],
    ['3.', 0, 399, false],
    ['', 0, 399, false],
  ])('"%s" with %d decimals, of at most %d: %s', (typed, decimals, most, complete) =>
    expect(isComplete(typed, { decimals, most })).toBe(complete),
  );
});

it('keys add up to a number', () => {
  expect(['1', '.', '.', '5', '⌫'].reduce(afterKey, '')).toBe('1.');
  expect('12345678'.split('').reduce(afterKey, '')).toBe('1234567');
});

it('the run goes to the next empty one, round to the first, and backward over what stands aside', () => {
  const cells = [cell('a', 1), cell('d', 5, { aside: true }), cell('b'), cell('c', 3)];
  expect(cellAfter(cells, 'a')?.id).toBe('b');
  expect(cellAfter(cells, 'c')?.id).toBe('b');
  expect(cellAfter(cells, 'b')).toBeNull();
  expect(cellBefore(cells, 'b')?.id).toBe('a');
  expect(cellBefore(cells, 'a')).toBeNull();
});

it('steps don’t gather noise and don’t go under the least', () => {
  expect(stepped(cell('a', 0.3, { step: 0.1 }), -1)).toBe(0.2);
  expect(stepped(cell('a', 0), -1)).toBe(0);
  expect(stepped(cell('a', 0, { least: -5 }), -1)).toBe(-1);
  expect(stepped(cell('a'), 1)).toBe(1);
});

describe('the pad', () => {
  let kept: Record<string, number | null> = {};
  function Board() {
    const [values, setValues] = useState<Record<string, number | null>>({ near: null, off: null, low: null });
    kept = values;
    const cells = Object.entries(values).map(([id, value]) => cell(id, value));
    const run = useRunOn(cells, (id, value) => setValues((now) => ({ ...now, [id]: value })));
    return (
      <>
        {cells.map((c) => (
          <RunCellBox key={c.id} cell={c} run={run} />
        ))}
        <RunPad run={run} />
      </>
    );
  }
  const type = (...keys: string[]) => keys.forEach((k) => act(() => void fireEvent.press(screen.getByLabelText(k))));

  it('runs on from number to number without opening anything', () => {
    rendered(<Board />);
    type('7', '8', '8', '1', '1', '4', '0');
    expect(kept).toEqual({ near: 78, off: 81, low: 140 });
    expect(screen.getByText('All numbers are there.')).toBeTruthy();
  });

  it('a short number is ended by Next, a wrong one rubbed out, one before it gone back to', () => {
    rendered(<Board />);
    type('3', '5', 'Next number', '1', 'rub out', 'rub out');
    expect(kept).toEqual({ near: 35, off: null, low: null });
    type('rub out');
    expect(kept.near).toBeNull();
  });

  it('what is half typed is none once the unit is another', () => {
    let unit = 'in';
    const Changing = () => {
      const cells = [cell('near', 82.6, { unit })];
      const run = useRunOn(cells, () => undefined);
      return (
        <>
          <RunCellBox cell={cells[0]!} run={run} />
          <RunPad run={run} />
        </>
      );
    };
    const shown = rendered(<Changing />);
    type('near: 82.6 in, type it', '3');
    expect(screen.getByLabelText('near: 3 in, type it')).toBeTruthy();
    unit = 'mm';
    shown.again(<Changing />);
    expect(screen.getByLabelText('near: 82.6 mm, type it')).toBeTruthy();
  });

  it('a point goes on in the number just left, in the last one too', () => {
    rendered(<Board />);
    type('8', '2', 'point', '5', 'Next number', '8', '1', '1', '4', '0', 'point', '5');
    expect(kept).toEqual({ near: 82.5, off: 81, low: 140.5 });
    expect(screen.getByLabelText('low: 140.5 mm, type it')).toBeTruthy();
  });

  it('Next after every number skips none, whether it was left by itself or waited', () => {
    rendered(<Board />);
    type('1', '0', '4', 'Next number', '8', '5', 'Next number', '3', '5', 'Next number');
    expect(kept).toEqual({ near: 104, off: 85, low: 35 });
  });

  it('pressed twice, Next leaves one out', () => {
    rendered(<Board />);
    type('7', '8', 'Next number', 'Next number', '8', '1');
    expect(kept).toEqual({ near: 78, off: null, low: 81 });
  });

  it('one more is of the number just typed, not of the empty one behind it', () => {
    rendered(<Board />);
    type('7', '8', 'one more');
    expect(kept).toEqual({ near: 79, off: null, low: null });
  });

  it('one that was typed is chosen and typed over, or moved by one', () => {
    rendered(<Board />);
    type('7', '8', '8', '1', '1', '4', '0', 'near: 78 mm, type it', '6', '9');
    expect(kept).toEqual({ near: 69, off: 81, low: 140 });
    type('off: 81 mm, type it', 'one more', 'one more', 'one less');
    expect(kept.off).toBe(82);
  });
});
