/** How far the work on a saddle has come; a state is never left out on the way forward. */
export const ORDER_STATES = ['draft', 'sent', 'inWork', 'back', 'recheckedOnHorse'] as const;
export type OrderState = (typeof ORDER_STATES)[number];

/** Where an order may go from a state: on by one, or back by one where somebody was too quick. */
export const nextOrderStates = (state: OrderState): { readonly on: OrderState | null; readonly back: OrderState | null } => {
  const at = ORDER_STATES.indexOf(state);
  return { on: ORDER_STATES[at + 1] ?? null, back: ORDER_STATES[at - 1] ?? null };
};

export const mayFollow = (from: OrderState, to: OrderState): boolean => {
  const { on, back } = nextOrderStates(from);
  return to === on || to === back;
};
