import { lengthWords } from './person-unit';
import { countWords } from './measure-words';
/** What the screens of this part say. */
export const DRAWINGS_PHRASES = {
  archOfDegrees: (includedAngleDeg: number, topMm: string, tipMm: string, topMm2: string, tipMm2: string): string =>
    `Arch of ${includedAngleDeg} degrees on the front section; gaps near top ${topMm}, near point ${tipMm}, off top ${topMm2}, off point ${tipMm2} millimetres`,
  underLoad: (loadedMm: number, fingers: string): string => `${lengthWords(loadedMm)} loaded · ${fingers}`,
  mm2: (part: number): string => lengthWords(part),
  stationsAlongThe: 'Stations along the back',
  head: 'head',
  scapula: 'scapula',
  tail: 'tail',
  notMeasured: 'not measured',
  lineAlongThe: (lengthText: number): string => `Line along the spine, ${countWords(lengthText, 'take')}`,
  nNear: 'N near',
  offO: 'off O',
  frontSectionTakes: (lengthText: number): string => `Front section, ${countWords(lengthText, 'take')}`,
  lastRib: 'last rib',
} as const;
