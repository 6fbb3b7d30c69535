import { type DescribedSaddle, type Underside, pointsAheadMm, presentSetup, underside } from '@fulcra/core';
import { type TrueScale, trueScale } from '../drawings/true-scale';
import { type Leathered, type SideLeather, sideLeather } from './side-leather';
import { SADDLES_PHRASES } from '../words/saddles-phrases';

/** Room round a saddle that is drawn large, px. */
export const RIM = 34;

export const mm = (value: number): string => SADDLES_PHRASES.mm(Math.round(value * 10) / 10);

export interface Dimension {
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
  readonly text: string;
}

/** The saddle from the side, as it is drawn: its lines, and the plane they lie in. */
export interface SidePlane extends TrueScale {
  readonly heightPx: number;
  readonly topMm: number;
  readonly under: Underside;
  readonly leather: SideLeather;
  readonly tree: readonly (readonly [number, number])[];
  /** The panel's under line. */
  readonly low: readonly (readonly [number, number])[];
}

export function sidePlane(widthPx: number, saddle: DescribedSaddle & Leathered, plain: boolean): SidePlane {
  const { lengthMm } = saddle.build.frame;
  const under = underside(saddle, presentSetup(saddle, 0));
  const rim = plain ? 4 : RIM;
  const leather = sideLeather(saddle, under);
  const alongs = [...leather.flap, ...leather.seat].map(([u]) => u);
  const [fromMm, toMm] = [Math.min(under.fromMm, ...alongs), Math.max(under.toMm, ...alongs)];
  const pxPerMm = (widthPx - 2 * rim) / (toMm - fromMm);
  const topMm = Math.max(...[0, lengthMm].map(under.roofAt)) + (saddle.kind === 'western' ? 130 : 90) + (plain ? 4 : 30);
  const footMm = plain ? -190 : -230;
  const tree = Array.from({ length: 41 }, (_, i) => (lengthMm * i) / 40).map((u) => [u, under.roofAt(u)] as const);
  const low: [number, number][] = [];
  for (let u = under.fromMm; u <= under.toMm; u += 6) {
    const { innerMm, outerMm } = under.edgesAt(u);
    const z = under.heightIn(under.rowAt(u), u, innerMm + 0.4 * (outerMm - innerMm));
    if (Number.isFinite(z)) low.push([u, z]);
  }
  const scale = trueScale(pxPerMm, fromMm - rim / pxPerMm, topMm);
  return { ...scale, heightPx: (topMm - footMm) * pxPerMm, topMm, under, leather, tree, low };
}

/** Where each measure of the side is taken. */
export function sideDimensions(saddle: DescribedSaddle, { x, y, topMm, under, low }: SidePlane): Readonly<Record<string, Dimension>> {
  const { frame, panel } = saddle.build;
  const underAt = (u: number): number => low.reduce((best, p) => (Math.abs(p[0] - u) < Math.abs(best[0] - u) ? p : best))[1];
  const baseline = y(topMm - 44);
  const along = (from: number, to: number, text: string): Dimension => ({ x1: x(from), y1: baseline, x2: x(to), y2: baseline, text });
  const up = (u: number, from: number, to: number, text: string): Dimension => ({ x1: x(u), y1: y(from), x2: x(u), y2: y(to), text });
  const depth = (u: number, value: number): Dimension => up(u, underAt(u) + value, underAt(u), mm(value));
  const mid = frame.lengthMm / 2;
  const crown = under.roofAt(0);
  return {
    lengthMm: along(0, frame.lengthMm, mm(frame.lengthMm)),
    curveMm: up(
      mid,
      Math.min(under.roofAt(mid) + frame.curveMm.present, topMm),
      under.roofAt(mid),
      SADDLES_PHRASES.in400(mm(frame.curveMm.present)),
    ),
    headRiseMm: up(0, crown, crown - frame.headRiseMm, mm(frame.headRiseMm)),
    pointRakeDeg: {
      x1: x(0),
      y1: y(crown),
      x2: x(-pointsAheadMm(saddle)),
      y2: y(crown - saddle.front.pointLengthMm * 0.8),
      text: `${frame.pointRakeDeg}°`,
    },
    seatLowMm: along(0, frame.seatLowMm, mm(frame.seatLowMm)),
    barMm: along(0, frame.barMm, mm(frame.barMm)),
    massAtMm: along(0, frame.massAtMm, mm(frame.massAtMm)),
    massKg: up(frame.massAtMm, under.roofAt(frame.massAtMm) + 50, under.roofAt(frame.massAtMm), SADDLES_PHRASES.kg(frame.massKg)),
    depthFrontMm: depth(20, panel.depthFrontMm.present),
    depthMidMm: depth(mid, panel.depthMidMm),
    depthRearMm: depth(frame.lengthMm - 20, panel.depthRearMm.present),
    aheadMm: along(-panel.aheadMm, 0, mm(panel.aheadMm)),
    pastTreeMm: along(frame.lengthMm, frame.lengthMm + panel.pastTreeMm, mm(panel.pastTreeMm)),
    frontTurnMm: depth(under.fromMm + 4, panel.frontTurnMm),
    rearTurnMm: depth(under.toMm - 4, panel.rearTurnMm),
  };
}
