import { crownRadiusMm, motionOf, placed, treeDrop, underside, type SitPicture } from '@fulcra/core';
import { BufferAttribute, BufferGeometry, Color, DoubleSide, Group, Mesh, MeshStandardMaterial, Vector3 } from 'three';
import { PRESSURE_COLOURS, pressureStep, pressureSteps } from './pressure-scale';

const place = (xMm: number, yMm: number, zMm: number): Vector3 => new Vector3(xMm, zMm, -yMm);
const LEATHER = '#7A4A2B';
/** The map is drawn this far over the skin, so that it is seen from above as well. */
const OVER_SKIN_MM = 3;
const CORNERS = [
  [0, 0],
  [1, 0],
  [1, 1],
  [0, 1],
] as const;
const ROWS = 40;
const ACROSS = 16;

/**
 * The saddle as it sits, in mm: its tree as an open shell through which the map of pressure on the skin is seen.
 * @param liftedMm how far it still hangs over its rest; 0 once it has settled
 */
export function saddleGroup(picture: SitPicture, heightAt: (xMm: number, yMm: number) => number, liftedMm: number): Group {
  const group = new Group();
  group.add(treeShell(picture, liftedMm));
  if (liftedMm < 1) group.add(pressureOnSkin(picture, heightAt));
  return group;
}

function treeShell({ asked, pose }: SitPicture, liftedMm: number): Mesh {
  const under = underside(asked.saddle, asked.setup);
  const radius = crownRadiusMm(asked.saddle, asked.setup);
  const motion = motionOf(pose);
  const positions: number[] = [];
  const length = asked.saddle.build.frame.lengthMm;
  for (let i = 0; i <= ROWS; i++) {
    const u = (length * i) / ROWS;
    const row = under.rowAt(u);
    const reach = Math.min(under.edgesAt(u).outerMm, 45 + 0.35 * under.edgesAt(u).outerMm);
    for (let j = 0; j <= 2 * ACROSS; j++) {
      const y = (reach * (j - ACROSS)) / ACROSS;
      const drop = treeDrop(row, radius, Math.abs(y));
      const [px, py, pz] = placed(motion, asked.setup.placeMm + u, y, under.roofAt(u) - drop + liftedMm);
      positions.push(...place(px, py, pz).toArray());
    }
  }
  const material = new MeshStandardMaterial({
    color: new Color(LEATHER),
    side: DoubleSide,
    roughness: 0.7,
    transparent: true,
    opacity: 0.86,
  });
  return meshOf(positions, null, ROWS + 1, 2 * ACROSS + 1, material);
}

function pressureOnSkin(picture: SitPicture, heightAt: (xMm: number, yMm: number) => number): Mesh {
  const { countX, countY, stepMm, fromXMm, fromYMm } = picture.grid;
  const steps = pressureSteps(picture.asked.school.engine);
  const positions: number[] = [];
  const colours: number[] = [];
  const index: number[] = [];
  for (let i = 0; i < countX; i++) {
    for (let j = 0; j < countY; j++) {
      const kPa = picture.pressureKPa[i * countY + j]!;
      if (!(kPa > 0)) continue;
      const corners = CORNERS.map(([di, dj]) => {
        const [x, y] = [fromXMm + (i + di) * stepMm, fromYMm + (j + dj) * stepMm];
        return place(x, y, heightAt(x, y) + OVER_SKIN_MM);
      });
      if (corners.some((c) => !Number.isFinite(c.y))) continue;
      const colour = new Color(PRESSURE_COLOURS[pressureStep(kPa, steps)]);
      const start = positions.length / 3;
      for (const corner of corners) {
        positions.push(...corner.toArray());
        colours.push(colour.r, colour.g, colour.b);
      }
      index.push(start, start + 1, start + 2, start, start + 2, start + 3);
    }
  }
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(new Float32Array(positions), 3));
  geometry.setAttribute('color', new BufferAttribute(new Float32Array(colours), 3));
  geometry.setIndex(index);
  geometry.computeVertexNormals();
  return new Mesh(geometry, new MeshStandardMaterial({ vertexColors: true, side: DoubleSide, roughness: 1 }));
}

function meshOf(positions: number[], colours: number[] | null, rows: number, across: number, material: MeshStandardMaterial): Mesh {
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(new Float32Array(positions), 3));
  if (colours !== null) geometry.setAttribute('color', new BufferAttribute(new Float32Array(colours), 3));
  const index: number[] = [];
  for (let i = 0; i + 1 < rows; i++) {
    for (let j = 0; j + 1 < across; j++) {
      const a = i * across + j;
      index.push(a, a + across, a + 1, a + 1, a + across, a + across + 1);
    }
  }
  geometry.setIndex(index);
  geometry.computeVertexNormals();
  return new Mesh(geometry, material);
}
