import { type FactBody } from '@fulcra/contract';
import { act, renderHook } from '@testing-library/react-native';
import { type LoadedVisit } from '../use-visit-page';
import { useRecorded } from '../use-recorded';
import { fact, visited } from './demo-visit';

const mockToast = jest.fn();
jest.mock('../../ui/toast', () => ({ useToast: () => mockToast }));

const COAT: FactBody = { kind: 'intake', field: 'coat', value: 'clipped' };
const note = jest.fn<Promise<string | null>, [FactBody, string?]>();
const withdrawFact = jest.fn<Promise<boolean>, [string, boolean?]>();
const shown = () => {
  const visit = { ...visited({ facts: [fact('old', COAT)] }), note, withdrawFact } as unknown as LoadedVisit;
  return renderHook(() => useRecorded(visit)).result;
};
beforeEach(() => {
  jest.resetAllMocks();
  note.mockResolvedValue('new');
  withdrawFact.mockResolvedValue(true);
});

describe('the history of a screen over a visit', () => {
  it('takes back what was said last, and says it again', async () => {
    const result = shown();
    await act(async () => void (await result.current.loaded.note(COAT, 'Kept.')));
    expect(note).toHaveBeenCalledWith(COAT);
    expect(mockToast).toHaveBeenCalledWith({ text: 'Kept.' });
    expect(result.current.history.undoes).toBe('Coat: clipped');
    act(() => result.current.history.undo());
    expect(withdrawFact).toHaveBeenLastCalledWith('new', true);
    expect(result.current.history).toMatchObject({ undoes: null, redoes: 'Coat: clipped' });
    act(() => result.current.history.redo());
    expect(withdrawFact).toHaveBeenLastCalledWith('new', false);
  });

  it('brings back what was withdrawn', async () => {
    const result = shown();
    await act(async () => void (await result.current.loaded.withdrawFact('old')));
    expect(result.current.history.undoes).toBe('Coat: clipped withdrawn');
    act(() => result.current.history.undo());
    expect(withdrawFact.mock.calls).toEqual([
      ['old', true],
      ['old', false],
    ]);
  });

  it('doesn’t hold what wasn’t kept', async () => {
    note.mockResolvedValue(null);
    withdrawFact.mockResolvedValue(false);
    const result = shown();
    await act(async () => {
      await result.current.loaded.note(COAT, 'Kept.');
      await result.current.loaded.withdrawFact('old');
    });
    expect(result.current.history.undoes).toBeNull();
    expect(mockToast).not.toHaveBeenCalled();
  });

  it('neither cautions nor what somebody answers for by name is taken back with a tap', async () => {
    const result = shown();
    await act(async () => {
      await result.current.loaded.note({ kind: 'cautionsShown' });
      await result.current.loaded.note({ kind: 'holdCleared', by: 'Isla Venn', reason: 'seen', clears: [] }, 'Cleared.');
    });
    expect(note).toHaveBeenLastCalledWith(expect.objectContaining({ kind: 'holdCleared' }), 'Cleared.');
    expect(result.current.history.undoes).toBeNull();
  });
});
