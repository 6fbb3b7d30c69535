import { act, fireEvent, screen } from '@testing-library/react-native';
import { type Compared, QUICK, ReadyBody, type SitAsked, type SitPicture, describedOf, presentSetup, schoolById } from '@fulcra/core';
import { DEMO_ANIMALS, DEMO_SADDLES, trueBodyInput } from '@fulcra/demo';
import { rendered } from '../../ui/__tests__/rendered';
import { SIT_WORDS } from '../../words/criterion-words';
import { sitHeadline } from '../../words/sit-words';
import { CriteriaTable } from '../views/criteria-table';
import { VerdictBlock } from '../views/verdict-block';
import { PLAIN_RIDER } from '..';

const horse = new ReadyBody(trueBodyInput(DEMO_ANIMALS[6]!.back));
const saddle = describedOf(DEMO_SADDLES[5]!);
const asked: SitAsked = {
  saddle,
  setup: presentSetup(saddle, 55),
  rider: PLAIN_RIDER,
  pose: 'resting',
  strapPullN: 60,
  school: schoolById('static-close'),
};
function sat(): SitPicture {
  const outcome = QUICK.sit(horse, asked);
  if (!outcome.ok) throw new Error('no picture');
  return outcome.value;
}
const picture = sat();
const verdict = picture.verdicts[0]!;
/** The same sitting as another verdict would have it. */
const judged = (change: Partial<typeof verdict>): SitPicture => ({ ...picture, verdicts: [{ ...verdict, ...change }] });
const row = (id: (typeof verdict.rows)[number]['id'], change: Partial<(typeof verdict.rows)[number]>) => ({
  ...verdict.rows.find((r) => r.id === id)!,
  costs: 0,
  stops: false,
  ...change,
});

describe('the verdict as it is read', () => {
  it('is one sentence with its mark, and the neighbours are waited for', () => {
    rendered(<VerdictBlock picture={picture} neighbours={null} compared={false} />);
    expect(screen.getByText(sitHeadline(verdict))).toBeTruthy();
    expect(screen.getByText(/Trying one width down and one up/)).toBeTruthy();
    expect(screen.queryByText(/Held against/)).toBeNull();
  });

  it('what is held against it says so', () => {
    rendered(<VerdictBlock picture={picture} neighbours={null} compared />);
    expect(screen.getByText(/Held against: this is how it was/)).toBeTruthy();
  });

  const beside = (compared: Compared) =>
    ({ axis: 'width', direction: 1, assessed: { setup: { width: 0 }, resting: verdict }, compared }) as never;
  const { label } = picture.asked.saddle.front.settings[0]!;
  it.each([
    [{ code: 'asGood' }, 'as good'],
    [{ code: 'better', by: 1.1 }, 'better by 1 point'],
    [{ code: 'worse', by: 12.2 }, 'worse by 12 points'],
    [{ code: 'wouldBeRefused', by: 0.4 }, 'would be refused'],
    [{ code: 'findsNoRest' }, 'finds no rest'],
  ] as const)('a neighbour that compares as %j', (compared, words) => {
    rendered(<VerdictBlock picture={picture} neighbours={[beside(compared)]} compared={false} />);
    expect(screen.getByText(new RegExp(`Next wider, “${label}”: ${words}`))).toBeTruthy();
    expect(screen.getByText(/There is nothing narrower to try/)).toBeTruthy();
  });
});

describe('what helps', () => {
  const leans = row('roll', { verdict: 'bad', value: 5.3, outside: 1.6, costs: 9 });
  const leaning = judged({ worst: [leans], rows: [leans], stops: [] });
  const off = presentSetup(saddle, 55);
  const shimmed = { ...off, shims: { ...off.shims, off: { ...off.shims.off, front: 6 } } };
  const step = (value: number, outside: number, compared: Compared) =>
    ({
      axis: 'shimFrontOff',
      direction: 1,
      assessed: { setup: shimmed, resting: { ...verdict, rows: [{ ...leans, value, outside }] }, sits: true, stopMiss: 0, score: 60 },
      compared,
    }) as never;

  it('is a step that was laid on the horse, with what it brings', () => {
    rendered(<VerdictBlock picture={leaning} neighbours={[step(2.1, 0, { code: 'better', by: 8 })]} compared={false} />);
    expect(
      screen.getByText(/^Tried: Shim, front off .* → .*6.*\. Level from side to side \+5\.3° → \+2\.1°, as it should be\.$/),
    ).toBeTruthy();
  });

  it('isn’t said of a step that does nothing for it, or makes the whole worse', () => {
    rendered(
      <VerdictBlock
        picture={leaning}
        neighbours={[step(5.3, 1.6, { code: 'better', by: 8 }), step(0, 0, { code: 'worse', by: 8 })]}
        compared={false}
      />,
    );
    expect(screen.getByText(/No single step on this saddle helps that/)).toBeTruthy();
    expect(screen.queryByText(/Tried:/)).toBeNull();
  });

  it('is waited for while it is tried', () => {
    rendered(<VerdictBlock picture={leaning} neighbours={null} compared={false} />);
    expect(screen.getByText(/Trying one step of everything/)).toBeTruthy();
  });
});

describe('criterion by criterion', () => {
  const rows = [
    row('roll', { verdict: 'good', value: 0 }),
    row('peakRatio', { verdict: 'lookOut', value: 1.9, costs: 2 }),
    row('pointBehindScapula', { verdict: 'bad', value: 40, stops: true, costs: 1 }),
    row('ligamentClear', { verdict: 'notMeasured', value: null }),
    row('barBehindForward', { verdict: 'noOpinion', value: 90 }),
  ];
  const names = () => screen.getAllByLabelText(/Show the working/).map((r) => String(r.props.accessibilityLabel ?? r.props['aria-label']));

  it('shows what misses, what refuses first; what is right is a tap away', async () => {
    rendered(<CriteriaTable picture={{ ...judged({ rows }), score: 61.4 }} shownId={null} onRow={jest.fn()} />);
    const order = names().map((n) => rows.findIndex((r) => n.startsWith(SIT_WORDS[r.id].name)));
    expect(order).toEqual([2, 1, 3]);
    expect(screen.getByText(/Score 61 of 100/)).toBeTruthy();
    await act(async () => fireEvent.press(screen.getByLabelText(/All criteria: 1 more/)));
    expect(names()).toHaveLength(5);
  });

  it('a tap asks for its working', () => {
    const onRow = jest.fn();
    rendered(<CriteriaTable picture={judged({ rows })} shownId={null} onRow={onRow} />);
    fireEvent.press(screen.getAllByLabelText(/Show the working/)[0]!);
    expect(onRow.mock.calls[0]![0].id).toBe('pointBehindScapula');
  });

  it('the one that is shown on the drawing stays, though it is right', () => {
    rendered(<CriteriaTable picture={judged({ rows })} shownId="roll" onRow={jest.fn()} />);
    expect(names().some((n) => n.startsWith(SIT_WORDS.roll.name))).toBe(true);
  });

  it('what wasn’t measured says what it waits for, and never a number', () => {
    rendered(<CriteriaTable picture={judged({ rows })} shownId={null} onRow={jest.fn()} />);
    const line = names().find((n) => n.startsWith(SIT_WORDS.ligamentClear.name))!;
    expect(line).toMatch(/not measured/);
    expect(line).not.toMatch(/NaN|null|undefined|\d mm/);
  });
});
