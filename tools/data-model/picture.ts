import { type EntitySchema } from 'typeorm';

/** A table as it is drawn: its columns, and the tables that its `..._id` columns lead to. */
interface Table {
  readonly name: string;
  readonly columns: readonly string[];
  readonly leadsTo: readonly string[];
}

/** People by the part they play: each of these columns holds a person's id. */
const PEOPLE: Readonly<Record<string, string>> = { hand: 'person', fitter: 'person' };
const BOX = { width: 190, row: 17, head: 26, gapX: 70, gapY: 26, rim: 20 } as const;

export function tablesOf(entities: readonly EntitySchema<never>[]): Table[] {
  const named = entities.map(({ options }) => ({
    name: options.tableName ?? options.name,
    columns: Object.entries(options.columns).map(([key, column]) => (column as { name?: string } | undefined)?.name ?? key),
  }));
  const known = new Set(named.map((t) => t.name));
  return named.map(({ name, columns }) => {
    const targets = columns.filter((c) => c.endsWith('_id')).map((c) => c.slice(0, -'_id'.length));
    return { name, columns, leadsTo: [...new Set(targets.map((t) => PEOPLE[t] ?? t))].filter((t) => known.has(t) && t !== name) };
  });
}

/** How many steps a table stands from those that lead nowhere: a table stands to the right of all it leads to. */
function depthOf(tables: readonly Table[]): ReadonlyMap<string, number> {
  const byName = new Map(tables.map((t) => [t.name, t]));
  const depths = new Map<string, number>();
  const depth = (name: string): number => {
    const known = depths.get(name);
    if (known !== undefined) return known;
    const made = Math.max(0, ...byName.get(name)!.leadsTo.map((t) => depth(t) + 1));
    depths.set(name, made);
    return made;
  };
  tables.forEach((t) => depth(t.name));
  return depths;
}

interface Placed extends Table {
  readonly x: number;
  readonly y: number;
  readonly height: number;
}

function placed(tables: readonly Table[]): Placed[] {
  const depths = depthOf(tables);
  const below = new Map<number, number>();
  return [...tables]
    .sort((a, b) => depths.get(a.name)! - depths.get(b.name)! || a.name.localeCompare(b.name))
    .map((table) => {
      const column = depths.get(table.name)!;
      const y = below.get(column) ?? BOX.rim;
      const height = BOX.head + BOX.row * table.columns.length + 8;
      below.set(column, y + height + BOX.gapY);
      return { ...table, x: BOX.rim + column * (BOX.width + BOX.gapX), y, height };
    });
}

/** The tables of the database and what leads where, as a picture for people. */
export function dataModelSvg(entities: readonly EntitySchema<never>[]): string {
  const boxes = placed(tablesOf(entities));
  const at = new Map(boxes.map((b) => [b.name, b]));
  const width = Math.max(...boxes.map((b) => b.x + BOX.width)) + BOX.rim;
  const height = Math.max(...boxes.map((b) => b.y + b.height)) + BOX.rim;
  const lines = boxes.flatMap((from) => from.leadsTo.map((to) => line(from, at.get(to)!)));
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}" font-family="sans-serif" font-size="13">`,
    '<!-- Made by npm run data-model from the entities; not written by hand. -->',
    `<rect width="${width}" height="${height}" fill="#FCFAF4"/>`,
    ...lines,
    ...boxes.map(box),
    '</svg>',
    '',
  ].join('\n');
}

/** Almost every table leads to its practice: those lines are drawn faint. */
function line(from: Placed, to: Placed): string {
  const [x1, y1, x2, y2] = [from.x, from.y + BOX.head / 2, to.x + BOX.width, to.y + BOX.head / 2];
  const bend = (x1 - x2) / 2;
  const faint = to.name === 'practice';
  return `<path d="M${x1} ${y1}C${x1 - bend} ${y1} ${x2 + bend} ${y2} ${x2} ${y2}" fill="none" stroke="${faint ? '#D9D0BE' : '#14595A'}" stroke-width="${faint ? 1 : 1.6}"/>`;
}

function box({ name, columns, x, y, height }: Placed): string {
  const rows = columns.map((c, i) => `<text x="${x + 12}" y="${y + BOX.head + 15 + i * BOX.row}" fill="#1F2421">${c}</text>`);
  return [
    `<rect x="${x}" y="${y}" width="${BOX.width}" height="${height}" rx="6" fill="#F4EFE4" stroke="#1F2421"/>`,
    `<text x="${x + 12}" y="${y + 18}" font-weight="bold" fill="#14595A">${name}</text>`,
    ...rows,
  ].join('\n');
}
