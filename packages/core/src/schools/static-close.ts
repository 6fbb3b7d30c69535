import { BESIDE_WITHERS_MM, FRONT_DEFAULTS, fingers } from './front-defaults';
import { type School } from './school';

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
