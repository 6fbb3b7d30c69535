/** What the screens of this part say. */
export const SESSION_PHRASES = {
  fulcra: 'Fulcra',
  measureTheBack: 'Measure the back, see what fits it and why.',
  entriesAreKept: (waiting: number): string =>
    `${waiting === 1 ? 'One entry is' : `${waiting} entries are`} kept on this device. Sign in and what waits is sent; you come back to where you were.`,
  entriesAreSealed: (count: number): string =>
    `${count === 1 ? 'One entry is' : `${count} entries are`} sealed on this device for whoever made ${count === 1 ? 'it' : 'them'}: sent as soon as that person signs in here.`,
  couldNotOpen: (count: number): string =>
    `${count === 1 ? 'One thing' : `${count} things`} left sealed on this device could not be opened. ${count === 1 ? 'It stays' : 'They stay'} sealed here; do not clear this browser, and ask for help.`,
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
