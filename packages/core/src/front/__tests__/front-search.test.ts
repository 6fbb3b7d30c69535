import { mirroredSection } from '../../back';
import { ARCH_SHAPES, CROWN_RADIUS_MM } from '../../saddle';
import { ROOM_TO_MOVE } from '../../schools/room-to-move';
import { STATIC_CLOSE } from '../../schools/static-close';
import { prepareSection } from '../arch-on-section';
import { evenArch, recommendFront } from '../front-search';
import { PADDING, sectionOf, sectionUnderArch, wedge } from './sections';

const MIDDLE_CLEARANCE_MM = 45;

const even = (section: ReturnType<typeof wedge>, shape: (typeof ARCH_SHAPES)[number] = 'round') => {
  const outcome = evenArch(prepareSection(section), shape, 170, PADDING);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
  return outcome.value;
};

describe('the width search', () => {
  it.each([30, 36, 42.5, 45, 50, 56])('a wedge of half-angle %d asks for twice that within 0.2 deg', (half) => {
    expect(Math.abs(even(wedge(half), 'peaked').arch.includedAngleDeg - 2 * half)).toBeLessThan(0.2);
  });

  const arches = ARCH_SHAPES.flatMap((shape) => [76, 84, 92, 100].map((deg) => [shape, deg] as const));
  it.each(arches)('a section drawn from a %s arch of %d deg gives that arch back', (shape, includedAngleDeg) => {
    const arch = { shape, crownRadiusMm: CROWN_RADIUS_MM[shape], includedAngleDeg, pointLengthMm: 170 };
    const body = prepareSection(sectionUnderArch(arch, MIDDLE_CLEARANCE_MM));
    const found = recommendFront(body, STATIC_CLOSE, 170, PADDING);
    expect(found.ok && found.value.target.arch.shape).toBe(shape);
    expect(found.ok && Math.abs(found.value.target.arch.includedAngleDeg - includedAngleDeg) < 0.2).toBe(true);
    expect(found.ok && Math.abs(found.value.target.crownZMm - MIDDLE_CLEARANCE_MM) < 0.3).toBe(true);
  });

  it('a mirrored section swaps near and off and nothing else', () => {
    const uneven = sectionOf([
      ...[180, 120, 60, 20].map((d) => ({ yMm: -0.9 * d, zMm: -d })),
      { yMm: 0, zMm: 0 },
      ...[20, 60, 120, 180].map((d) => ({ yMm: 1.05 * d, zMm: -d })),
    ]);
    const plain = even(uneven);
    const mirrored = even(mirroredSection(uneven));
    expect(mirrored.arch.includedAngleDeg).toBeCloseTo(plain.arch.includedAngleDeg, 6);
    expect(mirrored.crownZMm).toBeCloseTo(plain.crownZMm, 6);
    for (const key of ['topMm', 'tipMm', 'meanMm', 'tipMinusTopMm'] as const) {
      expect(mirrored.near[key]).toBeCloseTo(plain.off[key], 5);
      expect(mirrored.off[key]).toBeCloseTo(plain.near[key], 5);
    }
  });

  it('room to move goes one width over the even arch and says what lifts it again', () => {
    const found = recommendFront(prepareSection(wedge(45)), ROOM_TO_MOVE, 170, PADDING);
    if (!found.ok) throw new Error('refused');
    const { target, even: lying, dropMm, shimMm } = found.value;
    expect(target.arch.includedAngleDeg - lying.laid.arch.includedAngleDeg).toBeCloseTo(5, 6);
    expect(dropMm).toBeCloseTo(lying.laid.crownZMm - target.crownZMm, 9);
    expect(dropMm).toBeGreaterThan(1);
    expect(shimMm).toBeCloseTo(dropMm * Math.sin((target.arch.includedAngleDeg * Math.PI) / 360), 9);
  });

  it('a back as flat as a table is refused with the angle that would be needed', () => {
    const table = sectionOf([-400, -300, -150, -50, 0, 50, 150, 300, 400].map((y) => ({ yMm: y, zMm: -Math.abs(y) * 0.16 })));
    const found = recommendFront(prepareSection(table), STATIC_CLOSE, 170, PADDING);
    expect(!found.ok && found.problems[0]!.code).toBe('ARCH_ANGLE_OUT_OF_RANGE');
  });
});
