/**
 * Every error the server can answer with. Codes are never reused; docs/errors.md lists them and a test compares.
 * A message says what happened and that nothing was lost; a remedy says what to do.
 */
export const ERRORS = {
  SIGN_IN_REFUSED: { status: 401, message: 'That e-mail and password do not belong together.', remedy: 'Check both and try again.' },
  SIGN_IN_TOO_OFTEN: { status: 429, message: 'Too many tries to sign in.', remedy: 'Wait a minute, then try again.' },
  SESSION_MISSING: {
    status: 401,
    message: 'You are signed out.',
    remedy: 'Sign in again; what you entered is kept on this device and will be sent.',
  },
  CSRF_REFUSED: {
    status: 403,
    message: 'This request did not come from the application itself.',
    remedy: 'Reload the page and try again.',
  },
  NOT_FOUND: {
    status: 404,
    message: 'There is nothing here that your practice owns.',
    remedy: 'Go back to the yard and open it from there.',
  },
  INPUT_INVALID: { status: 400, message: 'Something in this entry cannot be read.', remedy: 'Correct the fields named and send it again.' },
  INPUT_TOO_LARGE: { status: 413, message: 'This entry is larger than the server takes.', remedy: 'Send it in smaller pieces.' },
  INPUT_NOT_JSON: { status: 415, message: 'This entry is not in a form the server reads.', remedy: 'Send JSON.' },
  SECTION_REFUSED: {
    status: 422,
    message: 'This cannot be a section of a back.',
    remedy: 'Correct the values named and save the take again.',
  },
  TAKE_IMMUTABLE: { status: 409, message: 'A take is never altered once it is saved.', remedy: 'Withdraw it and make another take.' },
  TAKES_FULL: { status: 409, message: 'This station already has five takes.', remedy: 'Withdraw one first.' },
  SADDLE_UNKNOWN: {
    status: 422,
    message: 'That saddle is not in this practice’s stock.',
    remedy: 'Choose a saddle from the stock, or none.',
  },
  NOT_READY: {
    status: 503,
    message: 'The database does not answer.',
    remedy: 'Try again in a moment; what you entered is kept on this device.',
  },
  INTERNAL: {
    status: 500,
    message: 'Something went wrong in Fulcra.',
    remedy: 'Try again; what you entered is kept on this device. Give the request number if you ask for help.',
  },
} as const;

export type ErrorCode = keyof typeof ERRORS;
