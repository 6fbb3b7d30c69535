/** What a half-entered thing is called, by how its key begins. */
const NAMES: readonly (readonly [begins: string, name: string])[] = [
  ['trace-', 'a line half drawn'],
  ['room-', 'the fit room as it was left'],
  ['fit-', 'the front as it was left'],
  ['saddle-', 'a saddle half described'],
  ['order-', 'an order half written'],
  ['horse-change-', 'a horse’s details half changed'],
  ['new-horse', 'a new horse half entered'],
  ['new-rider', 'a new rider half entered'],
  ['new-leather', 'a pair of leathers half entered'],
  ['new-girth', 'a girth half entered'],
  ['mend-', 'a mending half written'],
  ['plan-', 'a plan half made'],
  ['person-', 'a person half entered'],
  ['yard-', 'a yard half entered'],
  ['hold-', 'the clearing of a hold half written'],
  ['rider-', 'a rider half entered'],
  ['side-photo-', 'marks on a photo'],
  ['barrel-', 'a barrel half measured'],
  ['leather', 'a pair of leathers half entered'],
  ['girth', 'a girth half entered'],
  ['walk-', 'a check of tack half done'],
  ['note-', 'a note half written'],
  ['injuries-', 'old injuries half written'],
  ['complaint-', 'a complaint half written'],
  ['for-owner-', 'a report half written'],
  ['decide-', 'reasons half written'],
  ['appointment', 'a plan half made'],
  ['leg-', 'what was chosen for the leathers'],
];

/** @param key as it is kept: `draft:whose:what` */
export function draftName(key: string): string {
  const what = key.split(':').slice(2).join(':');
  return NAMES.find(([begins]) => what.startsWith(begins))?.[1] ?? 'something half entered';
}
