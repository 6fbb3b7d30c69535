import { SHARED_RULES, SLIGHT_BRIDGE, fingers, floor, keepClear, padUpTo, withersOver } from './rule-defaults';
import { type School, FRONT_DEFAULTS, SHARED } from './school';

/** The panel makes the fit; the tree only has to lie within a band round it. */
export const PANEL_FIRST: School = {
  ...SHARED,
  id: 'panel-first',
  version: 4,
  name: 'Panel first',
  front: { ...FRONT_DEFAULTS, stationMm: 45, bandDeg: 4 },
  rules: {
    ...SHARED_RULES,
    ...SLIGHT_BRIDGE,
    withersOver: withersOver(fingers(2), null),
    frontEven: { ...SHARED_RULES.frontEven, weight: 2 },
    pointBehindScapula: keepClear(45),
    treeBeforeRib: keepClear(0),
    panelBeforeRib: keepClear(-20),
    ligamentClear: floor(10, 10, 3, 'least'),
    padThickness: padUpTo(12),
  },
};
