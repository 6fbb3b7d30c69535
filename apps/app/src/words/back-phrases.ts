import { lengthWords } from './person-unit';
import { changeWords, countWords } from './measure-words';
/** What the screens of this part say. */
export const BACK_PHRASES = {
  theBackIn: 'The back in three dimensions. Arrow keys turn it.',
  setItRight: 'Set it right again',
  linesFromThe: (depthsMm: string): string =>
    `Lines from the spine outward: ${lengthWords(depthsMm)} below it; 100 mm is drawn strong. Dots: scapula at rest; rings: drawn forward.`,
  theBackFrom: 'The back from above, lines of equal depth below the spine',
  nNear: 'N near',
  offO: 'off O',
  lastRib: 'last rib',
  theSpineFrom: 'The spine from the near side',
  fromEverySide: 'From every side',
  topAndSide: 'Top and side',
  changeOverTime: 'Change over time',
  theBackAs: 'The back as a whole',
  viewOfThe: 'View of the back',
  thisDeviceCant: 'This device can’t draw in three dimensions; top and side say the same.',
  noSurfaceYet: 'No surface yet.',
  twoStationsMake: (problems: string): string => `${problems} Two stations make a surface; six and a topline make a good one.`,
  fetchingTheView: 'Fetching the view…',
  theDeviceTook:
    'The device took its drawing memory back, so top and side are shown. Nothing is lost; open the other view again when you like.',
  noToplineYet: 'No topline yet: the spine is drawn level.',
  stationsOffBy: (lengthText: number, part: string): string =>
    `${countWords(lengthText, 'station')}; off by up to ${lengthWords(part)} where it is least sure (default bend).`,
  paleAndDotted: 'Pale and dotted: too far from a tracing to be believed.',
  station: 'Station',
  nothingToCompare: 'Nothing to compare yet.',
  thereIsOne: 'There is one so far.',
  theOfTwo: (name: string, rest: string): string => `The ${name} of two visits shows what filled and what wasted. ${rest}`,
  outlinesOfVisits: (lengthText: number, day: string): string => `Outlines of ${countWords(lengthText, 'visit')}, ${day} drawn strong`,
  visitShown: 'Visit shown',
  theFirstOne: 'The first one: what comes later is held against it.',
  sinceDownTo: (day: string, depthMm: number): string => `Since ${day}, down to ${lengthWords(depthMm)}`,
  flatter: (signed: string): string => `, ${signed}° flatter`,
  cm: (rest: string, signed: string, signed2: string, rest2: string): string => `${rest}: ${signed} cm² (${signed2} %)${rest2}`,
  toLastRib: 'the last rib',
  toEndOfTracing: 'the end of the tracing, for no last rib was found',
  dipAtTo: (mm: string, mm2: string, rest: string, mm3: string, to: string, mm4: string): string =>
    `Dip ${mm} at ${mm2}; ${rest} ${mm3} to ${to}; withers ${mm4} over the low point`,
  asGoodAs: '; as good as straight',
  tightestBendA: (mm: string): string => `; tightest bend a radius of ${mm}`,
  croupTheWithers: (mm: string, rest: string): string => `; croup ${mm} ${rest} the withers`,
  alongTheCurve: (to: string, mm: string, mm2: string, rest: string, rest2: string): string =>
    `Front section to ${to}: ${mm} along the curve, ${mm2} straight (from the scapula it is further)${rest}${rest2}`,
  trend: (dates: number): string => `Trend a month, over ${countWords(dates, 'date')}`,
  trendDirection: (perMonth: number, unit: string): string => `${changeWords(perMonth, 1)} ${unit}`,
  trendInterval: (perMonth: number, least: number, most: number, percent: number, unit: string): string =>
    `${changeWords(perMonth, 1)} ${unit} (${changeWords(least, 1)} to ${changeWords(most, 1)}, ${percent} % sure)`,
  trendFewDates: (least: number): string => `A direction only: under ${least} dates there is no interval to be had at nine in ten.`,
} as const;
