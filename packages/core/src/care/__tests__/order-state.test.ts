import { ORDER_STATES, mayFollow, nextOrderStates } from '..';

it('an order goes on by one state at a time, or back by one', () => {
  ORDER_STATES.forEach((from, i) =>
    ORDER_STATES.forEach((to, j) => expect([from, to, mayFollow(from, to)]).toEqual([from, to, Math.abs(i - j) === 1])),
  );
  expect(nextOrderStates('draft')).toEqual({ on: 'sent', back: null });
  expect(nextOrderStates('recheckedOnHorse')).toEqual({ on: null, back: 'back' });
});
