import { lengthWords } from './person-unit';
import { type ComplaintAnswer, type DoFirst, type FaultForecast, type GaitEvidence, type SitRow } from '@fulcra/core';
import { chainSentence } from './chain-words';
import { SIT_WORDS } from './criterion-words';
import { valueWithError } from './error-words';
import { COMPLAINT_WORDS } from './intake-words';
import { FAULT_WORDS } from './shape-words';
import { needsWords } from './school-words';
import { capital, lower } from './letter-case';
import { remedyOfRow, rowWords } from './sit-words';
import { IN_GAIT, TOWARDS } from './stride-words';

const STATE_WORDS: Readonly<Record<ComplaintAnswer['state'], string>> = {
  found: 'a cause is found',
  notFound: 'no cause is found in the saddle',
  open: 'not answered yet',
};

/** Numbers that point to a cause, and not one gait that shows it. */
const unconfirmed = ({ state, rows, chains, gaits }: ComplaintAnswer): boolean =>
  state === 'open' && rows.length + chains.length > 0 && gaits.length > 0 && gaits.every((g) => !g.bearsOut);

/** "Slides forward: a cause is found." */
export const complaintHeadline = (answer: ComplaintAnswer): string =>
  `${capital(COMPLAINT_WORDS[answer.complaint])}: ${unconfirmed(answer) ? 'the numbers point to a cause, but no gait shows it' : STATE_WORDS[answer.state]}.`;

const shapeWords = ({ fault, likelihood }: FaultForecast): string =>
  `The horse’s shape says “${lower(FAULT_WORDS[fault])}”: ${likelihood === 'leans' ? 'leans that way' : likelihood}`;

/** Gaits in which it goes the way that was complained of, and those in which it doesn't, with their numbers. */
export function gaitWords(gaits: readonly GaitEvidence[]): string | null {
  if (gaits.length === 0) return null;
  const out = gaits.filter((g) => g.bearsOut);
  const rest = gaits.filter((g) => !g.bearsOut);
  const told = out.map(({ gait, word, towards, creepMm }) => {
    const way = towards === null ? '' : ` ${TOWARDS[towards]}`;
    return creepMm === null
      ? `it ${word}${way} in ${IN_GAIT[gait]}`
      : `it creeps ${lengthWords(creepMm.toFixed(1))} a stride${way} in ${IN_GAIT[gait]}`;
  });
  const stays = rest.length === 0 ? [] : [`it stays in ${rest.map((g) => IN_GAIT[g.gait]).join(', ')}`];
  return [...told, ...stays].join(' and ');
}

/** Shape and numbers in one paragraph: what each says, and that they agree or don't. */
export function complaintParagraph(answer: ComplaintAnswer): string {
  const { byShape, rows, gaits, chains, state } = answer;
  const numbers = [...rows.slice(0, 2).map((row) => `${lower(rowWords(row))} (${valueWithError(row)})`), gaitWords(gaits)].filter(
    (part) => part !== null,
  );
  const said =
    numbers.length === 0
      ? state === 'open'
        ? 'the numbers that would tell weren’t asked yet'
        : 'the numbers have nothing against it'
      : `the numbers say ${numbers.join('; ')}`;
  const sentences = [byShape === null ? `${capital(said)}.` : `${shapeWords(byShape)}; ${said}.`];
  if (byShape !== null && state === 'notFound') sentences.push('This saddle, set so, holds what the shape would let go.');
  return [...sentences, ...chains.slice(0, 1).map(chainSentence)].join(' ');
}

/** @param tried what was tried on the saddle as it lies there; a step is said once it was laid and helps */
function firstWords(first: DoFirst, tried: (row: SitRow) => readonly string[]): string {
  switch (first.code) {
    case 'vet':
      return 'It may be pain: a veterinary surgeon looks first, whatever the saddle does.';
    case 'adjust':
      return tried(first.row).join(' ');
    case 'anotherSaddle':
      return `This lies in how the saddle is made: another of the stock, or one made. ${remedyOfRow(first.row)}`;
    case 'rideIt':
      return 'Ride it under “In motion”: only strides tell whether it moves.';
    case 'measure':
      return `Measure ${needsWords(first.row.needs)}: ${lower(SIT_WORDS[first.row.id].name)} waits for it.`;
    case 'lookAtRider':
      return 'Look at the rider and the leathers: nothing in the saddle explains it.';
    case 'leaveIt':
      return 'Leave the saddle as it is; look again if it goes on.';
  }
}

/** What to do, first thing first. */
export const firstLines = ({ first }: ComplaintAnswer, tried: (row: SitRow) => readonly string[]): string[] =>
  first.map((one) => firstWords(one, tried));
