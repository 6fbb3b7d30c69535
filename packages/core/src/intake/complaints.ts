/** What brings the fitter: what the horse or the saddle does wrong, as owners tell it. */
export const COMPLAINTS = [
  'slidesForward',
  'slidesBack',
  'slidesToSide',
  'rolls',
  'bucks',
  'shortSteps',
  'wontStandToGirth',
  'whiteHairs',
  'rubs',
  'muscleLossBehindShoulder',
  'riderTipped',
  'chairSeat',
  'oneStirrupLonger',
] as const;
export type ComplaintId = (typeof COMPLAINTS)[number];

/** What became of a complaint: a cause is found, none is, or it isn't known yet. */
export const COMPLAINT_ANSWERS = ['found', 'notFound', 'open'] as const;
export type ComplaintAnswerCode = (typeof COMPLAINT_ANSWERS)[number];

export const COMPLAINT_TIMES = [
  'always',
  'girthing',
  'mounting',
  'walk',
  'trot',
  'canter',
  'nearRein',
  'offRein',
  'downhill',
  'jumping',
] as const;
export type ComplaintTime = (typeof COMPLAINT_TIMES)[number];
export const COMPLAINT_PLACES = ['front', 'middle', 'rear', 'girth', 'rider'] as const;
export type ComplaintPlace = (typeof COMPLAINT_PLACES)[number];

/** Facts of a horse that change and are therefore dated, each with the range a number may have. */
export const INTAKE_FIELDS = {
  weightKg: { kind: 'number', least: 40, most: 1500 },
  weightTrend: { kind: 'choice', options: ['steady', 'gaining', 'losing'] },
  work: { kind: 'choice', options: ['none', 'light', 'medium', 'hard'] },
  workPlanned: { kind: 'choice', options: ['less', 'same', 'more'] },
  timeOff: { kind: 'choice', options: ['none', 'weeks', 'months', 'longer'] },
  coat: { kind: 'choice', options: ['summer', 'winter', 'clipped'] },
  temperament: { kind: 'choice', options: ['calm', 'watchful', 'sharp'] },
  injuries: { kind: 'text', most: 1000 },
} as const;
export type IntakeField = keyof typeof INTAKE_FIELDS;
export const INTAKE_FIELD_IDS = Object.keys(INTAKE_FIELDS) as IntakeField[];

export const SEXES = ['mare', 'gelding', 'stallion', 'unknown'] as const;
export type Sex = (typeof SEXES)[number];
