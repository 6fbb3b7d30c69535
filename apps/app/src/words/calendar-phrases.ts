/** What a reminder to an owner says. */
export interface Reminder {
  readonly owner: string;
  readonly horse: string;
  readonly why: string;
  /** Day and time of the visit that is planned already; null where none is. */
  readonly planned: string | null;
  /** Tack that nobody looked at for too long. */
  readonly lapsed: readonly string[];
  readonly practice: string;
}

/** What the calendar says. */
export const CALENDAR_PHRASES = {
  calendar: 'Calendar',
  note: 'Who is due and why, and what is planned',
  view: 'View',
  agenda: 'Agenda',
  month: 'Month',
  due: 'Due',
  planned: 'Planned',
  nothingDue: 'Nobody is due yet',
  nothingDueText: 'A horse is due once it was visited: half a year on, or sooner with a reason.',
  nothingPlanned: 'Nothing is planned.',
  dueFrom: (weeks: string, on: string): string => `${weeks} after the visit of ${on}`,
  plannedFor: (day: string, at: string): string => `● Planned for ${day}, ${at}`,
  also: (others: string): string => `Also: ${others}`,
  plan: 'Plan a visit',
  planFor: (name: string): string => `A visit to ${name}`,
  write: 'Write to the owner',
  open: (name: string): string => `Open ${name}`,
  day: 'Day (year-month-day)',
  time: 'Time',
  minutes: 'Minutes',
  fitter: 'Fitter',
  noteFor: 'Note',
  keepPlan: 'Put it into the calendar',
  keepChanges: 'Keep the changes',
  planKept: 'It is in the calendar.',
  needsDay: 'A day as 2026-12-03.',
  needsTime: 'A time as 09:30.',
  needsMinutes: 'Minutes from 5 to 720.',
  needsFitter: 'Whoever comes.',
  change: 'Change',
  cancel: 'Cancel the visit',
  cancelled: 'Cancelled.',
  file: 'Calendar file',
  route: (km: string): string => `In the order of the road, ${km} as the crow flies`,
  clash: (horse: string, at: string, elsewhere: string | null): string =>
    elsewhere === null ? `At the same time as ${horse}, ${at}.` : `At the same time as ${horse}, ${at}, in another yard: ${elsewhere}.`,
  routeUnknown: 'Yards without a place on the map come last.',
  atYard: (yard: string): string => `at ${yard}`,
  noYard: 'no yard noted',
  feed: 'Calendar for other programs',
  feedText: 'A secret address that a calendar program reads your visits from. A new one takes the old one back.',
  feedMake: 'Make an address',
  feedAgain: 'Make a new address',
  feedRevoke: 'Take it back',
  feedGone: 'The address opens nothing any more.',
  feedCopy: 'Copy',
  copied: 'Copied.',
  needsSignal: 'This needs signal: the server makes it.',
  monthBefore: 'Month before',
  monthAfter: 'Month after',
  today: 'This month',
  onDay: (day: string, planned: number, due: number): string => `${day}: ${planned} planned, ${due} due`,
  plannedShort: (n: number): string => `${n} planned`,
  dueShort: (n: number): string => `${n} due`,
  reminderSubject: (horse: string): string => `${horse} is due for a saddle check`,
  reminderText: ({ owner, horse, why, planned, lapsed, practice }: Reminder): string =>
    [
      `Dear ${owner},`,
      `${horse} is due to be looked at again: ${why}.`,
      planned === null
        ? 'Please answer this letter or ring up to find a day.'
        : `We have planned to come on ${planned}. Please say if that does not suit you.`,
      ...(lapsed.length === 0 ? [] : [`Please also look over the tack, five minutes off the horse: ${lapsed.join('; ')}.`]),
      practice,
    ].join('\n\n'),
  letterTo: (who: string): string => `A letter to ${who}`,
  to: 'To',
  subject: 'Subject',
  text: 'Text',
  send: 'Send it',
  queued: 'It is on its way; Letters shows when it has gone.',
  noAddress: 'Its owner has no e-mail address noted.',
  noConsent: 'Its owner has not agreed to reminders; ring up instead, or note that they agree.',
  needsAddress: 'An e-mail address.',
  needsText: 'Something to say.',
  letters: 'Letters',
  lettersNote: 'What was written, and whether it has gone',
  noLetters: 'No letter yet',
  noLettersText: 'Reports and reminders that are sent are listed here with whether they have gone.',
  sentOn: (day: string): string => `sent ${day}`,
  waits: (tries: number, problem: string): string =>
    tries === 0 ? 'waits to go' : `tried ${tries === 1 ? 'once' : `${tries} times`}, tried again by itself: ${problem}`,
  givenUp: (problem: string): string => `given up: ${problem}`,
  sendAgain: 'Try once more',
  letterBox: 'The demo’s letter box',
  letterBoxText: 'In the demo letters leave the house no further than this.',
} as const;
