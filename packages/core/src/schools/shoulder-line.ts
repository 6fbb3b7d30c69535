import { EVEN_MIDDLE, POINT_STRAP_AVOIDED, SHARED_RULES, fingers, floor, keepClear, padUpTo, withersOver } from './rule-defaults';
import { type School, FRONT_DEFAULTS, SHARED } from './school';

/** The front follows the slope of the shoulder blade, with plenty of room all round the withers. */
export const SHOULDER_LINE: School = {
  ...SHARED,
  id: 'shoulder-line',
  version: 4,
  name: 'Shoulder line',
  front: { ...FRONT_DEFAULTS, stationMm: 50, follows: 'shoulderLine' },
  rules: {
    ...SHARED_RULES,
    ...EVEN_MIDDLE,
    withersOver: withersOver(fingers(3), null),
    withersBeside: floor(fingers(2), 8, 2),
    pointBehindScapula: keepClear(40),
    panelBeforeRib: keepClear(0),
    channelWidth: keepClear(80),
    pointStrapUsed: POINT_STRAP_AVOIDED,
    padThickness: padUpTo(6),
  },
};
