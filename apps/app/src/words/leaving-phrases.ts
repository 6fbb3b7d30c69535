/** What is said before somebody signs out of a device that others use too. */
export const LEAVING_PHRASES = {
  signOut: 'Sign out',
  unsentTitle: 'Not everything is sent',
  notSent: (count: number): string => `${count === 1 ? 'One entry has' : `${count} entries have`} not been sent:`,
  andMore: (count: number): string => `and ${count} more`,
  sealedMeans:
    'Signed out, they stay on this device, sealed so that nobody else can read them, and are sent when you sign in here again. Send them first where you can: on no other device are they to be had.',
  halfTyped: 'What you had half typed is sealed with them.',
  sealAndGo: 'Sign out, keep them sealed',
  stay: 'Stay signed in',
  discard: 'Throw them away and sign out',
  discardMeans: (count: number): string =>
    `${count === 1 ? 'This entry' : `These ${count} entries`} and what is half typed are gone for good: nobody has another copy.`,
  discardSure: 'Yes, throw them away',
  going: 'Signing out …',
  failed:
    'This device would not keep what is to be sealed, so you are still signed in and nothing was lost. Free some space, or let it be sent first.',
} as const;
