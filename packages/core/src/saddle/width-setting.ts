import { ARCH_SHAPES, type ArchShape, type FrontArch, CROWN_RADIUS_MM, SPAN_DEPTH_MM, spanAtMm } from './front-arch';

/** One width a saddle can be set to: neutral measure, and what its own maker calls it. */
export interface WidthSetting {
  readonly label: string;
  readonly includedAngleDeg: number;
}

/** The front of a described saddle, as far as the front arch goes. */
export interface SaddleFront {
  readonly shape: ArchShape;
  /** Other crown shapes its head can be made or exchanged for; absent where there is only its own. */
  readonly otherShapes?: readonly ArchShape[];
  readonly pointLengthMm: number;
  /** Panel (or bar padding) between tree point and horse, mm. */
  readonly frontPanelDepthMm: number;
  /** Width of the channel between the panels in front, mm. */
  readonly frontChannelMm: number;
  /** From narrowest to widest; more than one where the tree or its plate can be changed. */
  readonly settings: readonly WidthSetting[];
  /** Index into settings of what it is set to now. */
  readonly presentSetting: number;
}

/** Crown shapes this front can have, from the narrowest crown. */
export const makeableShapes = ({ shape, otherShapes = [] }: Pick<SaddleFront, 'shape' | 'otherShapes'>): readonly ArchShape[] =>
  ARCH_SHAPES.filter((s) => s === shape || otherShapes.includes(s));

/** @param shape where it isn't the one the front has now */
export const archOfSetting = (front: SaddleFront, setting: WidthSetting, shape: ArchShape = front.shape): FrontArch => ({
  shape,
  crownRadiusMm: CROWN_RADIUS_MM[shape],
  includedAngleDeg: setting.includedAngleDeg,
  pointLengthMm: front.pointLengthMm,
});

/** The neutral width, comparable between makers. */
export const neutralWidth = (arch: FrontArch): { includedAngleDeg: number; spanAt100Mm: number } => ({
  includedAngleDeg: arch.includedAngleDeg,
  spanAt100Mm: spanAtMm(arch, SPAN_DEPTH_MM),
});
