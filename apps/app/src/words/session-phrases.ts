/** What the screens of this part say. */
export const SESSION_PHRASES = {
  fulcra: 'Fulcra',
  measureTheBack: 'Measure the back, see what fits it and why.',
  entriesAreKept: (waiting: number): string =>
    `${waiting === 1 ? 'One entry is' : `${waiting} entries are`} kept on this device. Sign in and what waits is sent; you come back to where you were.`,
  theServerDoes: 'The server does not answer. Signing in needs signal once.',
  eMail: 'E-mail',
  password: 'Password',
  signIn: 'Sign in',
  lookRoundWith: 'Look round with the demo account',
  anInventedIsland: 'An invented island co-operative; change anything.',
  theServerDoesNot: 'The server does not answer. Check the signal and try again.',
  theServerSent: 'The server sent something that cannot be read. Reload and try again.',
  fulcraCore: (coreVersion: string): string => `Fulcra, core ${coreVersion}`,
} as const;
