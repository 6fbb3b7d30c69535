import { type Problem, problem } from '../../problems';
import { type CellsHeld, type ContactProblem, type TreeGives } from './contact-problem';

type ListId = keyof CellsHeld;

const LISTS: readonly ListId[] = [
  'x',
  'y',
  'z',
  'normalX',
  'normalY',
  'normalZ',
  'squeezeMm',
  'areaMm2',
  'stiffnessKPaPerMm',
  'friction',
  'squeezeBeforeMm',
  'shearX',
  'shearY',
  'shearZ',
  'movedX',
  'movedY',
  'movedZ',
];
/** Nothing about a saddle is larger: beyond it sums lose what they add up (mm, mm2, kPa per mm, N). */
const LARGEST = 1e7;
const fits = (v: number): boolean => Math.abs(v) <= LARGEST;
/** A normal may be off a unit by this much. */
const UNIT_WITHIN = 1e-6;

const out = (what: string, index: number, value: number): Problem => problem('CONTACT_OUT_OF_RANGE', { what, index, value });

function treeFaults(tree: TreeGives | null, cells: number, loads: number): Problem[] {
  if (tree === null) return [];
  const list = (id: 'bendZ' | 'openY' | 'openZ' | 'loadBendZ', wanted: number): Problem[] => {
    if (tree[id].length !== wanted) return [problem('CONTACT_LISTS_DIFFER', { list: id, count: tree[id].length, wanted })];
    for (let i = 0; i < wanted; i++) if (!fits(tree[id][i]!)) return [out(id, i, tree[id][i]!)];
    return [];
  };
  return [
    ...(['bendNmPerDeg', 'openNmPerDeg'] as const).flatMap((id) => (tree[id] > 0 && fits(tree[id]) ? [] : [out(id, 0, tree[id])])),
    ...(['bent', 'opened'] as const).flatMap((id) => (fits(tree[id]) ? [] : [out(id, 0, tree[id])])),
    ...(['bendZ', 'openY', 'openZ'] as const).flatMap((id) => list(id, cells)),
    ...list('loadBendZ', loads),
  ];
}

/** What is wrong with a contact problem someone posed: the first fault of each list, and of what all cells share. */
export function contactFaults({ cells, law, loads, tree }: ContactProblem): Problem[] {
  const wanted = cells.x.length;
  const different = LISTS.flatMap((list) => {
    const count = cells[list]?.length ?? wanted;
    return count === wanted ? [] : [problem('CONTACT_LISTS_DIFFER', { list, count, wanted })];
  });
  if (different.length > 0) return different;
  const first = (what: string, of: (i: number) => number, can: (v: number) => boolean) => {
    for (let i = 0; i < wanted; i++) if (!can(of(i))) return [out(what, i, of(i))];
    return [];
  };
  const length = (i: number): number => Math.hypot(cells.normalX[i]!, cells.normalY[i]!, cells.normalZ[i]!);
  const forces = loads.flatMap((load, i) => Object.values(load).flatMap((v: number) => (fits(v) ? [] : [out('load', i, v)])));
  const down = -loads.reduce((s, l) => s + l.forceZ, 0);
  return [
    ...LISTS.flatMap((list) => (cells[list] === undefined ? [] : first(list, (i) => cells[list]![i]!, fits))),
    ...first('normal', length, (v) => Math.abs(v - 1) < UNIT_WITHIN),
    ...first(
      'areaMm2',
      (i) => cells.areaMm2[i]!,
      (v) => v > 0,
    ),
    ...first(
      'stiffnessKPaPerMm',
      (i) => cells.stiffnessKPaPerMm[i]!,
      (v) => v > 0,
    ),
    ...(cells.friction === undefined
      ? []
      : first(
          'friction',
          (i) => cells.friction![i]!,
          (v) => v >= 0,
        )),
    ...(law.friction >= 0 && fits(law.friction) ? [] : [out('friction', 0, law.friction)]),
    ...(law.shearShare >= 0 && fits(law.shearShare) ? [] : [out('shearShare', 0, law.shearShare)]),
    ...(law.hardeningMm > 0 ? [] : [out('hardeningMm', 0, law.hardeningMm)]),
    ...treeFaults(tree ?? null, wanted, loads.length),
    ...forces,
    ...(forces.length === 0 && !(down > 0) ? [out('weight', 0, down)] : []),
  ];
}
