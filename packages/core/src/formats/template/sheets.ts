import { point } from '../../geometry';
import { type Bounds, type Item, line, words } from './drawing';
import { type FrontTemplate } from './front-template';
import { barAcross, barUp } from './scale-bars';

/** Paper, mm, upright. Source: ISO 216 for A4 and A3; letter is 8.5 by 11 inches. */
export const SHEETS = {
  a4: { widthMm: 210, heightMm: 297 },
  a3: { widthMm: 297, heightMm: 420 },
  letter: { widthMm: 215.9, heightMm: 279.4 },
} as const;
export type SheetSize = keyof typeof SHEETS;
export const SHEET_SIZES = Object.keys(SHEETS) as readonly SheetSize[];

/** Printers leave a rim free; sheets overlap so that they can be glued. */
export const MARGIN_MM = 10;
export const OVERLAP_MM = 20;
/** Left strip for the upright bar, bottom block for the level bar and the words. */
const STRIP_MM = 10;
const LINE_STEP_MM = 4.6;
const CROSS_MM = 4;

/** One sheet of paper. Its window of the drawing is clipped; everything else stands as it is. */
export interface Page {
  readonly widthMm: number;
  readonly heightMm: number;
  /** Where the window lies on the paper, mm from the lower left corner. */
  readonly window: Bounds;
  /** Add this to a drawing place to get its paper place. */
  readonly shift: { readonly yMm: number; readonly zMm: number };
  /** True-to-scale items, in drawing coordinates, to be clipped to the window. */
  readonly drawing: readonly Item[];
  /** Bars, words, marks, in paper coordinates. */
  readonly fixed: readonly Item[];
}

interface Plan {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly across: number;
  readonly down: number;
}

/** The template on as few sheets as the paper allows, overlapping, with registration marks in every overlap. */
export function templatePages(template: FrontTemplate, size: SheetSize): Page[] {
  const upright = SHEETS[size];
  const lying = { widthMm: upright.heightMm, heightMm: upright.widthMm };
  const plans = [lying, upright].map((sheet) => plan(template, sheet));
  const best = plans.reduce((a, b) => (b.across * b.down < a.across * a.down ? b : a));
  const pages: Page[] = [];
  for (let row = 0; row < best.down; row++) {
    for (let column = 0; column < best.across; column++) pages.push(page(template, best, row, column));
  }
  return pages;
}

const blockMm = (template: FrontTemplate): number => 14 + LINE_STEP_MM * (template.words.lines.length + 2);

function windowSize(template: FrontTemplate, sheet: { widthMm: number; heightMm: number }) {
  return { widthMm: sheet.widthMm - 2 * MARGIN_MM - STRIP_MM, heightMm: sheet.heightMm - 2 * MARGIN_MM - blockMm(template) };
}

function plan(template: FrontTemplate, sheet: { widthMm: number; heightMm: number }): Plan {
  const { leftMm, rightMm, topMm, bottomMm } = template.bounds;
  const window = windowSize(template, sheet);
  const sheetsFor = (needMm: number, haveMm: number): number =>
    needMm <= haveMm ? 1 : 1 + Math.ceil((needMm - haveMm) / (haveMm - OVERLAP_MM));
  return { ...sheet, across: sheetsFor(rightMm - leftMm, window.widthMm), down: sheetsFor(topMm - bottomMm, window.heightMm) };
}

function page(template: FrontTemplate, plan: Plan, row: number, column: number): Page {
  const size = windowSize(template, plan);
  const window: Bounds = {
    leftMm: MARGIN_MM + STRIP_MM,
    rightMm: plan.widthMm - MARGIN_MM,
    bottomMm: plan.heightMm - MARGIN_MM - size.heightMm,
    topMm: plan.heightMm - MARGIN_MM,
  };
  const whole = { widthMm: covered(plan.across, size.widthMm), heightMm: covered(plan.down, size.heightMm) };
  const middle = {
    yMm: (template.bounds.leftMm + template.bounds.rightMm) / 2,
    zMm: (template.bounds.topMm + template.bounds.bottomMm) / 2,
  };
  const left = middle.yMm - whole.widthMm / 2 + column * (size.widthMm - OVERLAP_MM);
  const top = middle.zMm + whole.heightMm / 2 - row * (size.heightMm - OVERLAP_MM);
  const shift = { yMm: window.leftMm - left, zMm: window.topMm - top };
  return {
    widthMm: plan.widthMm,
    heightMm: plan.heightMm,
    window,
    shift,
    drawing: [
      ...template.items,
      ...registrationMarks(plan, size, left - column * (size.widthMm - OVERLAP_MM), top + row * (size.heightMm - OVERLAP_MM), whole),
    ],
    fixed: fixedItems(template, plan, window, row * plan.across + column),
  };
}

const covered = (count: number, each: number): number => count * each - (count - 1) * OVERLAP_MM;

/** Crosses down the middle of every overlap: both sheets carry the same ones. */
function registrationMarks(
  plan: Plan,
  size: { widthMm: number; heightMm: number },
  left: number,
  top: number,
  whole: { widthMm: number; heightMm: number },
): Item[] {
  const columns = Array.from({ length: plan.across - 1 }, (_, i) => left + (i + 1) * (size.widthMm - OVERLAP_MM) + OVERLAP_MM / 2);
  const rows = Array.from({ length: plan.down - 1 }, (_, i) => top - (i + 1) * (size.heightMm - OVERLAP_MM) - OVERLAP_MM / 2);
  const along = (from: number, length: number): number[] => [0.1, 0.5, 0.9].map((t) => from + t * length);
  return [
    ...columns.flatMap((y) => along(top - whole.heightMm, whole.heightMm).flatMap((z) => cross(y, z))),
    ...rows.flatMap((z) => along(left, whole.widthMm).flatMap((y) => cross(y, z))),
  ];
}

const cross = (y: number, z: number): Item[] => [
  line('mark', point(y - CROSS_MM, z), point(y + CROSS_MM, z)),
  line('mark', point(y, z - CROSS_MM), point(y, z + CROSS_MM)),
];

function fixedItems(template: FrontTemplate, plan: Plan, window: Bounds, index: number): Item[] {
  const { words: text } = template;
  const count = plan.across * plan.down;
  const corner = point(MARGIN_MM + 3, MARGIN_MM + 4);
  const column = MARGIN_MM + STRIP_MM + 108;
  const firstLine = window.bottomMm - 5;
  const frame = [
    point(window.leftMm, window.bottomMm),
    point(window.rightMm, window.bottomMm),
    point(window.rightMm, window.topMm),
    point(window.leftMm, window.topMm),
    point(window.leftMm, window.bottomMm),
  ];
  return [
    line('frame', ...frame),
    ...barAcross(point(MARGIN_MM + STRIP_MM, corner.zMm), text.barCaption),
    ...barUp(point(corner.yMm, window.bottomMm + 8), text.barCaption),
    words(point(MARGIN_MM + STRIP_MM, firstLine), text.title, 5, true),
    words(point(MARGIN_MM + STRIP_MM, firstLine - 6), text.proof, 3.2, true),
    ...(count > 1 ? [words(point(MARGIN_MM + STRIP_MM, firstLine - 11), `${text.sheetOf(index + 1, count)} ${text.joinHere}`, 3.2)] : []),
    ...text.lines.map((t, i) => words(point(column, firstLine - 11 - i * LINE_STEP_MM), t, 3.4)),
  ];
}
