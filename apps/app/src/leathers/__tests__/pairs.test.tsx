import { act, fireEvent, screen } from '@testing-library/react-native';
import { DEMO_LEATHERS } from '@fulcra/demo';
import { rendered } from '../../ui/__tests__/rendered';
import { LEATHERS_PHRASES } from '../../words/leathers-phrases';
import { personUnit } from '../../words/person-unit';
import { LeatherForm, leatherFormSchema } from '../leather-form';
import { readTake } from '../take-form';

jest.mock('../../platform/use-views', () => ({ useRiders: () => ({ data: [] }), useSaddles: () => ({ data: [] }) }));
jest.mock('../../platform/session-context', () => ({ useSession: () => ({ session: { person: { name: 'Isla' } } }) }));
beforeEach(() => localStorage.clear());
afterEach(() => personUnit.set('mm'));

const typed = { nearHole: 8, offHole: 9, nearMm: 640, offMm: 652, longerMm: 14, second: null };

describe('a measuring of a pair', () => {
  it('hung up says what was typed', () =>
    expect(readTake('hang', typed, 16)).toEqual({
      way: 'hang',
      near: { hole: 8, hangMm: 640 },
      off: { hole: 9, hangMm: 652 },
      second: null,
    }));

  it('folded up gives the off side the near one’s hole and their difference', () =>
    expect(readTake('foldUp', typed, 16)).toMatchObject({ near: { hole: 8, hangMm: 640 }, off: { hole: 8, hangMm: 654 } }));

  it.each([
    ['no near hang', { nearMm: null }],
    ['no off hang', { offMm: null }],
    ['a hang of 99 mm', { nearMm: 99 }],
    ['a hang of 1201 mm', { offMm: 1201 }],
    ['a hole that isn’t there', { offHole: 17 }],
    ['a second hang left open', { second: { hole: 12, hangMm: null } }],
    ['a second hole that isn’t there', { second: { hole: 20, hangMm: 690 } }],
  ])('%s is none', (_, change) => expect(readTake('hang', { ...typed, ...change }, 16)).toBeNull());

  it.each([100, 1200])('a hang of %d mm is one', (mm) => expect(readTake('hang', { ...typed, nearMm: mm }, 16)).not.toBeNull());
});

const form = { name: 'Long', spacing: '25', holes: '16', firstHole: '1', newOn: '', eyeToTread: '125', ironWidth: '', note: '' };
describe('the form of a pair', () => {
  it.each([
    ['name', ' '],
    ['spacing', '4'],
    ['spacing', '81'],
    ['holes', '0'],
    ['holes', '61'],
    ['holes', '12.5'],
    ['firstHole', '-21'],
    ['eyeToTread', ''],
    ['ironWidth', '59'],
    ['newOn', '2024-13-01'],
    ['newOn', 'last year'],
  ])('%s “%s” is refused at its field', (field, value) => {
    const read = leatherFormSchema.safeParse({ ...form, [field]: value });
    expect(read.error?.issues.map((i) => i.path[0])).toEqual([field]);
  });

  it.each([
    ['spacing', '5', 'spacingMm', 5],
    ['spacing', '80', 'spacingMm', 80],
    ['holes', '1', 'holes', 1],
    ['firstHole', '-20', 'firstHole', -20],
    ['eyeToTread', '60,5', 'eyeToTreadMm', 60.5],
    ['ironWidth', '', 'ironWidthMm', null],
    ['newOn', '2024-03-01', 'newOn', '2024-03-01'],
  ])('%s “%s” is read', (field, value, key, wanted) =>
    expect(leatherFormSchema.parse({ ...form, [field]: value })).toMatchObject({ [key]: wanted }),
  );

  it('keeps a pair as it stands when nothing is changed', async () => {
    const onDone = jest.fn().mockResolvedValue(undefined);
    const { id: _, ...was } = DEMO_LEATHERS[1]!;
    rendered(<LeatherForm draft="x" was={was} onDone={onDone} />);
    await act(async () => fireEvent.press(screen.getByLabelText('Keep the changes')));
    expect(onDone).toHaveBeenCalledWith(was);
  });

  it.each(['cm', 'in'] as const)('in %s too: what stands there is kept as it was, to the tenth of a millimetre', async (unit) => {
    personUnit.set(unit);
    const onDone = jest.fn().mockResolvedValue(undefined);
    const { id: _, ...pair } = DEMO_LEATHERS[1]!;
    const was = { ...pair, spacingMm: 12.5, eyeToTreadMm: 121.3, ironWidthMm: 118 };
    rendered(<LeatherForm draft="x" was={was} onDone={onDone} />);
    await act(async () => fireEvent.press(screen.getByLabelText('Keep the changes')));
    expect(onDone).toHaveBeenCalledWith(was);
  });

  it('a length is typed in the unit its label names, a count as it is', () => {
    personUnit.set('in');
    const inches = { ...form, spacing: '1', eyeToTread: '5' };
    expect(leatherFormSchema.parse(inches)).toMatchObject({ spacingMm: 25.4, eyeToTreadMm: 127, holes: 16 });
    const [issue] = leatherFormSchema.safeParse({ ...inches, spacing: '25' }).error!.issues;
    expect(issue).toMatchObject({ path: ['spacing'], message: 'A length from 0.20 to 3.15 in.' });
    expect(LEATHERS_PHRASES.spacing).toBe('Hole spacing, in');
    expect(LEATHERS_PHRASES.needsTake).toMatch(/^Both hangs lie between 3.94 and 47.24 in/);
  });

  it('without a name is not kept, and says so', async () => {
    const onDone = jest.fn();
    rendered(<LeatherForm draft="y" was={null} onDone={onDone} />);
    await act(async () => fireEvent.press(screen.getByLabelText('Keep this pair')));
    expect(onDone).not.toHaveBeenCalled();
    expect(screen.getByText(/needs a name/)).toBeTruthy();
  });
});
