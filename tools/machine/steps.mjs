/** Runs a named step and says how long it took. */
export async function step(name, work) {
  const began = Date.now();
  const note = await work();
  const seconds = ((Date.now() - began) / 1000).toFixed(1);
  console.log(`  ${name.padEnd(34)} ${seconds.padStart(6)} s${typeof note === 'string' ? `  ${note}` : ''}`);
}
