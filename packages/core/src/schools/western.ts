import { BESIDE_WITHERS_MM, FRONT_DEFAULTS, fingers } from './front-defaults';
import { type School } from './school';
import { SIT_DEFAULTS, SLIGHT_BRIDGE, atLeastMm, behindScapula, withersOver } from './sit-defaults';
import { rule } from './sit-rules';

/** Bars along the shoulder with felt under them. */
export const WESTERN: School = {
  id: 'western',
  version: 1,
  name: 'Western',
  front: { ...FRONT_DEFAULTS, stationMm: 50, follows: 'barsAlongShoulder' },
  withers: { leastMm: fingers(2), mostMm: null, besideLeastMm: BESIDE_WITHERS_MM },
  middleContact: 'slightBridgeAllowed',
  rearEnd: 'barsByLastRib',
  pointStrap: 'rigging',
  pads: 'felt',
  padMm: 20,
  sit: {
    ...SIT_DEFAULTS,
    ...SLIGHT_BRIDGE,
    withersOver: withersOver(fingers(2), null),
    pointBehindScapula: behindScapula(0),
    panelBehindScapula: rule(-20, null, 20, 1),
    treeBeforeRib: atLeastMm(0),
    channelWidth: atLeastMm(80),
    padThickness: rule(10, 25, 8, 0.5),
  },
  criteria: [
    { id: 'frontAngle', needs: ['shoulderLine', 'bars'], valueMm: null, hardStop: false },
    { id: 'withersClearance', needs: ['frontSection'], valueMm: fingers(2), hardStop: true },
    { id: 'treePointBehindScapula', needs: ['scapulaAtRest', 'bars'], valueMm: 0, hardStop: true },
    { id: 'middleContact', needs: ['wholeBack', 'bars'], valueMm: null, hardStop: false },
    { id: 'rearEnd', needs: ['lastRib', 'bars'], valueMm: 0, hardStop: true },
    { id: 'channelWidth', needs: ['wholeBack', 'bars'], valueMm: 80, hardStop: true },
    { id: 'pointStrap', needs: ['girthGroove', 'bars'], valueMm: null, hardStop: false },
  ],
};
