import { type OrderState } from '@fulcra/core';

export const ORDER_STATE_WORDS: Readonly<Record<OrderState, string>> = {
  draft: 'being written',
  sent: 'sent to the bench',
  inWork: 'in work',
  back: 'back from the bench',
  recheckedOnHorse: 'checked again on the horse',
};
/** What takes an order on to each state. */
export const ORDER_STEP_WORDS: Readonly<Record<OrderState, string>> = {
  draft: 'Take it back to be written',
  sent: 'It is sent',
  inWork: 'The bench works on it',
  back: 'It is back',
  recheckedOnHorse: 'Checked again on the horse',
};

/** What the screens of orders say. */
export const ORDER_PHRASES = {
  orders: 'Orders',
  note: 'Work on saddles, and how far it has come',
  none: 'No order yet',
  noneText: 'An order begins at a visit’s specification, with what has to be made or changed.',
  notHere: 'This order is not here',
  mayHave: 'It may not have been sent from the other device yet.',
  toTheOrders: 'To the orders',
  sheet: 'Workshop sheet',
  whatToDo: 'What to do',
  nothing: 'Nothing is written yet.',
  bench: 'Bench',
  nobody: 'nobody yet',
  dueOn: 'Wanted by (year-month-day)',
  noteFor: 'Note to the bench',
  title: 'Title',
  keep: 'Keep',
  kept: 'Kept.',
  needsTitle: 'A title.',
  needsDay: 'A day as 2026-12-03, or nothing.',
  change: 'Change',
  print: 'Print',
  mail: 'Send by mail',
  templates: 'Templates at full scale',
  specification: 'Specification',
  wantedBy: (day: string): string => `wanted by ${day}`,
  history: 'How far it has come',
  step: (state: string, day: string, by: string): string => `${state}, ${day}, by ${by}`,
  forHorse: (horse: string): string => `for ${horse}`,
  caution: 'A saddler repairs structure. Templates prove their own scale: measure the bar before cutting.',
  undone: 'Taken back.',
  moved: (state: string): string => `Now: ${state}.`,
  chooseBench: 'Choose who does it',
  checkAtVisit: 'Start a visit to check it on the horse',
  checkAtOpen: 'Check it at the open visit',
  backFromBench: 'Back from the bench, to be checked on the horse',
  withTemplates: (count: number): string =>
    `With the letter goes a file: ${count === 1 ? 'the template' : `${count} templates`} at full scale, on A4.`,
  text: (parts: readonly string[]): string => parts.filter((part) => part !== '').join('\n\n'),
} as const;
