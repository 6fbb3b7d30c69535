import { CRITERION_IDS, schoolById } from '../../schools';
import { frontDeviationMm, judgeSitting, laidFront, valueOf } from '..';
import { type Ridden, type StrideTold } from '../../sit';
import { type InputChange, STATIC, madeInput, pose } from './made-input';

const value = (id: (typeof CRITERION_IDS)[number], change: InputChange = {}) => valueOf(id, madeInput(change), STATIC);

/** Told of strides: only what is judged. */
const stride = (creepMm: number | null, ratio: number, overMm: number) =>
  ({ creepMm, peak: { ratio }, leastOverWithersMm: { mm: overMm } }) as unknown as StrideTold;
const RIDDEN: Ridden = {
  push: { rollNmPerDeg: 9, yawNmPerDeg: 17, letsGoNm: 55 },
  rollShapeNmPerDeg: 3.5,
  strides: {
    walk: stride(0.1, 1.7, 24),
    trotSitting: stride(null, 1.5, 22),
    canterNear: stride(0.4, 2.9, 14),
    canterOff: stride(0.9, 2.8, 15),
  },
};

describe('the number each criterion turns on', () => {
  it.each([
    ['sits', {}, 1],
    ['sits', { settled: { ...pose(0), state: 'unloaded' } }, 0],
    ['withersOver', {}, 45],
    ['withersOver', { withers: { overMm: null } }, null],
    ['withersBeside', {}, 29],
    ['withersBeside', { withers: { besideMm: { near: 25, off: 29 } } }, 25],
    ['withersBeside', { withers: { besideMm: { near: null, off: 29 } } }, 29],
    ['withersBeside', { withers: { besideMm: { near: null, off: null } } }, null],
    ['pointBehindScapula', {}, 52],
    ['panelBehindScapula', {}, 33],
    ['barBehindForward', {}, 121],
    ['channelWidth', {}, 66],
    ['ligamentClear', {}, 7],
    ['ligamentClear', { places: { channelSpareMm: null } }, null],
    ['treeBeforeRib', {}, 41],
    ['panelBeforeRib', {}, 18],
    ['frontEven', { tips: { near: 3, off: 5 } }, 4],
    ['frontEven', { tips: null }, null],
    ['middleShare', {}, 0.34],
    ['bridgeGap', {}, 1],
    ['seatLevel', { settled: pose(-1.5, 2) }, -1.5],
    ['roll', { settled: pose(-1.5, 2) }, 2],
    ['nearShare', { measures: { near: 0.47, off: 0.53 } }, 0.47],
    ['edgeShare', {}, 0.22],
    ['edgeShare', { shape: { outerShare: { near: 0.2, off: 0.31 } } }, 0.31],
    ['edgeShare', { shape: { outerShare: { near: 0.41, off: 0.31 } } }, 0.41],
    ['edgeShare', { shape: { innerShare: { near: 0.1, off: 0.52 } } }, 0.52],
    ['loadOnMuscle', {}, 0.7],
    ['seatOverLow', {}, 9],
    ['loadOnArea', {}, 8],
    ['loadOnArea', { gait: 'trot' }, null],
    ['peakRatio', {}, 1.4],
    ['peakRatio', { measures: { peakKPa: 23 } }, 2.3],
    ['peakRatio', { settled: { ...pose(0), state: 'doesNotSit' } }, null],
    ['rollShape', { ridden: RIDDEN }, 3.5],
    ['rollPush', { ridden: RIDDEN }, 9],
    ['rollLetsGo', { ridden: RIDDEN }, 55],
    ['rollLetsGo', { ridden: { ...RIDDEN, push: { ...RIDDEN.push!, letsGoNm: null } } }, STATIC.engine.pushes.mostNm],
    ['rollLetsGo', { ridden: { ...RIDDEN, push: null } }, null],
    ['yawPush', { ridden: RIDDEN }, 17],
    ['creepWalk', { ridden: RIDDEN }, 0.1],
    ['creepTrot', { ridden: RIDDEN }, 20],
    ['creepCanter', { ridden: RIDDEN }, 0.9],
    ['creepCanter', { ridden: { ...RIDDEN, strides: {} } }, null],
    ['peakRatioRidden', { ridden: RIDDEN }, 1.7],
    ['withersRidden', { ridden: RIDDEN }, 14],
    ['withersRidden', {}, null],
    ['driftAlong', { drift: { along: -0.3, across: 0.2 } }, -0.3],
    ['driftAlong', { drift: { along: -0.3 }, grooveMm: null }, null],
    ['driftAcross', { drift: { along: -0.3, across: 0.2 } }, 0.2],
    ['driftAcross', { drift: { across: 0.2 }, grooveMm: null }, 0.2],
    // 30 down and 4 ahead, 10 down and 14 back: together 40 down and 10 back
    [
      'strapLean',
      {
        pulls: [
          { downN: 30, alongN: -4 },
          { downN: 10, alongN: 14 },
        ],
      },
      -14.036243467926479,
    ],
    ['strapLean', { pulls: [{ leanDeg: -9 }, { leanDeg: 9 }] }, 0],
    ['strapLean', { pulls: [] }, null],
    ['strapLean', { pulls: [{ leanDeg: 4 }], grooveMm: null }, null],
    ['pointStrapUsed', { straps: ['second', 'third'] as never }, 0],
    ['pointStrapUsed', { straps: ['point', 'third'] as never }, 1],
    ['padThickness', { padMm: 11 }, 11],
  ] as const)('%s of %j is %s', (id, change, wanted) => {
    const read = value(id, change as InputChange);
    if (wanted === null) expect(read).toBeNull();
    else expect(read).toBeCloseTo(wanted, 9);
  });

  it('no criterion is forgotten here', () => {
    const verdict = judgeSitting(madeInput({ pulls: [{ leanDeg: 4 }], ridden: RIDDEN }), STATIC);
    expect(verdict.rows.filter((r) => r.value === null)).toEqual([]);
    expect(judgeSitting(madeInput({ pulls: [{ leanDeg: 4 }] }), STATIC).score).toBe(100);
    expect(verdict.worst.map((r) => r.id)).toEqual(['creepTrot', 'withersRidden', 'creepCanter', 'peakRatioRidden']);
    expect([verdict.stops, verdict.chains]).toEqual([[], []]);
  });

  it('the front is held against what its school wants there: one width over, in room to move', () => {
    const { laid } = madeInput({ tips: { near: 3, off: 5 } });
    const over = frontDeviationMm(laid, schoolById('room-to-move'))!;
    expect(over).toBeLessThan(4 - 1);
    expect(frontDeviationMm(laid, STATIC)).toBe(4);
  });

  it('there is no front to lay where none was traced, the width isn’t one of the saddle’s, or it can’t come to rest', () => {
    const { body, saddle, setup } = madeInput();
    expect(laidFront(body, saddle, setup)).not.toBeNull();
    expect(laidFront({ ...body, front: null }, saddle, setup)).toBeNull();
    expect(laidFront(body, saddle, { ...setup, width: saddle.front.settings.length })).toBeNull();
    expect(laidFront(body, saddle, { ...setup, frontDepthMm: 900 })).toBeNull();
  });

  it('the front lies on half the channel’s width each side, on the panel and the pad', () => {
    const { body, saddle, setup } = madeInput();
    const laid = laidFront(body, saddle, { ...setup, frontDepthMm: 22, pad: { ...setup.pad, thicknessMm: 7 } })!;
    expect(laid.padding).toMatchObject({ panelDepthMm: 22, padMm: 7, panelFromSpineMm: saddle.front.frontChannelMm / 2 });
  });
});
