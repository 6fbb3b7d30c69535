/** Adds what lies evenly from one share of a length to another to the thirds it lies in. */
export function addToThirds(thirds: [number, number, number] | Float64Array, from: number, to: number, amount: number): void {
  const length = to - from;
  if (!(length > 0)) return;
  for (let t = 0; t < 3; t++) {
    const inside = Math.min(to, (t + 1) / 3) - Math.max(from, t / 3);
    if (inside > 0) thirds[t]! += (amount * inside) / length;
  }
}
