import { SADDLES_EACH, anyPairs } from '../../packages/core/src/sit/__tests__/any-pairs';

/** Ten thousand seeded pairs of horse and saddle, outside the test runner, whose sandbox slows arithmetic down fivefold. */
const PAIRS = 10_000;
const told = anyPairs(PAIRS / SADDLES_EACH);
const all = told.settled + told.tipped + told.refused;
console.log(`${all} pairs: ${told.settled} settled in balance, ${told.tipped} do not sit, ${told.refused} refused with a reason`);
/** Saddles and horses are drawn apart, riders up to 20 mm beside the middle and all on the bars: most tip, roll or slide off. */
const LEAST_SETTLED = 3_500;
if (all !== PAIRS || told.settled < LEAST_SETTLED) {
  console.error(`fewer than ${LEAST_SETTLED} came to rest: the horses or the engine have changed`);
  process.exit(1);
}
