import { radFromDeg } from '../units';
import { NEUTRAL_PAD, type Pad } from './pad';
import { type BySideAndZone, type SaddleBuild, type StrapId, NOTHING_ADDED } from './saddle-build';
import { middleValue } from './number-setting';
import { type ArchShape, CROWN_RADIUS_MM } from './front-arch';
import { type SaddleFront } from './width-setting';
import { defaultStraps } from './strap-sets';

/** A saddle as the fit room takes it: its front, what lies behind, and what it is. */
export interface DescribedSaddle {
  readonly id: string;
  readonly kind: 'english' | 'western';
  readonly front: SaddleFront;
  readonly build: SaddleBuild;
}

/** A saddle of the stock without what the engine doesn't ask about. */
export const describedOf = ({ id, kind, front, build }: DescribedSaddle): DescribedSaddle => ({ id, kind, front, build });

/** How far the tips of the points lie ahead of the front arch, mm; less than nothing where they lean back. */
export const pointsAheadMm = ({ front, build }: DescribedSaddle): number =>
  front.pointLengthMm * Math.sin(radFromDeg(build.frame.pointRakeDeg));

/** Everything a fitter can change about how one saddle lies on one horse. */
export interface SaddleSetup {
  /** Index into the front's width settings. */
  readonly width: number;
  /** Crown of the head; absent for the one the saddle has. */
  readonly shape?: ArchShape;
  readonly curveMm: number;
  readonly frontDepthMm: number;
  readonly rearDepthMm: number;
  /** Filling added (+) or taken out (-) per zone and side, mm. */
  readonly flock: BySideAndZone;
  readonly shims: BySideAndZone;
  readonly pad: Pad;
  /** The front arch, mm behind the resting scapula's rear edge. */
  readonly placeMm: number;
  readonly straps: readonly StrapId[];
}

export const shapeOf = ({ front }: Pick<DescribedSaddle, 'front'>, { shape }: Pick<SaddleSetup, 'shape'>): ArchShape =>
  shape ?? front.shape;
export const crownRadiusMm = (saddle: Pick<DescribedSaddle, 'front'>, setup: Pick<SaddleSetup, 'shape'>): number =>
  CROWN_RADIUS_MM[shapeOf(saddle, setup)];

/** As it hangs in the stock: every property at what it is set to now. */
export function presentSetup({ front, build, kind }: DescribedSaddle, placeMm: number): SaddleSetup {
  return {
    width: Math.min(front.presentSetting, front.settings.length - 1),
    curveMm: build.frame.curveMm.present,
    frontDepthMm: build.panel.depthFrontMm.present,
    rearDepthMm: build.panel.depthRearMm.present,
    flock: NOTHING_ADDED,
    shims: NOTHING_ADDED,
    pad: NEUTRAL_PAD[kind],
    placeMm,
    straps: defaultStraps(build.straps),
  };
}

/** Every range at its middle: where a fitting begins. */
export function middleSetup(saddle: DescribedSaddle, placeMm: number): SaddleSetup {
  const { front, build } = saddle;
  return {
    ...presentSetup(saddle, placeMm),
    width: Math.floor((front.settings.length - 1) / 2),
    curveMm: middleValue(build.frame.curveMm),
    frontDepthMm: middleValue(build.panel.depthFrontMm),
    rearDepthMm: middleValue(build.panel.depthRearMm),
  };
}
