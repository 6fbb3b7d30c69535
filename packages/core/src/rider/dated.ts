/** Something measured on a day: year, month, day, so that later days sort after earlier ones. */
export interface Dated {
  readonly takenOn: string;
  readonly withdrawn: boolean;
}

const byDay = (a: Dated, b: Dated): number => (a.takenOn < b.takenOn ? -1 : a.takenOn > b.takenOn ? 1 : 0);

/** What stands, oldest first; of one day in the order it was entered. */
export const standingInOrder = <T extends Dated>(all: readonly T[]): T[] => all.filter((d) => !d.withdrawn).sort(byDay);

/** All of it, what was withdrawn too, the newest day first; of one day in the order it was entered. */
export const newestFirst = <T extends Dated>(all: readonly T[]): T[] => [...all].sort((a, b) => byDay(b, a));
