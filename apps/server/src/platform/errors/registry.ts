/**
 * Every error the server can answer with. Codes are never reused; docs/errors.md lists them and a test compares.
 * A message says what happened and that nothing was lost; a remedy says what to do.
 */
export const ERRORS = {
  SIGN_IN_REFUSED: { status: 401, message: 'That e-mail and password do not belong together.', remedy: 'Check both and try again.' },
  SIGN_IN_TOO_OFTEN: { status: 429, message: 'Too many tries to sign in.', remedy: 'Wait a quarter of an hour, then try again.' },
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
  RECORD_PURGED: {
    status: 410,
    message: 'This was thrown away, and the bin has let go of it since.',
    remedy: 'Begin it anew if it is needed: what was with it is gone for good.',
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
  DECISION_IMMUTABLE: {
    status: 409,
    message: 'A decision is never altered once it is saved.',
    remedy: 'Make another; the earlier one is kept.',
  },
  VISIT_CLOSED: {
    status: 409,
    message: 'This visit is closed, so everything in it stays as it was.',
    remedy: 'Open the visit again, which goes on record, and send it once more; nothing is lost.',
  },
  LANDMARK_REFUSED: {
    status: 422,
    message: 'No horse has a landmark there.',
    remedy: 'Check the number and the unit named, and measure it again.',
  },
  FACT_IMMUTABLE: { status: 409, message: 'A finding is never altered once it is saved.', remedy: 'Withdraw it and enter another.' },
  FIELDS_CLASH: {
    status: 409,
    message: 'Somebody else changed the same thing.',
    remedy: 'Look at both and choose which stands; neither is lost.',
  },
  VISIT_HELD: {
    status: 409,
    message: 'Something sore was found at this visit, so it cannot be called good to ride.',
    remedy: 'A named person clears the hold with a reason first; pain is a matter for a veterinary surgeon.',
  },
  TACK_UNSAFE: {
    status: 409,
    message: 'The saddle of this visit, or its leathers, are noted as unsafe, so the visit cannot be called good to ride.',
    remedy: 'Have them mended and checked, note that where they are kept, or choose others.',
  },
  TREE_AFTER_FALL: {
    status: 409,
    message: 'The horse fell, and no walk that knows of it has looked at the tree of its saddle.',
    remedy: 'Look at the whole tree of that saddle and save the walk; then say it again.',
  },
  NOTHING_DONE: {
    status: 409,
    message: 'Nothing was measured, felt or decided at this visit.',
    remedy: 'Measure, feel or decide something, or let a named person say why the horse may be ridden all the same.',
  },
  ORDER_STEP_REFUSED: {
    status: 422,
    message: 'An order goes from one state to the next, in the name of whoever says so.',
    remedy: 'Open the order again and go on from where it stands.',
  },
  ORDER_TO_NOBODY: {
    status: 422,
    message: 'An order is sent to somebody: no bench was chosen for this one.',
    remedy: 'Choose the bench first.',
  },
  ORDER_NOT_AT_VISIT: {
    status: 422,
    message: 'Work is checked again on the horse at a visit: an open one of that horse, begun since the order was sent.',
    remedy: 'Start a visit with the horse, and say it there.',
  },
  LINK_UNKNOWN: {
    status: 404,
    message: 'This link opens nothing any more.',
    remedy: 'Ask your saddle fitter for a new one: links expire and can be taken back.',
  },
  LINK_TOO_OFTEN: { status: 429, message: 'That was very often in a short time.', remedy: 'Wait a minute, then go on; nothing is lost.' },
  LINK_DAY_FULL: {
    status: 429,
    message: 'A great deal came through this link today.',
    remedy: 'Go on tomorrow, or ring up; what was sent is there.',
  },
  WORDS_FULL: {
    status: 409,
    message: 'A great deal was said already and waits to be read.',
    remedy: 'Ring up; your saddle fitter reads what is there first.',
  },
  CONTACT_UNKNOWN: {
    status: 422,
    message: 'That person is not known to this practice.',
    remedy: 'Choose a person from the list, or add one.',
  },
  YARD_UNKNOWN: { status: 422, message: 'That yard is not known to this practice.', remedy: 'Choose a yard from the list, or add one.' },
  TACK_HOLD_STANDS: {
    status: 409,
    message: 'An unsafe finding is not withdrawn.',
    remedy: 'Whoever mended it, or found it noted by mistake, says so by name and with what was done; both stay on record.',
  },
  TACK_FALL_UNKNOWN: {
    status: 422,
    message: 'This walk names a fall that is not one of this saddle.',
    remedy: 'Open the saddle again and walk it round from what is held there.',
  },
  TACK_MENDING_UNKNOWN: {
    status: 422,
    message: 'This mending names something that was not found unsafe on this item.',
    remedy: 'Open the item again and choose what was mended.',
  },
  TACK_ITEM_UNKNOWN: {
    status: 422,
    message: 'That saddle, pair or girth is not known to this practice.',
    remedy: 'Choose it from the list, or add it.',
  },
  SETTING_REFUSED: {
    status: 409,
    message: 'The setting chosen at this visit is refused by its school, so the visit cannot be called good to ride.',
    remedy: 'Choose another setting, or let a named person stand for it with a reason.',
  },
  MEASURE_IMMUTABLE: {
    status: 409,
    message: 'What was measured is never altered once it is saved.',
    remedy: 'Withdraw it and measure again.',
  },
  MEASURE_OTHER_HAND: {
    status: 422,
    message: 'This was measured in another person’s name.',
    remedy: 'Whoever measured signs in and saves it.',
  },
  LEATHER_UNKNOWN: {
    status: 422,
    message: 'That pair of leathers is not known to this practice.',
    remedy: 'Choose a pair from the list, or add one.',
  },
  RIDER_UNKNOWN: { status: 422, message: 'That rider is not known to this practice.', remedy: 'Choose a rider from the list, or add one.' },
  PHOTO_IMMUTABLE: { status: 409, message: 'A photo is never altered once it is saved.', remedy: 'Add the other picture as a new photo.' },
  PHOTO_PIECE_OUT_OF_PLACE: {
    status: 409,
    message: 'This piece of a photo does not follow on what is held.',
    remedy: 'Ask how much is held and go on from there.',
  },
  PHOTO_NOT_A_PICTURE: { status: 422, message: 'This file is not a picture.', remedy: 'Choose a JPEG, PNG or WebP picture.' },
  PHOTO_TOO_MANY_DOTS: {
    status: 422,
    message: 'This picture is larger than a device can open.',
    remedy: 'Take it again with a usual setting, or make it smaller first.',
  },
  PHOTO_BROKEN: { status: 422, message: 'This photo arrived damaged.', remedy: 'It is sent again from its start.' },
  PHOTO_NOT_WHOLE: {
    status: 409,
    message: 'This photo has not arrived whole yet.',
    remedy: 'Wait for the device that took it to send the rest.',
  },
  PHOTOS_FULL: {
    status: 409,
    message: 'There are sixty photos here already, the most that are kept.',
    remedy: 'Keep the ones that show something.',
  },
  PHOTO_ROOM_FULL: {
    status: 409,
    message: 'The photos of your practice fill the room there is for them.',
    remedy: 'Put away photos that show nothing any more, or ask whoever runs the server for more room; this one waits on its device.',
  },
  TAKES_FULL: { status: 409, message: 'This station already has five takes.', remedy: 'Withdraw one first.' },
  SCHOOL_UNKNOWN: {
    status: 422,
    message: 'This practice has no such school, or its numbers cannot be read.',
    remedy: 'Choose another school for this visit.',
  },
  SADDLE_UNKNOWN: {
    status: 422,
    message: 'That saddle is not in this practice’s stock.',
    remedy: 'Choose a saddle from the stock, or none.',
  },
  RANKINGS_BUSY: {
    status: 503,
    message: 'Too many stocks are being ranked just now.',
    remedy: 'Try again in a minute, or rank on this device.',
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
