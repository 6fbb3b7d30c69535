import { contactCells } from '@fulcra/core';

/** A saddle-like underside on a back-like back. */
export const benchCells = contactCells({
  fromXMm: -200,
  toXMm: 200,
  halfWidthMm: 120,
  stepMm: 4.9,
  back: (x, y) => -(Math.hypot(y, 30) - 30) * 0.9 + 15 * (x / 200) ** 2 - 0.02 * x,
  underside: (x, y) => (Math.abs(y) < 35 || Math.abs(y) > 110 ? Number.NaN : 12 * (x / 200) ** 2 - 0.85 * (Math.hypot(y, 30) - 30)),
});
