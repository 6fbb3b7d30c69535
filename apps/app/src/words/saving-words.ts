/** What is said where this device would not keep an entry. */
export const notKeptWords = (error: unknown): string =>
  error instanceof DOMException && error.name === 'QuotaExceededError'
    ? 'This device is full, so this was not kept; what is on the screen stays. Let what waits be sent, or free some space, and save again.'
    : `This device would not keep it (${error instanceof Error ? error.name : 'unknown'}); what is on the screen stays. Save again.`;

/** Why what waits isn't being sent, by the state of sending; each says that nothing is lost, and what happens next. */
export const SENDING_WORDS = {
  idle: 'They are sent as soon as the server answers. You can go on, reload or close the page.',
  sending: 'They are on their way. You can go on, reload or close the page.',
  noSignal:
    'The server does not answer from here. They are sent by themselves as soon as it does; you can go on, reload or close the page.',
  signedOut: 'Sign in again and they are sent.',
  sessionStale: 'The server wants this page to sign its requests anew; that is tried by itself. If it stays, reload the page.',
  busy: 'The server asks to wait a little. They are sent by themselves in a moment.',
  serverFails: 'The server fails on them at present. They are tried again by themselves; one it keeps failing on is put before you.',
  notUnderstood:
    'The server answers something this page does not understand. They are tried again by themselves; reload the page if it stays.',
  deviceFails: 'This device failed while sending. They are tried again by themselves; reload the page if it stays.',
} as const;

/** The same in two words, beside what waits. */
export const SENDING_SHORT = {
  idle: 'to send',
  sending: 'sending',
  noSignal: 'to send',
  signedOut: 'sign in to send',
  sessionStale: 'to send',
  busy: 'to send',
  serverFails: 'server fails',
  notUnderstood: 'server unclear',
  deviceFails: 'device fails',
} as const;

/** What is said of an entry that a person has to look at. */
export const SET_ASIDE_WORDS = {
  failing: (times: number): string => `The server failed on this entry ${times} times. It is kept here, and what came after it goes on.`,
  failingRemedy: 'Try again later; if it stays, copy what it says and ask for help.',
  pictureGone: 'This picture is no longer on this device.',
  pictureGoneRemedy: 'Let it go, or take it again.',
} as const;

/** What is said where the server's answer is none. */
export const LINE_WORDS = {
  noAnswer: 'The server does not answer.',
  noReason: (status: number): string => `The server answered ${status} without saying why.`,
  unreadable: (status: number): string => `The server answered ${status} with something that can’t be read.`,
} as const;

/** Why a computation ended without an answer. */
export const WORKER_WORDS = {
  notStarted: 'the worker could not be started',
  noAnswer: 'it gave no answer',
} as const;
