import { archOutline, frontArch, spanAtMm } from '..';

const arch = (deg: number) => {
  const made = frontArch('round', deg, 130);
  if (!made.ok) throw new Error('refused');
  return made.value;
};

describe('a front arch', () => {
  it('spans at 100 mm what its outline spans there', () => {
    const outline = archOutline({ ...arch(90), pointLengthMm: 200 });
    const [a, b] = [outline.at(-2)!, outline.at(-1)!];
    const t = (-100 - a.zMm) / (b.zMm - a.zMm);
    expect(spanAtMm(arch(90))).toBeCloseTo(2 * (a.yMm + t * (b.yMm - a.yMm)), 9);
  });

  it('is the same on both sides', () => {
    const outline = archOutline(arch(84), 20);
    outline.forEach((p, i) => {
      const other = outline.at(-1 - i)!;
      expect(p.yMm).toBeCloseTo(-other.yMm, 12);
      expect(p.zMm).toBeCloseTo(other.zMm, 12);
    });
  });

  it.each([
    [300, 130, 'ARCH_ANGLE_OUT_OF_RANGE'],
    [90, 1300, 'ARCH_LENGTH_OUT_OF_RANGE'],
    [Number.NaN, 130, 'ARCH_ANGLE_OUT_OF_RANGE'],
  ])('refuses %d deg with points of %d mm', (deg, length, code) => {
    const made = frontArch('round', deg, length);
    expect(!made.ok && made.problems[0]!.code).toBe(code);
  });
});
