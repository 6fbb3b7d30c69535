import { BESIDE_WITHERS_MM, FRONT_DEFAULTS, fingers } from './front-defaults';
import { type School } from './school';
import { SIT_DEFAULTS, SLIGHT_BRIDGE, atLeastMm, atMostMm, behindScapula, withersOver } from './sit-defaults';
import { rule } from './sit-rules';

/** The panel makes the fit; the tree only has to lie within a band round it. */
export const PANEL_FIRST: School = {
  id: 'panel-first',
  version: 1,
  name: 'Panel first',
  front: { ...FRONT_DEFAULTS, stationMm: 45, follows: 'frontSection', bandDeg: 4 },
  withers: { leastMm: fingers(2), mostMm: null, besideLeastMm: BESIDE_WITHERS_MM },
  middleContact: 'slightBridgeAllowed',
  rearEnd: 'treeByLastRib',
  pointStrap: 'freeChoice',
  pads: 'correctionOnly',
  padMm: 0,
  sit: {
    ...SIT_DEFAULTS,
    ...SLIGHT_BRIDGE,
    withersOver: withersOver(fingers(2), null),
    frontEven: rule(-8, 8, 4, 2),
    pointBehindScapula: behindScapula(45),
    treeBeforeRib: atLeastMm(0),
    panelBeforeRib: atLeastMm(-20),
    ligamentClear: rule(10, null, 10, 3, 'least'),
    padThickness: atMostMm(12),
  },
  criteria: [
    { id: 'frontAngle', needs: ['frontSection'], valueMm: null, hardStop: false },
    { id: 'withersClearance', needs: ['frontSection'], valueMm: fingers(2), hardStop: true },
    { id: 'treePointBehindScapula', needs: ['scapulaAtRest', 'saddlePosition'], valueMm: 45, hardStop: true },
    { id: 'middleContact', needs: ['wholeBack', 'loadedBack'], valueMm: null, hardStop: false },
    { id: 'rearEnd', needs: ['lastRib', 'saddlePosition'], valueMm: 20, hardStop: true },
    { id: 'channelWidth', needs: ['spineLigament'], valueMm: 10, hardStop: true },
    { id: 'pointStrap', needs: ['girthGroove'], valueMm: null, hardStop: false },
  ],
};
