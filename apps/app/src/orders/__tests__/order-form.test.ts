import { lineWords, orderFormSchema } from '../order-form';

jest.mock('../../platform/use-views', () => ({}));
const typed = { title: 'Breaker', dueOn: '', lines: 'Filling, front: near −3 mm\n\nNew strap\n: oak', note: '' };

describe('the form of an order', () => {
  it('reads a line as what and value, passes over empty ones, and says it again as it was typed', () => {
    const { lines } = orderFormSchema.parse(typed);
    expect(lines).toEqual([
      { what: 'Filling, front', value: 'near −3 mm' },
      { what: 'New strap', value: '' },
      { what: ': oak', value: 'oak' },
    ]);
    expect(lines.slice(0, 2).map(lineWords)).toEqual(['Filling, front: near −3 mm', 'New strap']);
  });
  it.each([
    [{}, true],
    [{ title: ' ' }, false],
    [{ dueOn: '2026-12-24' }, true],
    [{ dueOn: '2026-02-29' }, false],
    [{ dueOn: 'soon' }, false],
  ])('%j', (change, reads) => expect(orderFormSchema.safeParse({ ...typed, ...change }).success).toBe(reads));
});
