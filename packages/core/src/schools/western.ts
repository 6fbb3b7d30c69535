import { SHARED_RULES, SLIGHT_BRIDGE, band, fingers, floor, keepClear, withersOver } from './rule-defaults';
import { type School, FRONT_DEFAULTS, SHARED } from './school';

/** Bars along the shoulder with felt under them. */
export const WESTERN: School = {
  ...SHARED,
  id: 'western',
  version: 4,
  name: 'Western',
  front: { ...FRONT_DEFAULTS, stationMm: 50, follows: 'barsAlongShoulder', padMm: 20 },
  rules: {
    ...SHARED_RULES,
    ...SLIGHT_BRIDGE,
    withersOver: withersOver(fingers(2), null),
    pointBehindScapula: keepClear(0),
    panelBehindScapula: floor(-20, 20, 1),
    treeBeforeRib: keepClear(0),
    channelWidth: keepClear(80),
    padThickness: band(10, 25, 8, 0.5),
  },
};
