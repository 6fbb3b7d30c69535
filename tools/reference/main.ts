import { compareWithReference } from './compare';

const AGREE = 1e-4;
const compared = compareWithReference();
if (compared === null) {
  console.log('python3 with numpy and scipy is not installed here; nothing was compared (apt-get install python3-numpy python3-scipy)');
} else {
  const { cases, worst, oursMs, theirsMs } = compared;
  console.log(`${cases} cases, greatest relative difference ${worst.toExponential(1)} (wanted ${AGREE})`);
  console.log(
    `one solve, median: ours ${oursMs.toFixed(2)} ms, general optimiser ${theirsMs.toFixed(2)} ms (${(theirsMs / oursMs).toFixed(0)} x)`,
  );
  if (!(worst < AGREE)) process.exit(1);
}
