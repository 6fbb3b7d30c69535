import { fireEvent, screen } from '@testing-library/react-native';
import { UndoRedo } from '../undo-redo';
import { rendered } from './rendered';

const history = (undoes: string | null, redoes: string | null) => ({ undoes, redoes, undo: jest.fn(), redo: jest.fn() });

describe('one step back and one forth', () => {
  it('does nothing, and offers nothing again, where nothing was done', () => {
    const of = history(null, null);
    rendered(<UndoRedo of={of} />);
    fireEvent.press(screen.getByLabelText('Undo'));
    expect(of.undo).not.toHaveBeenCalled();
    expect(screen.getByLabelText('Undo')).toBeDisabled();
    expect(screen.queryByLabelText(/^Redo/)).toBeNull();
  });

  it('says what it takes back and what it does again, and does that and not the other', () => {
    const of = history('take 3', 'take 4');
    rendered(<UndoRedo of={of} />);
    fireEvent.press(screen.getByLabelText('Undo: take 3'));
    expect([of.undo.mock.calls.length, of.redo.mock.calls.length]).toEqual([1, 0]);
    fireEvent.press(screen.getByLabelText('Redo: take 4'));
    expect([of.undo.mock.calls.length, of.redo.mock.calls.length]).toEqual([1, 1]);
  });
});
