import { EVEN_MIDDLE, POINT_STRAP_AVOIDED, SHARED_RULES, fingers, keepClear, padUpTo, withersOver } from './rule-defaults';
import { type School, FRONT_DEFAULTS, SHARED } from './school';

/** Fit the horse as it stands, close and even all along. */
export const STATIC_CLOSE: School = {
  ...SHARED,
  id: 'static-close',
  version: 4,
  name: 'Static close',
  front: { ...FRONT_DEFAULTS, stationMm: 50 },
  rules: {
    ...SHARED_RULES,
    ...EVEN_MIDDLE,
    withersOver: withersOver(fingers(2), fingers(3)),
    pointBehindScapula: keepClear(50),
    panelBeforeRib: keepClear(0),
    channelWidth: keepClear(60),
    pointStrapUsed: POINT_STRAP_AVOIDED,
    padThickness: padUpTo(6),
  },
};
