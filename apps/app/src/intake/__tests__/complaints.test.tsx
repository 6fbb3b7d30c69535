import { type FactBody } from '@fulcra/contract';
import { act, fireEvent, screen } from '@testing-library/react-native';
import { rendered } from '../../ui/__tests__/rendered';
import { COMPLAINT_WORDS, WHERE_WORDS } from '../../words/intake-words';
import { INTAKE_PHRASES } from '../../words/intake-phrases';
import { Complaints } from '../complaints';

jest.mock('../../ui/sheet', () => ({ Sheet: ({ open, children }: { open: boolean; children: unknown }) => (open ? children : null) }));

type Complaint = Extract<FactBody, { kind: 'complaint' }>;
const SLIDES: Complaint = { kind: 'complaint', complaint: 'slidesForward', place: null, side: null, when: [], note: '' };
const fact = (id: string, body: FactBody, withdrawn = false) => ({ id, body, withdrawn });

function open(facts: readonly ReturnType<typeof fact>[]) {
  const note = jest.fn();
  const withdrawFact = jest.fn().mockResolvedValue(undefined);
  rendered(<Complaints loaded={{ page: { visit: { id: 'v' }, facts }, note, withdrawFact } as never} />);
  return { note, withdrawFact };
}
const press = (label: string | RegExp) => act(async () => fireEvent.press(screen.getAllByLabelText(label).at(-1)!));
const details = () => press(INTAKE_PHRASES.whereAndWhen(COMPLAINT_WORDS.slidesForward));
beforeEach(() => localStorage.clear());

describe('what brings the fitter', () => {
  it('is said with one tap, without where and when', async () => {
    const { note } = open([]);
    await press(COMPLAINT_WORDS.slidesForward);
    expect(note).toHaveBeenCalledWith(SLIDES);
  });

  it('stands in one line, by the latest of what was said of it; what was withdrawn doesn’t', () => {
    open([fact('a', SLIDES), fact('b', { ...SLIDES, side: 'off', place: 'front' }), fact('c', { ...SLIDES, complaint: 'rolls' }, true)]);
    expect(screen.getByText(`${COMPLAINT_WORDS.slidesForward}: off ${WHERE_WORDS.front}`)).toBeTruthy();
    expect(screen.queryByText(COMPLAINT_WORDS.rolls, { exact: true })).toBeTruthy();
    expect(screen.queryByText(new RegExp(`^${COMPLAINT_WORDS.rolls}:`))).toBeNull();
  });

  it.each([
    ['side', { side: null }, INTAKE_PHRASES.near, { side: 'near' }],
    ['side', { side: 'near' as const }, INTAKE_PHRASES.near, { side: null }],
    ['side', { side: 'near' as const }, INTAKE_PHRASES.off, { side: 'off' }],
    ['place', { place: null }, WHERE_WORDS.rear, { place: 'rear' }],
    ['place', { place: 'rear' as const }, WHERE_WORDS.rear, { place: null }],
  ] as const)('its %s, where it is %j: a tap on “%s” says %j, and the same tap takes it back', async (_, was, label, wanted) => {
    const { note } = open([fact('a', { ...SLIDES, ...was })]);
    await details();
    await press(label);
    expect(note).toHaveBeenCalledWith({ ...SLIDES, ...was, ...wanted });
  });

  it('the owner’s words are kept when it is done, and not where they weren’t changed', async () => {
    const { note } = open([fact('a', SLIDES)]);
    await details();
    await act(async () => fireEvent.changeText(screen.getByLabelText(INTAKE_PHRASES.inTheOwners), 'a hand in ten minutes'));
    await press(INTAKE_PHRASES.done);
    expect(note.mock.calls).toEqual([[{ ...SLIDES, note: 'a hand in ten minutes' }]]);
    await details();
    await press(INTAKE_PHRASES.done);
    expect(note).toHaveBeenCalledTimes(1);
  });

  it('is taken back whole: everything that was said of it is withdrawn', async () => {
    const { withdrawFact } = open([fact('a', SLIDES), fact('x', { ...SLIDES, complaint: 'rolls' }), fact('b', { ...SLIDES, side: 'off' })]);
    await details();
    await press(INTAKE_PHRASES.notAComplaint);
    expect(withdrawFact.mock.calls.flat()).toEqual(['a', 'b']);
  });
});
