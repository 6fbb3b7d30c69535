import { SHARED_RULES, SLIGHT_BRIDGE, keepClear, withersOver } from './rule-defaults';
import { type School, FRONT_DEFAULTS, SHARED } from './school';

/** One width over the even one, lifted again with shims, so that the shoulder has somewhere to go. */
export const ROOM_TO_MOVE: School = {
  ...SHARED,
  id: 'room-to-move',
  version: 4,
  name: 'Room to move',
  front: { ...FRONT_DEFAULTS, stationMm: 80, widthsOver: 1, padMm: 10 },
  rules: {
    ...SHARED_RULES,
    ...SLIGHT_BRIDGE,
    withersOver: withersOver(45, null),
    barBehindForward: keepClear(125),
    treeBeforeRib: keepClear(0),
    channelWidth: keepClear(70),
  },
};
