import { type FactBody } from '@fulcra/contract';
import { fireEvent, screen } from '@testing-library/react-native';
import { rendered } from '../../ui/__tests__/rendered';
import { type LoadedVisit } from '../../visit';
import { fact, visited } from '../../visit/__tests__/demo-visit';
import { FoundList } from '../found-list';

const felt = (place: 'loin' | 'girth', reaction: 'none' | 'flinch', signs: string[] = []): FactBody =>
  ({ kind: 'feel', spots: [{ place, side: 'off' }], pass: 'light', reaction, signs }) as FactBody;
const withdrawFact = jest.fn();
const shown = (...bodies: FactBody[]) => {
  const facts = bodies.map((body, i) => fact(`f${i}`, body));
  rendered(<FoundList loaded={{ ...visited({ facts }), withdrawFact } as unknown as LoadedVisit} />);
};

describe('what the hand found', () => {
  it('nothing felt yet isn’t nothing found', () => {
    shown();
    expect(screen.getByText(/Nothing felt yet/)).toBeTruthy();
  });

  it('a place without reaction or sign isn’t listed, and it is said that there was none', () => {
    shown(felt('loin', 'none'));
    expect(screen.queryByLabelText(/^Withdraw/)).toBeNull();
    expect(screen.getByText(/No reaction/)).toBeTruthy();
  });

  it('a reaction, or a sign on the skin alone, is listed, the newest first, and withdrawn by its own button', () => {
    shown(felt('loin', 'flinch'), felt('girth', 'none', ['heat']));
    const buttons = screen.getAllByLabelText(/^Withdraw/);
    expect(buttons).toHaveLength(2);
    expect(buttons[0]!.props.accessibilityLabel ?? buttons[0]!.props['aria-label']).toMatch(/girth/i);
    fireEvent.press(buttons[0]!);
    expect(withdrawFact.mock.calls).toEqual([['f1']]);
  });
});
