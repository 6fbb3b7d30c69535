import { type Consequence, type ComplaintId, type ComplaintPlace, type ComplaintTime, type IntakeField, type Sex } from '@fulcra/core';

export const COMPLAINT_WORDS: Readonly<Record<ComplaintId, string>> = {
  slidesForward: 'slides forward',
  slidesBack: 'slides back',
  slidesToSide: 'slides to one side',
  rolls: 'rolls',
  bucks: 'bucks',
  shortSteps: 'short steps',
  wontStandToGirth: 'won’t stand to be girthed',
  whiteHairs: 'white hairs',
  rubs: 'rubs',
  muscleLossBehindShoulder: 'wasted behind the shoulder',
  riderTipped: 'rider tipped forward',
  chairSeat: 'chair seat',
  oneStirrupLonger: 'one stirrup longer',
};
export const WHEN_WORDS: Readonly<Record<ComplaintTime, string>> = {
  always: 'always',
  girthing: 'girthing',
  mounting: 'mounting',
  walk: 'walk',
  trot: 'trot',
  canter: 'canter',
  nearRein: 'near rein',
  offRein: 'off rein',
  downhill: 'downhill',
  jumping: 'jumping',
};
export const WHERE_WORDS: Readonly<Record<ComplaintPlace, string>> = {
  front: 'front',
  middle: 'middle',
  rear: 'rear',
  girth: 'girth',
  rider: 'rider',
};

export const FIELD_WORDS: Readonly<Record<IntakeField, string>> = {
  weightKg: 'Weight',
  weightTrend: 'Weight is',
  work: 'Work now',
  workPlanned: 'Work planned',
  timeOff: 'Time off lately',
  coat: 'Coat',
  temperament: 'Temperament',
  injuries: 'Injuries and illness',
};
export const SEX_WORDS: Readonly<Record<Sex, string>> = { mare: 'mare', gelding: 'gelding', stallion: 'stallion', unknown: 'not said' };

export const valueWords = (field: IntakeField, value: string | number): string => (field === 'weightKg' ? `${value} kg` : String(value));

/** "+6 kg a month", when there is enough to say so. */
export function trendWords(perMonth: number | null): string {
  if (perMonth === null) return '';
  if (Math.abs(perMonth) < 1) return 'steady';
  return `${perMonth > 0 ? '+' : '−'}${Math.abs(perMonth).toFixed(0)} kg a month`;
}

const AWAY_WORDS = { weeks: 'Weeks', months: 'Months', longer: 'More than months' } as const;

/** What follows for the work from how the horse is just now. */
export function consequenceWords(consequence: Consequence): string {
  switch (consequence.code) {
    case 'TIME_OFF': {
      const { away, weakerSide, lookForWeaker } = consequence;
      const side = lookForWeaker
        ? ' A long time off makes one side weaker, and a level saddle slips to it: measure both sides and see which.'
        : weakerSide === null
          ? ''
          : ` The ${weakerSide} side is the weaker: build it up first.`;
      return `${AWAY_WORDS[away]} off: muscle is gone and will come back. Fit the front wide and pad it, and look again sooner.${side}`;
    }
    case 'CLIPPED':
      return 'Clipped: no grip pad on bare skin, it pulls and rubs.';
    case 'BARE_SPINE':
      return 'The spine stands bare: keep room over it, and padding beside it.';
    case 'HANDLE_WITH_CARE':
      return `${consequence.temperament === 'sharp' ? 'Sharp' : 'Watchful'}: a helper at the head, hands slow, nothing tried alone.`;
  }
}
