/** What a length of leather is for. */
export const PURPOSES = [
  'advancedFlat',
  'general',
  'western',
  'trail',
  'fencesLow',
  'fencesMiddle',
  'fencesHigh',
  'crossCountry',
  'raceExercise',
] as const;
export type Purpose = (typeof PURPOSES)[number];

/** Angle of the knee for a purpose, degrees: hip, knee, ankle, the foot loaded in the iron. */
export type KneeBand = readonly [leastDeg: number, mostDeg: number];

/** Two sets of bands, both editable: as an angle is read off a photo, and as it is spoken of in lessons. */
export const BAND_SETS = ['photo', 'spoken'] as const;
export type BandSet = (typeof BAND_SETS)[number];

export const KNEE_BANDS: Readonly<Record<BandSet, Readonly<Record<Purpose, KneeBand>>>> = {
  /** Side view. Default: set so that the holes between purposes are the usual ones and the knee lies ahead of the bar. */
  photo: {
    advancedFlat: [130, 138],
    general: [118, 126],
    western: [132, 142],
    trail: [124, 132],
    fencesLow: [112, 117],
    fencesMiddle: [106, 111],
    fencesHigh: [100, 105],
    crossCountry: [98, 104],
    raceExercise: [70, 90],
  },
  /** Passed on by word of mouth in the trade; as a side-view angle 145 and more puts the knee behind the bar. */
  spoken: {
    advancedFlat: [145, 155],
    general: [125, 135],
    western: [150, 160],
    trail: [135, 145],
    fencesLow: [115, 120],
    fencesMiddle: [105, 112],
    fencesHigh: [95, 105],
    crossCountry: [95, 105],
    raceExercise: [70, 90],
  },
};

/** Crouched, the hip joint rides this much above its seated place, mm (default). */
export const CROUCH_MM: Readonly<Partial<Record<Purpose, number>>> = { raceExercise: 200 };

export const bandMiddle = ([leastDeg, mostDeg]: KneeBand): number => (leastDeg + mostDeg) / 2;
