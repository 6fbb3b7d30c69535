import { lengthWords } from './person-unit';
import { type OwnerWordBody, type Report } from '@fulcra/contract';
import { type FrontVerdictCode, type SectionChange } from '@fulcra/core';
import { dayWords } from './measure-words';
import { stoodWords } from './ride-words';

/** What the front's verdict means to somebody who owns the horse. */
const FRONT_IN_PLAIN_WORDS: Readonly<Record<FrontVerdictCode, string>> = {
  even: 'The front of the saddle lies evenly on your horse.',
  narrow: 'The front of the saddle is too narrow for your horse: it presses at its lower points.',
  wide: 'The front of the saddle is too wide for your horse: it presses at the top and drops in front.',
  sidesDiffer: 'The front of the saddle lies closer on one side: your horse is not the same left and right.',
  withersLow: 'The saddle comes too close to the withers.',
  withersTight: 'The front of the saddle lies close beside the withers.',
  withersHigh: 'The saddle stands high over the withers.',
};

/** The first sentence of a report: whether the horse may be ridden in it, and how the front lies. */
export function reportHeadline({ visit, decision, saddle, tack }: Report): string {
  const held = tack.filter((t) => t.state === 'unsafe');
  const heldWords = held.map((t) => t.name).join(', ');
  if (visit !== null && (visit.held || visit.ride.takenBack.some((t) => t.code === 'SORE_HOLD')))
    return 'Something sore was found: your horse is not ridden until a veterinary surgeon has seen it.';
  if (held.length > 0)
    return held.every((t) => t.fell)
      ? `Not good to ride: after the fall the tree of ${heldWords} is looked at first.`
      : `Not good to ride in ${heldWords}: held until it is mended.`;
  if (visit === null) return 'No visit has been finished yet.';
  const { stands } = visit.ride;
  const ride = stands === 'goodToRide' ? `${stoodWords(visit.ride)}.` : stands === 'notGoodToRide' ? 'Not good to ride as it is.' : '';
  const front = decision === null ? '' : FRONT_IN_PLAIN_WORDS[decision.verdict];
  const which = saddle === null ? '' : `Saddle: ${saddle.name}.`;
  return [ride, front, which].filter((s) => s !== '').join(' ') || 'Nothing was decided at this visit.';
}

/** How the back changed between two dates, both sides, in words an owner can use. */
export function changeInPlainWords(from: string, to: string, change: SectionChange, leaves: boolean): string {
  const side = (share: number): string => {
    const percent = Math.round(Math.abs(share) * 100);
    return percent === 0 ? 'as it was' : `${percent} % ${share > 0 ? 'fuller' : 'flatter'}`;
  };
  const said = `From ${dayWords(from)} to ${dayWords(to)} the back beside the withers is ${side(change.near.areaShare)} on the near (left) side and ${side(change.off.areaShare)} on the off (right) side.`;
  const same = [change.near, change.off].every(({ areaShare }) => Math.round(Math.abs(areaShare) * 100) === 0);
  // as full as it was, and yet the saddle will not go on fitting: what changes is its shape
  return same && leaves ? `${said} It is as full as it was; what changes is its shape, and that is why you are asked to look again.` : said;
}

export const OWNER_CHANGE_WORDS: Readonly<Record<Extract<OwnerWordBody, { kind: 'changed' }>['what'][number], string>> = {
  slips: 'the saddle slips',
  rubs: 'rubs or sore places',
  hair: 'dry or ruffled hair under the saddle',
  weight: 'gained or lost weight',
  work: 'works more or less than before',
  goesDifferently: 'goes differently',
  fell: 'fell, or lay down with the saddle on',
  other: 'something else',
};
export const STOOD_WORDS: Readonly<Record<Extract<OwnerWordBody, { kind: 'home' }>['stood'][number], string>> = {
  level: 'on level ground',
  square: 'square on all four feet',
  headLow: 'head low and quiet',
  noRider: 'without a rider',
};

/** What an owner said, in one paragraph. */
export function ownerWordWords(body: OwnerWordBody): string {
  switch (body.kind) {
    case 'changed':
      return [`Changed: ${body.what.map((w) => OWNER_CHANGE_WORDS[w]).join(', ')}.`, body.note].filter(Boolean).join(' ');
    case 'asksVisit':
      return [`Asks for a visit${body.when === '' ? '.' : `: ${body.when}.`}`, body.note].filter(Boolean).join(' ');
    case 'home':
      return homeWords(body);
  }
}

type Home = Extract<OwnerWordBody, { kind: 'home' }>;

function homeWords({ backLengthMm, girthMm, weightKg, tiltDeg, stood, note }: Home): string {
  const told = [
    backLengthMm === null ? null : `back length by the hair line ${lengthWords(Math.round(backLengthMm))}`,
    girthMm === null ? null : `round the girth ${lengthWords(Math.round(girthMm))}`,
    weightKg === null ? null : `${Math.round(weightKg)} kg`,
    tiltDeg === null ? null : `phone tilted ${tiltDeg.toFixed(0)}°`,
    stood.length === 0 ? null : `stood ${stood.map((s) => STOOD_WORDS[s]).join(', ')}`,
  ].filter((s) => s !== null);
  return [told.length === 0 ? 'Pictures from home.' : `Measured at home: ${told.join('; ')}`, note].filter(Boolean).join(' ');
}
