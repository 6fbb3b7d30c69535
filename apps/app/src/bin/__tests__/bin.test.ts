import { type Binned, BIN_DAYS } from '@fulcra/contract';
import { inBin } from '../use-bin';

const put = (id: string, at: string, restored = false): Binned => ({ id, kind: 'horse', name: id, at, by: 'Isla', restored });
const DAY_MS = 86_400_000;
const NOW = new Date('2026-06-30T12:00:00Z');
const ago = (ms: number): string => new Date(NOW.getTime() - ms).toISOString();

it('what can be put back: put away within the days, not put back since, the newest first', () => {
  const within = put('within', ago(BIN_DAYS * DAY_MS - 1000));
  const fresh = put('fresh', ago(1000));
  expect(inBin([within, put('back', ago(5000), true), fresh, put('over', ago(BIN_DAYS * DAY_MS + 1000))], NOW)).toEqual([fresh, within]);
});
