import { BESIDE_WITHERS_MM, FRONT_DEFAULTS } from './front-defaults';
import { type School } from './school';
import { SIT_DEFAULTS, SLIGHT_BRIDGE, atLeastMm, withersOver } from './sit-defaults';

/** One width over the even one, lifted again with shims, so that the shoulder has somewhere to go. */
export const ROOM_TO_MOVE: School = {
  id: 'room-to-move',
  version: 1,
  name: 'Room to move',
  front: { ...FRONT_DEFAULTS, stationMm: 80, follows: 'frontSection', widthsOver: 1 },
  withers: { leastMm: 45, mostMm: null, besideLeastMm: BESIDE_WITHERS_MM },
  middleContact: 'slightBridgeAllowed',
  rearEnd: 'treeByLastRib',
  pointStrap: 'freeChoice',
  pads: 'shimsAreTheMethod',
  padMm: 10,
  sit: {
    ...SIT_DEFAULTS,
    ...SLIGHT_BRIDGE,
    withersOver: withersOver(45, null),
    barBehindForward: atLeastMm(125),
    treeBeforeRib: atLeastMm(0),
    channelWidth: atLeastMm(70),
  },
  criteria: [
    { id: 'frontAngle', needs: ['frontSection'], valueMm: null, hardStop: false },
    { id: 'withersClearance', needs: ['frontSection'], valueMm: 45, hardStop: true },
    { id: 'stirrupBarBehindScapula', needs: ['scapulaTravel', 'saddlePosition'], valueMm: 125, hardStop: true },
    { id: 'middleContact', needs: ['wholeBack', 'loadedBack'], valueMm: null, hardStop: false },
    { id: 'rearEnd', needs: ['lastRib', 'saddlePosition'], valueMm: 0, hardStop: true },
    { id: 'channelWidth', needs: ['wholeBack'], valueMm: 70, hardStop: true },
    { id: 'pointStrap', needs: ['girthGroove'], valueMm: null, hardStop: false },
  ],
};
