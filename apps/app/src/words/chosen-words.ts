import { type Report } from '@fulcra/contract';
import { type BySideAndZone, type ComplaintAnswerCode, SIDES, ZONES } from '@fulcra/core';
import { COMPLAINT_WORDS, WHEN_WORDS, WHERE_WORDS } from './intake-words';
import { capital } from './letter-case';
import { lengthWords } from './person-unit';
import { PURPOSE_WORDS } from './riders-phrases';
import { STRAP_WORDS, padWords } from './setup-words';

const SIDE = { near: 'near (left)', off: 'off (right)' } as const;

/** "6 mm under the front of the off (right) side". */
function placesWords(filling: BySideAndZone, verb: (mm: number) => string): string[] {
  return ZONES.flatMap((zone) =>
    SIDES.flatMap((side) => (filling[side][zone] === 0 ? [] : [`${verb(filling[side][zone])} at the ${zone} of the ${SIDE[side]} side`])),
  );
}

/** What was chosen, in words an owner can check at the saddle. */
export function chosenLines(chosen: Report['chosen']): string[] {
  if (chosen === null) return [];
  const { saddleName, widthLabel, western, setup } = chosen;
  const shims = placesWords(setup.shims, (mm) => lengthWords(mm));
  const filling = placesWords(setup.flock, (mm) => `${lengthWords(Math.abs(mm))} ${mm > 0 ? 'more' : 'less'}`);
  const straps = setup.straps.map((s) => STRAP_WORDS[s]).join(' and ');
  return [
    `${saddleName}, width “${widthLabel}”.`,
    ...(shims.length === 0 ? [] : [`Shims: ${shims.join('; ')}. Look before each ride that they lie where they were put.`]),
    ...(filling.length === 0 ? [] : [`${western ? 'Bars' : 'Filling'}: ${filling.join('; ')}.`]),
    ...(setup.pad.kind === 'none' ? [] : [`Under it: ${padWords(setup.pad)}.`]),
    ...(straps === '' || western ? [] : [`Girth on: ${straps} strap${setup.straps.length === 1 ? '' : 's'}.`]),
  ];
}

/** "Morwen, long pair: general, hole 5 near and 6 off." */
export const holesLines = (holes: Report['holes']): string[] =>
  holes.map(
    ({ rider, leathers, lines }) =>
      `${[rider, leathers].filter(Boolean).join(', ')}: ${lines.map((l) => `${PURPOSE_WORDS[l.purpose]}, hole ${l.near} near and ${l.off} off`).join('; ')}.`,
  );

const BECAME: Readonly<Record<ComplaintAnswerCode, string>> = {
  found: 'a cause was found in the saddle.',
  notFound: 'no cause was found in the saddle.',
  open: 'not answered yet: your fitter goes on looking.',
};

/** What an owner told, and what became of it. */
export const complaintLines = (complaints: NonNullable<Report['visit']>['complaints']): string[] =>
  complaints.map(({ complaint, side, place, when, note, answer }) => {
    const where = [side === null ? null : `${side} side`, place === null ? null : WHERE_WORDS[place]].filter(Boolean).join(', ');
    const told = [where, when.map((w) => WHEN_WORDS[w]).join(', '), note].filter((part) => part !== '').join('; ');
    return `${capital(COMPLAINT_WORDS[complaint])}${told === '' ? '' : ` (${told})`}: ${BECAME[answer ?? 'open']}`;
  });
