/** What the screens of this part say. */
export const SAVING_PHRASES = {
  somebodyElseChanged: 'Somebody else changed the same thing. Look at both and choose which stands.',
  which: (field: string): string => `Which ${field}`,
  here: (fieldValue: string): string => `Here: ${fieldValue}`,
  there: (fieldValue: string): string => `There: ${fieldValue}`,
  letTheseStand: 'Let these stand',
  nearlyFull: 'nearly full',
  clockIsOff: 'clock is off',
  thisDeviceHas: (leftMb: number): string =>
    `This device has room for about ${leftMb} MB more. Go where there is signal so that photos can be sent, or free some space, before the next visit.`,
  thisDevicesClock: (span: string, rest: string): string =>
    `This device’s clock is ${span} ${rest}. Entries are dated by the server’s time, so nothing is wrong; set the clock when you can.`,
  setAside: 'Set aside',
  thisWasHalf:
    'This was half entered before, under an earlier release or before something else was begun in its place, and can’t be gone on with here. It is kept as it was; copy what you need, then let it go.',
  copy: (key: string): string => `Copy ${key}`,
  copy2: 'Copy',
  letGo: (key: string): string => `Let ${key} go`,
  letItGo: 'Let it go',
  typedNotKept:
    'This device is full: what you type shows, but a reload would lose it. Enter it now; an entry that is saved is on this device before it is said so.',
  notKeptShort: 'typing not kept',
  toMakeRoom: 'To make room, let go of what you don’t need any more:',
  letFetchedGo: (count: number): string =>
    `Let go of ${count === 1 ? 'the picture' : `the ${count} pictures`} fetched for a day without signal`,
  halfEntered: (name: string, letters: number): string => `${name}, ${Math.max(1, Math.round(letters / 1000))} kB`,
  draftSetAside: 'draft set aside',
  saving: (text: string): string => `Saving: ${text}`,
  whatIsSaved: 'What is saved where',
  refused: (refused: number): string => `${refused} refused`,
  toChoose: (clashes: number): string => `${clashes} to choose`,
  sending: (waiting: number): string => `sending ${waiting}`,
  keptHere: (waiting: number, state: string): string => `kept here, ${waiting} ${state}`,
  everythingIsOn: 'Everything is on this device and on the server.',
  n1EntryIs: '1 entry is',
  entriesAre: (waiting: number): string => (waiting === 1 ? 'One entry is' : `${waiting} entries are`),
  keptOnThis: (entries: string, state: string): string => `${entries} kept on this device. ${state}`,
  moreKeptHere: (others: number): string =>
    `${others} more kept here were entered by somebody else; they are sent when that person signs in.`,
  tryAgain: 'Try again',
} as const;
