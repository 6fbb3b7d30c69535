import { type Section } from '../../back/section';
import { type PointYZ, point } from '../../geometry';
import { type FrontArch, archOutline } from '../../saddle/front-arch';
import { type Bounds, type Item, boundsOf, line, words } from './drawing';

/** Every word on a template, given by the interface in its own language. */
export interface TemplateWords {
  readonly title: string;
  /** Horse, date, station, fitter, setting: one line each. */
  readonly lines: readonly string[];
  readonly near: string;
  readonly off: string;
  readonly spine: string;
  readonly arch: string;
  /** Tells to measure the bar before use. */
  readonly proof: string;
  readonly barCaption: string;
  readonly sheetOf: (number: number, count: number) => string;
  readonly joinHere: string;
}

/** The true-to-scale part of a template, spine apex at (0, 0). */
export interface FrontTemplate {
  readonly items: readonly Item[];
  readonly bounds: Bounds;
  readonly words: TemplateWords;
}

/** Consensus section, the arch as it lies on it, spine line, near and off. */
export const frontTemplate = (section: Section, arch: FrontArch | null, crownZMm: number, text: TemplateWords): FrontTemplate =>
  sectionTemplate(section, arch === null ? [] : [{ style: 'arch', points: archOutline(arch, crownZMm) }], text);

/** What of a saddle is drawn over a section, in the section's own frame, mm; the tree first. */
export interface TemplateOutline {
  readonly style: 'arch' | 'panel';
  readonly points: readonly PointYZ[];
}

/** Any section with what lies over it there. */
export function sectionTemplate(section: Section, outlines: readonly TemplateOutline[], text: TemplateWords): FrontTemplate {
  const near = section.points.slice(0, section.apexIndex + 1);
  const off = section.points.slice(section.apexIndex);
  const shapes: Item[] = [line('near', ...near), line('off', ...off), ...outlines.map((o) => line(o.style, ...o.points))];
  const around = boundsOf(shapes);
  return {
    items: [
      ...shapes,
      ...spineLine(around, text),
      ...sideWords(near[0]!, off.at(-1)!, text),
      ...archWords(outlines[0]?.points ?? [], text),
    ],
    bounds: { leftMm: around.leftMm - 4, rightMm: around.rightMm + 4, bottomMm: around.bottomMm - 12, topMm: around.topMm + 10 },
    words: text,
  };
}

const spineLine = (around: Bounds, text: TemplateWords): Item[] => [
  line('axis', point(0, around.bottomMm - 4), point(0, around.topMm + 8)),
  words(point(2, around.bottomMm - 3), text.spine, 3.2),
];

const sideWords = (nearEnd: PointYZ, offEnd: PointYZ, text: TemplateWords): Item[] => [
  words(point(nearEnd.yMm, nearEnd.zMm - 8), text.near, 6, true, 'start'),
  words(point(offEnd.yMm, offEnd.zMm - 8), text.off, 6, true, 'end'),
];

function archWords(archLine: readonly PointYZ[], text: TemplateWords): Item[] {
  const top = archLine[archLine.length >> 1];
  return top === undefined ? [] : [words(point(top.yMm + 3, top.zMm + 4), text.arch, 3.4)];
}
