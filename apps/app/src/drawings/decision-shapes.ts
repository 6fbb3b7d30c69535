import { type Decision } from '@fulcra/contract';
import { asSection } from './as-section';
import { type FrontArch, type Section, CROWN_RADIUS_MM } from '@fulcra/core';

/** The stored consensus, as the core's section again. */
export const sectionOfDecision = (decision: Decision): Section => asSection(decision.section);

export const archOfDecision = (decision: Decision): FrontArch => ({
  shape: decision.shape,
  crownRadiusMm: CROWN_RADIUS_MM[decision.shape],
  includedAngleDeg: decision.includedAngleDeg,
  pointLengthMm: decision.pointLengthMm,
});
