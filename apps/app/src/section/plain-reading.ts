import { type TakeWrite } from '@fulcra/contract';
import { type AnyReading } from '@fulcra/core';

/** The contract's shape of a reading, with arrays of its own. */
export function plainReading(reading: AnyReading): TakeWrite['reading'] {
  switch (reading.kind) {
    case 'points':
      return { kind: 'points', points: [...reading.points] };
    case 'asLast':
      return { ...reading, points: [...reading.points] };
    case 'widths':
      return { kind: 'widths', widths: [...reading.widths] };
    case 'bends':
      return { ...reading, bendsDeg: [...reading.bendsDeg] };
    case 'line':
      return { kind: 'line', line: [...reading.line] };
    case 'drops':
      return { kind: 'drops', drops: [...reading.drops] };
  }
}
