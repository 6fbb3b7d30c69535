import { type Decision } from '@fulcra/contract';
import { type FrontArch, type Section, CROWN_RADIUS_MM } from '@fulcra/core';

/** The stored consensus, as the core's section again: the apex is the place at (0, 0). */
export function sectionOfDecision(decision: Decision): Section {
  const apexIndex = Math.max(
    0,
    decision.section.findIndex((p) => p.yMm === 0 && p.zMm === 0),
  );
  return { points: decision.section, apexIndex, coarse: false };
}

export const archOfDecision = (decision: Decision): FrontArch => ({
  shape: decision.shape,
  crownRadiusMm: CROWN_RADIUS_MM[decision.shape],
  includedAngleDeg: decision.includedAngleDeg,
  pointLengthMm: decision.pointLengthMm,
});
