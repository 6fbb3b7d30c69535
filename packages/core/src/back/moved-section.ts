import { type Polyline, point } from '../geometry';
import { type NearOff, SIDES, radFromDeg } from '../units';
import { type Section, sideOutward, withSides } from './section';
import { sectionFromWidths } from './section-from-widths';
import { halfWidthAtMm } from './section-measures';

/** How one side lies otherwise: turned about the apex, + to a flatter flank, and moved out from the spine. */
export interface SideMove {
  readonly sideAngleDeg: number;
  readonly halfWidthMm: number;
}

/** No side is moved by more than this share of its own half-width. */
const MOST_HALF_WIDTH_SHIFT = 0.5;

/** A section whose sides lie as much further out as said, + out: turned about the apex, and moved. */
export function movedSection(section: Section, by: Readonly<Record<NearOff, SideMove>>): Section {
  const [near, off] = SIDES.map((side) => movedSide(sideOutward(section, side), by[side]));
  return withSides(section, near!, off!);
}

function movedSide(outward: Polyline, by: SideMove): Polyline {
  const turn = radFromDeg(by.sideAngleDeg);
  const c = Math.cos(turn);
  const s = Math.sin(turn);
  return outward.map((p, i) => {
    if (i === 0) return p;
    const y = c * p.yMm - s * p.zMm;
    return point(y + held(by.halfWidthMm, y), s * p.yMm + c * p.zMm);
  });
}

const held = (outMm: number, halfWidthMm: number): number =>
  Math.max(-MOST_HALF_WIDTH_SHIFT * halfWidthMm, Math.min(MOST_HALF_WIDTH_SHIFT * halfWidthMm, outMm));

/** One way in which both sides of a section may have been taken otherwise: alike, or against each other as when the tool is turned. */
export interface SectionMove {
  readonly mode: 'together' | 'apart';
  /** A side's turn, how far out it lies, or one half-width of a few. */
  readonly of: 'turn' | 'shift' | 'width';
  /** Of a half-width: how far below the apex. */
  readonly atMm?: number;
  /** Of a turn: how far out a side goes with each degree, mm; absent for not at all. */
  readonly shiftPerDeg?: number;
}

/** A section taken otherwise in one way, by so many degrees or mm on the off side. */
export function takenOtherwise(section: Section, { mode, of, atMm, shiftPerDeg = 0 }: SectionMove, by: number): Section {
  const sides = { near: mode === 'apart' ? -by : by, off: by };
  if (of === 'width') return readOtherwise(section, atMm!, sides);
  const move = (side: NearOff): SideMove =>
    of === 'turn' ? { sideAngleDeg: sides[side], halfWidthMm: shiftPerDeg * sides[side] } : { sideAngleDeg: 0, halfWidthMm: sides[side] };
  return movedSection(section, { near: move('near'), off: move('off') });
}
export const NOT_MOVED: SideMove = { sideAngleDeg: 0, halfWidthMm: 0 };

/** A section drawn through a few widths of which one was read otherwise: it goes along by as much as the curve through them does. */
function readOtherwise(section: Section, atMm: number, by: Readonly<Record<NearOff, number>>): Section {
  const sides = { near: sideOutward(section, 'near'), off: sideOutward(section, 'off') };
  const widths = (section.readAtMm ?? []).map((depthMm) => ({
    depthMm,
    nearMm: halfWidthAtMm(sides.near, depthMm) ?? 0,
    offMm: halfWidthAtMm(sides.off, depthMm) ?? 0,
  }));
  const otherwise = widths.map((w) => (w.depthMm === atMm ? { ...w, nearMm: w.nearMm + by.near, offMm: w.offMm + by.off } : w));
  const [here, there] = [sectionFromWidths(widths), sectionFromWidths(otherwise)];
  if (!here.ok || !there.ok) return section;
  const [near, off] = SIDES.map((side) => {
    const [was, is] = [sideOutward(here.value, side), sideOutward(there.value, side)];
    const more = (depth: number): number => (halfWidthAtMm(is, depth) ?? 0) - (halfWidthAtMm(was, depth) ?? 0);
    return sides[side].map((p, i) => (i === 0 ? p : point(p.yMm + held(more(-p.zMm), p.yMm), p.zMm)));
  });
  return withSides(section, near!, off!);
}
