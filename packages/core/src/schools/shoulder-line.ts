import { FRONT_DEFAULTS, fingers } from './front-defaults';
import { type School } from './school';
import { EVEN_MIDDLE, SIT_DEFAULTS, POINT_STRAP_AVOIDED, atLeastMm, atMostMm, behindScapula, withersOver } from './sit-defaults';
import { rule } from './sit-rules';

/** The front follows the slope of the shoulder blade, with plenty of room all round the withers. */
export const SHOULDER_LINE: School = {
  id: 'shoulder-line',
  version: 1,
  name: 'Shoulder line',
  front: { ...FRONT_DEFAULTS, stationMm: 50, follows: 'shoulderLine' },
  withers: { leastMm: fingers(3), mostMm: null, besideLeastMm: fingers(2) },
  middleContact: 'even',
  rearEnd: 'panelByLastRib',
  pointStrap: 'avoid',
  pads: 'thinOnly',
  padMm: 0,
  sit: {
    ...SIT_DEFAULTS,
    ...EVEN_MIDDLE,
    withersOver: withersOver(fingers(3), null),
    withersBeside: rule(fingers(2), null, 8, 2),
    pointBehindScapula: behindScapula(40),
    panelBehindScapula: rule(0, null, 10, 2),
    panelBeforeRib: atLeastMm(0),
    channelWidth: atLeastMm(80),
    pointStrapUsed: POINT_STRAP_AVOIDED,
    padThickness: atMostMm(6),
  },
  criteria: [
    { id: 'frontAngle', needs: ['shoulderLine'], valueMm: null, hardStop: false },
    { id: 'withersClearance', needs: ['frontSection'], valueMm: fingers(3), hardStop: true },
    { id: 'treePointBehindScapula', needs: ['scapulaAtRest', 'saddlePosition'], valueMm: 40, hardStop: true },
    { id: 'middleContact', needs: ['wholeBack', 'loadedBack'], valueMm: null, hardStop: false },
    { id: 'rearEnd', needs: ['lastRib', 'saddlePosition'], valueMm: 0, hardStop: true },
    { id: 'channelWidth', needs: ['wholeBack'], valueMm: 80, hardStop: true },
    { id: 'pointStrap', needs: ['girthGroove', 'loadedBack'], valueMm: null, hardStop: false },
  ],
};
