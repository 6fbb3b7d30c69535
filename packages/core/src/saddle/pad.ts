/** What lies between saddle and horse besides the panel. */
export const PAD_KINDS = ['none', 'thin', 'felt'] as const;
export type PadKind = (typeof PAD_KINDS)[number];
export interface Pad {
  readonly kind: PadKind;
  readonly thicknessMm: number;
}

/** Pads on offer in the fit room (defaults): none, a thin numnah pressed flat, felt under western bars. */
export const PADS: readonly Pad[] = [
  { kind: 'none', thicknessMm: 0 },
  { kind: 'thin', thicknessMm: 4 },
  { kind: 'felt', thicknessMm: 10 },
  { kind: 'felt', thicknessMm: 20 },
];

/** What a saddle of this kind is tried on with first: the bare back, or the felt a western saddle is made for. */
export const NEUTRAL_PAD: Readonly<Record<'english' | 'western', Pad>> = { english: PADS[0]!, western: PADS[3]! };
