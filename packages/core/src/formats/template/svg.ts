import { type PointYZ, point } from '../../geometry';
import { type InkStyle, type Item } from './drawing';
import { type FrontTemplate } from './front-template';
import { barAcross, barUp } from './scale-bars';
import { words } from './drawing';

/** Strokes on paper, mm; near is solid and off is dashed, so a copy without colour still tells. */
export const INK: Readonly<Record<InkStyle, { readonly colour: string; readonly widthMm: number; readonly dashMm: readonly number[] }>> = {
  near: { colour: '#1F4E96', widthMm: 0.6, dashMm: [] },
  off: { colour: '#9A5207', widthMm: 0.6, dashMm: [5, 2.5] },
  arch: { colour: '#1F2421', widthMm: 0.5, dashMm: [] },
  panel: { colour: '#1F2421', widthMm: 0.3, dashMm: [1.5, 1] },
  axis: { colour: '#1F2421', widthMm: 0.25, dashMm: [1, 2] },
  frame: { colour: '#8A8578', widthMm: 0.15, dashMm: [] },
  bar: { colour: '#1F2421', widthMm: 0.35, dashMm: [] },
  mark: { colour: '#1F2421', widthMm: 0.2, dashMm: [] },
};

const escaped = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');
const n = (mm: number): string => String(Math.round(mm * 1000) / 1000);

const BELOW_MM = 58;
const RIM_MM = 14;

/** The whole template on one sheet of its own size, one SVG unit a millimetre. */
export function templateSvg(template: FrontTemplate): string {
  const { bounds, words: text } = template;
  const left = bounds.leftMm - RIM_MM;
  const width = Math.max(bounds.rightMm - bounds.leftMm, 200) + 2 * RIM_MM;
  const top = bounds.topMm + RIM_MM;
  const height = bounds.topMm - bounds.bottomMm + RIM_MM + BELOW_MM;
  const items = [...template.items, ...caption(template, left + RIM_MM), ...barUp(point(left + 5, bounds.bottomMm), text.barCaption)];
  const body = items.map((item) => itemSvg(item, (p) => point(p.yMm - left, top - p.zMm))).join('\n  ');
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${n(width)}mm" height="${n(height)}mm" viewBox="0 0 ${n(width)} ${n(height)}">`,
    `  <title>${escaped(text.title)}</title>`,
    `  <rect width="100%" height="100%" fill="#fff"/>`,
    `  ${body}`,
    '</svg>',
    '',
  ].join('\n');
}

function caption(template: FrontTemplate, left: number): Item[] {
  const { bounds, words: text } = template;
  const at = (i: number): PointYZ => point(left, bounds.bottomMm - 20 - i * 4.6);
  return [
    ...barAcross(point(left, bounds.bottomMm - 10), text.barCaption),
    words(at(0), text.title, 5, true),
    words(at(1.2), text.proof, 3.2, true),
    ...text.lines.map((t, i) => words(at(i + 2.4), t, 3.4)),
  ];
}

function itemSvg(item: Item, place: (p: PointYZ) => PointYZ): string {
  if (item.kind === 'text') {
    const at = place(item.at);
    const weight = item.bold ? ' font-weight="700"' : '';
    return `<text x="${n(at.yMm)}" y="${n(at.zMm)}" font-family="Atkinson Hyperlegible Next, sans-serif" font-size="${item.sizeMm}"${weight} text-anchor="${item.anchor}">${escaped(item.text)}</text>`;
  }
  const ink = INK[item.style];
  const points = item.points
    .map(place)
    .map((p) => `${n(p.yMm)},${n(p.zMm)}`)
    .join(' ');
  const dash = ink.dashMm.length > 0 ? ` stroke-dasharray="${ink.dashMm.join(' ')}"` : '';
  return `<polyline data-ink="${item.style}" points="${points}" fill="none" stroke="${ink.colour}" stroke-width="${ink.widthMm}" stroke-linejoin="round"${dash}/>`;
}
