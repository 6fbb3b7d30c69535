import { countWords } from './measure-words';
/** What the way round the product says. */
export const RAIL_PHRASES = {
  names: {
    yard: 'The yard',
    calendar: 'Calendar',
    owners: 'Owners',
    stock: 'The stock',
    tack: 'Tack',
    orders: 'Orders',
    riders: 'Riders',
    leathers: 'Leathers',
    people: 'People',
    practice: 'Practice',
  },
  places: 'Places',
  goElsewhere: (here: string): string => `Go elsewhere; now in: ${here}`,
  elsewhere: 'elsewhere',
  whereTo: 'Where to',
  signedInAs: (person: string, practice: string): string => `${person}, ${practice}`,
  yardNow: (horses: number, open: number): string => `${countWords(horses, 'horse')}, ${open === 0 ? 'none open' : `${open} open`}`,
  dueNow: (due: number): string => (due === 0 ? 'nobody due' : `${due} due`),
  ownersNow: (waiting: number): string => (waiting === 0 ? 'nothing waits' : waiting === 1 ? 'one word waits' : `${waiting} words wait`),
  stockNow: (saddles: number): string => countWords(saddles, 'saddle'),
  tackNow: (held: number): string => (held === 0 ? 'nothing held' : `${held} held`),
  ordersNow: (open: number): string => (open === 0 ? 'none under way' : `${open} under way`),
} as const;
