/** What the screens of this part say. */
export const SHAPE_PHRASES = {
  leansThatWay: 'leans that way',
  veryLikely: 'very likely',
  whatASaddle: 'What a saddle will want to do',
  nothingStandsOut: 'Nothing stands out yet. Each tracing and each choice tells more.',
  tryLater: (remedies: string): string => `Try later: ${remedies}.`,
  aForecastFrom: 'A forecast from the build, by rules of thumb (defaults); the contact of a saddle on the back decides.',
  thisHorse: (name: string): string => `${name} from the near side, as it was read`,
  fromBehind: (name: string) => `${name} from behind, as it was read`,
  fromAbove: (name: string) => `${name} from above, as it was read`,
  drawnAsChosen: 'Drawn as it was read by eye; the topline will say more.',
  drawnAsMeasured: 'Back, withers and croup as the topline was measured; the rest as it was read.',
  readTheShape: 'Read the shape: what the tracings tell is read off them, the rest by eye',
  byEye: 'by eye',
  theTracingSays: (lookOut: string): string => ` ${lookOut} the tracing says otherwise`,
} as const;
