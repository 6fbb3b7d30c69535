import { BESIDE_WITHERS_MM, FRONT_DEFAULTS, fingers } from './front-defaults';
import { type School } from './school';
import { EVEN_MIDDLE, SIT_DEFAULTS, POINT_STRAP_AVOIDED, atLeastMm, atMostMm, behindScapula, withersOver } from './sit-defaults';

/** Fit the horse as it stands, close and even all along. */
export const STATIC_CLOSE: School = {
  id: 'static-close',
  version: 1,
  name: 'Static close',
  front: { ...FRONT_DEFAULTS, stationMm: 50, follows: 'frontSection' },
  withers: { leastMm: fingers(2), mostMm: fingers(3), besideLeastMm: BESIDE_WITHERS_MM },
  middleContact: 'even',
  rearEnd: 'panelByLastRib',
  pointStrap: 'onlyToStopDrift',
  pads: 'thinOnly',
  padMm: 0,
  sit: {
    ...SIT_DEFAULTS,
    ...EVEN_MIDDLE,
    withersOver: withersOver(fingers(2), fingers(3)),
    pointBehindScapula: behindScapula(50),
    panelBeforeRib: atLeastMm(0),
    channelWidth: atLeastMm(60),
    pointStrapUsed: POINT_STRAP_AVOIDED,
    padThickness: atMostMm(6),
  },
  criteria: [
    { id: 'frontAngle', needs: ['frontSection'], valueMm: null, hardStop: false },
    { id: 'withersClearance', needs: ['frontSection'], valueMm: fingers(2), hardStop: true },
    { id: 'treePointBehindScapula', needs: ['scapulaAtRest', 'saddlePosition'], valueMm: 50, hardStop: true },
    { id: 'middleContact', needs: ['wholeBack', 'loadedBack'], valueMm: null, hardStop: false },
    { id: 'rearEnd', needs: ['lastRib', 'saddlePosition'], valueMm: 0, hardStop: true },
    { id: 'channelWidth', needs: ['wholeBack'], valueMm: 60, hardStop: true },
    { id: 'pointStrap', needs: ['girthGroove', 'loadedBack'], valueMm: null, hardStop: false },
  ],
};
