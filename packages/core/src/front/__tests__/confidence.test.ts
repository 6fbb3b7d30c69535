import { seededRandom } from '../../random';
import { type Take } from '../../back';
import { schoolById } from '../../schools';
import { confidence, takesSpread } from '../confidence';
import { frontFit } from '../front-fit';
import { wedge } from './sections';

const sure = (takes: readonly Take[], seed = 7) =>
  confidence(wedge(45), takesSpread(takes), 200, seededRandom(seed), (s) => (s.points.at(-1)!.yMm > 219 ? 'wide' : 'narrow'));

describe('how sure an answer is', () => {
  it('is the same for the same seed', () => {
    expect(sure([])).toEqual(sure([]));
  });

  it('says when the spread was assumed for want of takes', () => {
    expect(sure([]).assumedSpread).toBe(true);
    expect(
      sure([
        { id: 'a', section: wedge(45) },
        { id: 'b', section: wedge(45.5) },
      ]).assumedSpread,
    ).toBe(false);
  });

  it('takes that lie together make it surer than takes that lie apart', () => {
    const angles = (halves: readonly number[]) => {
      const takes = halves.map((h, i) => ({ id: String(i), section: wedge(h) }));
      const fit = frontFit({
        section: wedge(45),
        takes,
        school: schoolById('static-close'),
        takenAtMm: 50,
        measured: new Set(['frontSection']),
        random: seededRandom(3),
      });
      if (!fit.ok) throw new Error('refused');
      return fit.value.angleRangeDeg[1] - fit.value.angleRangeDeg[0];
    };
    expect(angles([45, 45.1, 44.9])).toBeLessThan(angles([45, 46.5, 43.5]));
  });

  it('counts every redraw once', () => {
    expect(sure([]).wins.reduce((n, w) => n + w.count, 0)).toBe(200);
  });
});
