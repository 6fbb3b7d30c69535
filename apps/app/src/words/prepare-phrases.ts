import { countWords, megabytesWords } from './measure-words';

/** What preparing a day without signal says. */
export const PREPARE_PHRASES = {
  title: 'Prepare a day',
  note: 'For a barn without signal: what you choose is fetched to this device',
  choose: 'Horses to take along',
  plannedFor: (day: string, count: number): string => `${day}: ${countWords(count, 'horse')} planned`,
  fetch: (count: number): string => (count === 0 ? 'Choose a horse' : `Fetch ${countWords(count, 'horse')}`),
  stop: 'Stop',
  doing: (done: number, all: number, answers: number, photos: number, bytes: number): string =>
    `${done} of ${countWords(all, 'horse')}: ${countWords(answers, 'answer')}, ${countWords(photos, 'photo')}, ${megabytesWords(bytes)}`,
  done: (all: number, bytes: number, until: string): string =>
    `${countWords(all, 'horse')} on this device, ${megabytesWords(bytes)}. Kept until ${until}; opened again before, it stays longer.`,
  stopped: 'Stopped. What was fetched stays.',
  failed: (why: string): string => `Not all could be fetched: ${why} What was fetched stays; try again with signal.`,
  here: (moment: string): string => `on this device, as of ${moment}`,
  notHere: 'not on this device',
} as const;
