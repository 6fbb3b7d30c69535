import { type Problem, type ProblemCode } from '@fulcra/core';

type Values = Problem['values'];
const mm = (value: number | string | undefined): string => `${Math.round(Number(value) * 10) / 10} mm`;
const side = (values: Values): string => `${String(values.side)} side`;

/** What each refusal says: the value, and what to do. */
const WORDS: Readonly<Record<ProblemCode, (values: Values) => string>> = {
  SECTION_NOT_A_NUMBER: (v) => `Point ${v.index} is not a number. Remove it and tap it again.`,
  SECTION_TOO_FEW_POINTS: (v) => `${v.count} points are too few for a section; it needs ${v.least}, on both sides.`,
  SECTION_TOO_MANY_POINTS: (v) => `${v.count} points are more than a section holds (${v.most}). Thin them out.`,
  SECTION_TOO_SMALL: (v) => `This section is only ${mm(v.spanMm)} wide. Were metres or inches typed as millimetres?`,
  SECTION_TOO_LARGE: (v) => `This section is ${mm(v.spanMm)} across, larger than any horse. Check the unit.`,
  SECTION_ONE_SIDED: (v) => `The ${side(v)} reaches only ${mm(v.reachMm)}; it needs ${mm(v.leastMm)}. Go on with that side.`,
  SECTION_TOO_SHALLOW: (v) => `The tracing ends at ${mm(v.depthMm)}; ${mm(v.neededMm)} are needed. Trace further down.`,
  SECTION_FOLDS: (v) => `The ${side(v)} turns back on itself at ${mm(v.depthMm)}. Check the points there.`,
  WIDTHS_TOO_FEW: (v) => `${v.count} depth${v.count === 1 ? ' is' : 's are'} too few; give at least ${v.least}.`,
  WIDTH_NOT_POSITIVE: (v) => `The ${side(v)} at ${mm(v.depthMm)} has a width of ${mm(v.widthMm)}. Measure it again.`,
  WIDTH_DEPTH_NOT_POSITIVE: (v) => `A depth of ${mm(v.depthMm)} is not below the spine. Depths count down from the spine.`,
  WIDTH_DEPTH_TWICE: (v) => `The depth ${mm(v.depthMm)} stands twice. Change or remove one.`,
  WIDTHS_CROSS: (v) =>
    `On the ${side(v)} the back is ${mm(v.lowerMm)} at ${mm(v.lowerDepthMm)}, narrower than ${mm(v.upperMm)} at ${mm(v.upperDepthMm)}. Check which width belongs to which depth.`,
  WIDTH_OUT_OF_RANGE: (v) => `${mm(v.widthMm)} on the ${side(v)} is wider than any horse (${mm(v.mostMm)}). Check the unit.`,
  ARCH_ANGLE_OUT_OF_RANGE: (v) =>
    `This back would ask for a front beyond ${v.leastDeg}° to ${v.mostDeg}°, which nobody builds. Check the section.`,
  ARCH_LENGTH_OUT_OF_RANGE: (v) => `Points of ${mm(v.lengthMm)} are outside ${mm(v.leastMm)} to ${mm(v.mostMm)}. Check the saddle.`,
  ARCH_DOES_NOT_SETTLE: (v) => `A front of ${Math.round(Number(v.angleDeg))}° finds no rest on this section. Check the section.`,
};

export const problemWords = (problem: Problem): string => WORDS[problem.code](problem.values);
