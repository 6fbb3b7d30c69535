import { type Report } from '@fulcra/contract';
import { type Item, type Page, type PointYZ, archOutline, point } from '@fulcra/core';
import { OWNER_PHRASES } from '../words/owner-phrases';
import { dayWords } from '../words/measure-words';
import { asSection } from '../drawings/as-section';
import { archOfDecision } from '../drawings/decision-shapes';
import { penLines } from '../drawings/horse/paths';
import { formOfReport } from './form-of-report';
import { reportParts } from './report-parts';

/** A4, mm, and how the lines of a report stand on it. */
const PAPER = { widthMm: 210, heightMm: 297, marginMm: 20 } as const;
const TEXT = { title: 7, headline: 5, heading: 4.4, body: 3.8, small: 3.2 } as const;
const LEADING = 1.45;
/** Widest letter of the typeface's usual text as a share of its size: lines are cut by it, so that none runs over the edge. */
const LETTER_SHARE = 0.52;
const DRAWING_MM = { width: 110, height: 55 } as const;

const fromTop = (mm: number): number => PAPER.heightMm - PAPER.marginMm - mm;

/** Words in lines no wider than the paper between its margins. */
export function inLines(text: string, sizeMm: number, widthMm = PAPER.widthMm - 2 * PAPER.marginMm): string[] {
  const most = Math.floor(widthMm / (LETTER_SHARE * sizeMm));
  const lines = [''];
  for (const word of text.split(/\s+/).flatMap((w) => inPieces(w, most))) {
    const longer = `${lines.at(-1)!} ${word}`.trim();
    if (longer.length <= most) lines[lines.length - 1] = longer;
    else lines.push(word);
  }
  return lines;
}
const inPieces = (word: string, most: number): string[] => word.match(new RegExp(`.{1,${most}}`, 'gu')) ?? [];

/** Puts one thing after the other down a page, and on to the next. */
class Writer {
  readonly pages: Item[][] = [[]];
  private downMm = 0;

  /** Begins a new page where so much doesn't fit on this one any more. */
  room(mm: number): void {
    if (this.downMm + mm <= PAPER.heightMm - 2 * PAPER.marginMm) return;
    this.pages.push([]);
    this.downMm = 0;
  }

  text(text: string, sizeMm: number, bold = false): void {
    for (const line of inLines(text, sizeMm)) {
      this.room(sizeMm * LEADING);
      this.downMm += sizeMm * LEADING;
      const at = point(PAPER.marginMm, fromTop(this.downMm));
      this.pages.at(-1)!.push({ kind: 'text', at, sizeMm, bold, anchor: 'start', text: line });
    }
  }

  gap(mm: number): void {
    this.downMm += mm;
  }

  /** Lines in a frame of their own, as large as fits, not true to scale. */
  drawing(lines: readonly { readonly style: 'near' | 'off' | 'arch' | 'axis' | 'bar'; readonly points: readonly PointYZ[] }[]): void {
    this.room(DRAWING_MM.height + 6);
    const all = lines.flatMap((l) => l.points);
    const [left, right] = [Math.min(...all.map((p) => p.yMm)), Math.max(...all.map((p) => p.yMm))];
    const [low, high] = [Math.min(...all.map((p) => p.zMm)), Math.max(...all.map((p) => p.zMm))];
    const scale = Math.min(DRAWING_MM.width / (right - left), DRAWING_MM.height / (high - low));
    const bottom = fromTop(this.downMm + DRAWING_MM.height + 3);
    const put = (p: PointYZ): PointYZ => point(PAPER.marginMm + (p.yMm - left) * scale, bottom + (p.zMm - low) * scale);
    for (const { style, points } of lines) this.pages.at(-1)!.push({ kind: 'line', style, points: points.map(put) });
    this.downMm += DRAWING_MM.height + 6;
  }
}

const halves = (points: readonly { readonly yMm: number; readonly zMm: number }[]) => {
  const { apexIndex } = asSection(points);
  return [
    { style: 'near' as const, points: points.slice(0, apexIndex + 1) },
    { style: 'off' as const, points: points.slice(apexIndex) },
  ];
};

/** The report as pages of paper. */
export function reportPages(report: Report, today: string): Page[] {
  const { headline, parts } = reportParts(report, today);
  const { visit, decision, outlines } = report;
  const writer = new Writer();
  writer.text(report.horse.name, TEXT.title, true);
  if (visit !== null) writer.text(OWNER_PHRASES.byOn(dayWords(visit.on), visit.fitter, report.practiceName), TEXT.small);
  if (visit !== null && visit.replaces !== null) writer.text(OWNER_PHRASES.versionOf(visit.version, dayWords(visit.replaces)), TEXT.small);
  writer.gap(3);
  writer.text(headline, TEXT.headline, true);
  const horse = formOfReport(report);
  if (horse !== null) {
    writer.drawing(penLines(horse.form).map((line) => ({ style: 'bar' as const, points: line.map(([x, y]) => point(x, y)) })));
    writer.text(horse.said, TEXT.small);
  }
  for (const p of parts) {
    writer.gap(4);
    // a heading stays with what it is the heading of
    writer.room(TEXT.heading * LEADING + (p.drawing === null ? TEXT.body * LEADING : DRAWING_MM.height + 6));
    writer.text(p.title, TEXT.heading, true);
    if (p.drawing === 'decided' && decision !== null)
      writer.drawing([...halves(decision.section), { style: 'arch', points: archOutline(archOfDecision(decision), decision.crownZMm) }]);
    if (p.drawing === 'change') writer.drawing([{ style: 'axis', points: outlines[0]!.section }, ...halves(outlines.at(-1)!.section)]);
    for (const l of p.lines) writer.text(l, p.drawing === null ? TEXT.body : TEXT.small);
  }
  writer.gap(6);
  writer.text(OWNER_PHRASES.caution, TEXT.small);
  writer.text(OWNER_PHRASES.whoseWord, TEXT.small);
  return writer.pages.map(asPage);
}

const asPage = (fixed: readonly Item[]): Page => ({
  widthMm: PAPER.widthMm,
  heightMm: PAPER.heightMm,
  window: { leftMm: 0, rightMm: PAPER.widthMm, bottomMm: 0, topMm: PAPER.heightMm },
  shift: point(0, 0),
  drawing: [],
  fixed,
});
