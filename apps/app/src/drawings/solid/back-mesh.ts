import { DRAWINGS_PHRASES } from '../../words/drawings-phrases';
import { type BackSurface, type Landmarks } from '@fulcra/core';
import {
  BufferAttribute,
  BufferGeometry,
  Color,
  DoubleSide,
  Group,
  Line,
  LineBasicMaterial,
  LineDashedMaterial,
  Mesh,
  MeshBasicMaterial,
  MeshStandardMaterial,
  SphereGeometry,
  Vector3,
} from 'three';
import { CSS2DObject } from 'three/examples/jsm/renderers/CSS2DRenderer.js';
import { DRAWING_FONT, type Palette } from '../../ui/tokens';

/** The horse's frame in the viewer's: x toward the tail stays right, up is up, and the near side faces the viewer. */
const place = (xMm: number, yMm: number, zMm: number): Vector3 => new Vector3(xMm, zMm, -yMm);

/** The skin, its stations and its landmarks, in mm. */
export function backGroup(surface: BackSurface, landmarks: Landmarks, palette: Palette): Group {
  const group = new Group();
  group.add(skin(surface, palette));
  for (const mm of surface.stationsMm) group.add(stationLine(surface, rowAt(surface, mm), palette));
  group.add(spineLine(surface, palette));
  for (const mark of landmarkMarks(surface, landmarks, palette)) group.add(mark);
  group.add(...sideNames(surface, palette));
  return group;
}

/** Points of a row from the near edge over the spine to the off edge. */
function rowPoints({ ribbons: { near, off, xMm } }: BackSurface, row: number): Vector3[] {
  const x = xMm[row]!;
  const nearPoints = Array.from({ length: near.count }, (_, j) => place(x, -near.y[row * near.count + j]!, near.z[row * near.count + j]!));
  const offPoints = Array.from({ length: off.count }, (_, j) => place(x, off.y[row * off.count + j]!, off.z[row * off.count + j]!));
  return [...nearPoints.reverse().slice(0, -1), ...offPoints];
}

const rowAt = ({ ribbons: { xMm } }: BackSurface, atMm: number): number =>
  xMm.reduce((best, x, i) => (Math.abs(x - atMm) < Math.abs(xMm[best]! - atMm) ? i : best), 0);

/** A mid tone that takes light and shade in both themes. */
const SKIN = '#c3a982';

function skin(surface: BackSurface, palette: Palette): Mesh {
  const rows = surface.ribbons.xMm.length;
  const points = Array.from({ length: rows }, (_, row) => rowPoints(surface, row));
  const across = points[0]!.length;
  const positions = new Float32Array(rows * across * 3);
  const colours = new Float32Array(rows * across * 3);
  const [sure, unsure] = [new Color(SKIN), new Color(palette.paper)];
  points.forEach((row, i) => {
    const colour = surface.sparse[i] === 1 ? unsure : sure;
    row.forEach((p, j) => {
      p.toArray(positions, (i * across + j) * 3);
      colour.toArray(colours, (i * across + j) * 3);
    });
  });
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(positions, 3));
  geometry.setAttribute('color', new BufferAttribute(colours, 3));
  geometry.setIndex(triangles(rows, across));
  geometry.computeVertexNormals();
  return new Mesh(geometry, new MeshStandardMaterial({ vertexColors: true, side: DoubleSide, roughness: 0.95, metalness: 0 }));
}

function triangles(rows: number, across: number): number[] {
  const index: number[] = [];
  for (let i = 0; i + 1 < rows; i++) {
    for (let j = 0; j + 1 < across; j++) {
      const a = i * across + j;
      index.push(a, a + 1, a + across, a + 1, a + across + 1, a + across);
    }
  }
  return index;
}

const OFF_SKIN_MM = 1.5;
const lifted = (points: readonly Vector3[]): Vector3[] => points.map((p) => p.clone().add(new Vector3(0, OFF_SKIN_MM, 0)));

function stationLine(surface: BackSurface, row: number, palette: Palette): Group {
  const points = lifted(rowPoints(surface, row));
  const middle = (points.length - 1) / 2;
  const near = new Line(new BufferGeometry().setFromPoints(points.slice(0, middle + 1)), new LineBasicMaterial({ color: palette.near }));
  const off = new Line(
    new BufferGeometry().setFromPoints(points.slice(middle)),
    new LineDashedMaterial({ color: palette.off, dashSize: 10, gapSize: 6 }),
  );
  off.computeLineDistances();
  return new Group().add(near, off);
}

function spinePoint({ ribbons: { near, xMm } }: BackSurface, row: number): Vector3 {
  return place(xMm[row]!, 0, near.z[row * near.count]! + OFF_SKIN_MM);
}

function spineLine(surface: BackSurface, palette: Palette): Line {
  const points = surface.ribbons.xMm.map((_, row) => spinePoint(surface, row));
  return new Line(new BufferGeometry().setFromPoints(points), new LineBasicMaterial({ color: palette.ink }));
}

/** How far down the flank a scapula's edge is drawn, as a share of the row. */
const SCAPULA_SHARE = 0.55;

function landmarkMarks(surface: BackSurface, landmarks: Landmarks, palette: Palette): (Mesh | CSS2DObject)[] {
  const [from, to] = [surface.ribbons.xMm[0]!, surface.ribbons.xMm.at(-1)!];
  const inside = (mm: number | null | undefined): mm is number => typeof mm === 'number' && mm >= from && mm <= to;
  const onSpine = (
    [
      ['low', landmarks.places.lowPoint],
      [DRAWINGS_PHRASES.lastRib, landmarks.lastRib.atMm],
      ['groove', landmarks.places.girthGroove],
    ] as const
  ).flatMap(([text, mm]) => {
    if (!inside(mm)) return [];
    const at = spinePoint(surface, rowAt(surface, mm));
    return [ball(at, palette.action), label(text, at.clone().add(new Vector3(0, 26, 0)), palette.ink)];
  });
  const scapulas = (['near', 'off'] as const).flatMap((side) =>
    [landmarks.scapula[side].restMm, landmarks.scapula[side].forwardMm].flatMap((mm) => {
      if (!inside(mm)) return [];
      const row = rowPoints(surface, rowAt(surface, mm));
      const share = side === 'near' ? 0.5 - SCAPULA_SHARE / 2 : 0.5 + SCAPULA_SHARE / 2;
      return [ball(row[Math.round(share * (row.length - 1))]!, palette.leather)];
    }),
  );
  return [...onSpine, ...scapulas];
}

function ball(at: Vector3, colour: string): Mesh {
  const mesh = new Mesh(new SphereGeometry(6, 16, 12), new MeshBasicMaterial({ color: colour }));
  mesh.position.copy(at);
  return mesh;
}

/** A word in the page over the drawing, as sharp as any other text. */
function label(text: string, at: Vector3, colour: string): CSS2DObject {
  const word = document.createElement('span');
  word.textContent = text;
  Object.assign(word.style, { color: colour, font: `700 14px "${DRAWING_FONT}", sans-serif`, whiteSpace: 'nowrap' });
  const object = new CSS2DObject(word);
  object.position.copy(at);
  return object;
}

function sideNames(surface: BackSurface, palette: Palette): CSS2DObject[] {
  const row = rowPoints(surface, Math.floor(surface.ribbons.xMm.length / 2));
  const down = new Vector3(0, -26, 0);
  return [
    label(DRAWINGS_PHRASES.nNear, row[0]!.clone().add(down), palette.near),
    label(DRAWINGS_PHRASES.offO, row.at(-1)!.clone().add(down), palette.off),
  ];
}
