/** Stands on every paper that leaves the house. */
export const PAPER_CAUTION_LINES = [
  'The maker’s own instructions and local rules come first.',
  'A qualified fitter signs the fit; a saddler does structural repair.',
] as const;
export const PAPER_CAUTION = PAPER_CAUTION_LINES.join(' ');
