/** Where a section is taken. The extra ones are the fitter's own. */
export const SECTION_STATIONS = ['front', 'base', 'low', 'lastRib', 'extra1', 'extra2'] as const;
export type SectionStation = (typeof SECTION_STATIONS)[number];

/** Lines along the spine: the topline with the head at its natural height, and the withers with the head up. */
export const LINE_STATIONS = ['topline', 'withers'] as const;
export type LineStation = (typeof LINE_STATIONS)[number];

export const STATIONS = [...SECTION_STATIONS, ...LINE_STATIONS] as const;
export type Station = (typeof STATIONS)[number];

export const isLine = (station: Station): station is LineStation => (LINE_STATIONS as readonly string[]).includes(station);

/** The base of the withers is traced this far behind the front section (trade rule, default). */
export const BASE_BEHIND_FRONT_MM = 50;

/** Where a station is expected before anyone has measured, mm behind the resting scapula's rear edge (defaults, riding horse of 15 hands). */
export function expectedStationMm(station: SectionStation, frontMm: number): number {
  const behind: Readonly<Record<SectionStation, number>> = {
    front: 0,
    base: BASE_BEHIND_FRONT_MM,
    low: 170,
    lastRib: 360,
    extra1: 110,
    extra2: 270,
  };
  return frontMm + behind[station];
}
