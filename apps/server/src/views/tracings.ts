interface OfVisit {
  readonly visitId: string;
}

/** The takes of one visit, out of several visits'. */
export const tracedAt = <T extends OfVisit>(takes: readonly T[], visitId: string): T[] => takes.filter((t) => t.visitId === visitId);

/** Of one visit's facts those that say where something lies on the back; nothing else of it goes out with the tracings. */
export const landmarksAt = <T extends OfVisit & { readonly body: { readonly kind: string } }>(facts: readonly T[], visitId: string): T[] =>
  facts.filter((f) => f.visitId === visitId && f.body.kind === 'landmark');
