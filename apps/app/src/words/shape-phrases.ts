/** What the screens of this part say. */
export const SHAPE_PHRASES = {
  leansThatWay: 'leans that way',
  veryLikely: 'very likely',
  whatASaddle: 'What a saddle will want to do',
  nothingStandsOut: 'Nothing stands out yet. Each tracing and each choice tells more.',
  tryLater: (remedies: string): string => `Try later: ${remedies}.`,
  aForecastFrom: 'A forecast from the build, by rules of thumb (defaults); the contact of a saddle on the back decides.',
  readTheShape: 'Read the shape: what the tracings tell is read off them, the rest by eye',
  byEye: 'by eye',
  theTracingSays: (lookOut: string): string => ` ${lookOut} the tracing says otherwise`,
} as const;
