/** What putting away and putting back says. */
export const BIN_PHRASES = {
  theBin: 'The bin',
  note: (days: number): string => `What was put away in the last ${days} days, to be put back with one tap`,
  putAway: 'Put into the bin',
  putAwayName: (name: string): string => `Put ${name} into the bin`,
  isAway: (name: string, days: number): string => `${name} is in the bin for ${days} days.`,
  putBack: 'Put back',
  putBackName: (name: string): string => `Put ${name} back`,
  isBack: (name: string): string => `${name} is back.`,
  empty: 'The bin is empty.',
  emptyText: 'Horses, visits, riders and photos that are put away stand here until they are put back.',
  until: (by: string, day: string): string => `put away by ${by}; can be put back until ${day}`,
  kinds: { horse: 'Horse', visit: 'Visit', rider: 'Rider', photo: 'Photo' },
  visitOf: (day: string): string => `Visit of ${day}`,
} as const;
