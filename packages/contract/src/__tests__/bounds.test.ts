import { DEFAULT_BUILD, UNKNOWN_SEAT } from '@fulcra/core';
import {
  appointmentWriteSchema,
  decisionWriteSchema,
  factBodySchema,
  frameSchema,
  horseWriteSchema,
  newLinkSchema,
  ownerWordBodySchema,
  panelSchema,
  pieceQuerySchema,
  placeSchema,
  riderWriteSchema,
  saddleSchema,
  strapSchema,
  takeWriteSchema,
  yardQuerySchema,
} from '..';
import { LINK_DAYS } from '../owner';
import { MOST_ON_PAGE } from '../pages';
import { MOST_PHOTO_BYTES } from '../photos';

interface Schema {
  safeParse(value: unknown): { readonly success: boolean };
}
type Path = readonly (string | number)[];

/** A copy with another value at one place. */
function withAt(value: unknown, [at, ...rest]: Path, put: unknown): unknown {
  if (at === undefined) return put;
  const copy = (Array.isArray(value) ? [...value] : { ...(value as object) }) as Record<string | number, unknown>;
  copy[at] = withAt(copy[at], rest, put);
  return copy;
}

/** What may be sent at a place: the least and the most themselves, and nothing beyond either. */
const heldTo = (schema: Schema, valid: unknown, path: string, least: number, most: number, step: number): void => {
  const places = path.split('.').map((p) => (/^\d+$/.test(p) ? Number(p) : p));
  const fits = (v: number): boolean => schema.safeParse(withAt(valid, places, v)).success;
  expect([least - step, least, most, most + step].map(fits)).toEqual([false, true, true, false]);
};
/** How many may be sent at a place. */
const counted = (schema: Schema, valid: unknown, path: string, one: unknown, least: number, most: number): void => {
  const fits = (n: number): boolean => schema.safeParse(withAt(valid, path.split('.'), Array(n).fill(one))).success;
  expect([least, most, most + 1].map(fits)).toEqual([true, true, false]);
  if (least > 0) expect(fits(least - 1)).toBe(false);
};

const ID = '019b8b1f-2400-7000-8000-000000000131';
const AT = '2026-11-20T09:00:00.000Z';
const points = Array.from({ length: 5 }, (_, i) => ({ yMm: i, zMm: -i }));

const HORSE = {
  name: 'Marl',
  kind: '',
  bornYear: null,
  heightMm: null,
  note: '',
  sex: 'unknown',
  riderIds: [],
  ownerId: null,
  payerId: null,
  yardId: null,
};
const RIDER = { name: 'Ash', heightMm: 1700, weightKg: 70, note: '' };
const DECISION = {
  ...{ decidedAt: AT, saddleId: null, settingLabel: null, shape: 'round', includedAngleDeg: 90, spanAt100Mm: 200, pointLengthMm: 170 },
  ...{
    crownZMm: 20,
    verdict: 'even',
    widthsOff: 0,
    reasons: '',
    schoolId: 'western',
    schoolVersion: 3,
    coreVersion: '1',
    takenAtMm: 50,
    section: points,
  },
};
const TAKE = { station: 'front', takenAtMm: 50, takenAt: AT, reading: { kind: 'points', points } };
const APPOINTMENT = {
  horseId: ID,
  on: '2026-11-20',
  at: '09:00',
  minutes: 60,
  reason: 'asked',
  fitter: 'Isla',
  state: 'planned',
  note: '',
};
const BARREL = {
  kind: 'barrel',
  circumferenceMm: 1900,
  breadthMm: 500,
  widestBelowMm: 300,
  depthMm: 600,
  traced: [{ belowMm: 0, outMm: 0 }],
};
const BELLY = { kind: 'bellyLift', riseMm: 20, byEye: null, even: null, withersFill: null };
const MARKED = {
  kind: 'sideMarks',
  ...{ photoId: ID, riderId: null },
  marked: {
    ...{ widthPx: 800, heightPx: 600, looks: 'left', points: {}, plumb: { tiltDeg: 0 }, distanceMm: 4000 },
    scale: { from: { x: 0, y: 0 }, to: { x: 100, y: 0 }, mm: 500 },
  },
};
const HOLES = {
  kind: 'leatherHoles',
  ...{ riderId: ID, leatherId: ID, saddleId: null, coreVersion: '1', lines: [{ purpose: 'general', hangMm: 700, near: 5, off: 5 }] },
};
const CLEARED = { kind: 'holdCleared', by: 'Isla', reason: 'seen by a vet', clears: [ID] };
const HOME = { kind: 'home', backLengthMm: 420, girthMm: 1900, weightKg: 500, stood: [], tiltDeg: null, note: '' };
const STRAP = DEFAULT_BUILD.straps[0]!;
const SADDLE = {
  ...{
    id: ID,
    name: 'Breaker',
    maker: 'Own',
    kind: 'english',
    change: 'fixed',
    seat: UNKNOWN_SEAT,
    build: DEFAULT_BUILD,
    whereabouts: '',
    note: '',
  },
  front: {
    ...{ shape: 'round', pointLengthMm: 170, frontPanelDepthMm: 30, frontChannelMm: 70, presentSetting: 0 },
    settings: [{ label: 'M', includedAngleDeg: 90 }],
  },
};

describe('every number that is sent has its bounds', () => {
  it('what these begin with may be sent', () => {
    const all = [
      [horseWriteSchema, HORSE],
      [riderWriteSchema, RIDER],
      [decisionWriteSchema, DECISION],
      [takeWriteSchema, TAKE],
      [appointmentWriteSchema, APPOINTMENT],
      [saddleSchema, SADDLE],
      [ownerWordBodySchema, HOME],
      ...[BARREL, BELLY, MARKED, HOLES, CLEARED].map((body) => [factBodySchema, body] as const),
    ] as const;
    for (const [schema, value] of all) expect([value, schema.safeParse(value).error?.issues ?? []]).toEqual([value, []]);
  });

  it.each([
    ['a horse’s year', horseWriteSchema, HORSE, 'bornYear', 1970, 2100, 1],
    ['a horse’s height', horseWriteSchema, HORSE, 'heightMm', 500, 2200, 0.1],
    ['a rider’s height', riderWriteSchema, RIDER, 'heightMm', 900, 2300, 0.1],
    ['a rider’s weight', riderWriteSchema, RIDER, 'weightKg', 15, 250, 0.1],
    ['a rider’s off leg', riderWriteSchema, RIDER, 'offLegLongerMm', -80, 80, 0.1],
    ['an angle decided', decisionWriteSchema, DECISION, 'includedAngleDeg', 50, 150, 0.1],
    ['a span decided', decisionWriteSchema, DECISION, 'spanAt100Mm', 0, 900, 0.1],
    ['points decided', decisionWriteSchema, DECISION, 'pointLengthMm', 60, 300, 0.1],
    ['where it was decided', decisionWriteSchema, DECISION, 'takenAtMm', 0, 200, 0.1],
    ['where a take was taken', takeWriteSchema, TAKE, 'takenAtMm', -200, 900, 0.1],
    ['minutes of a visit', appointmentWriteSchema, APPOINTMENT, 'minutes', 5, 720, 1],
    ['a girth', factBodySchema, BARREL, 'circumferenceMm', 400, 3500, 0.1],
    ['a barrel’s breadth', factBodySchema, BARREL, 'breadthMm', 100, 1200, 0.1],
    ['its widest place', factBodySchema, BARREL, 'widestBelowMm', 20, 900, 0.1],
    ['its depth', factBodySchema, BARREL, 'depthMm', 100, 1300, 0.1],
    ['a place of its half, down', factBodySchema, BARREL, 'traced.0.belowMm', 0, 1300, 0.1],
    ['a place of its half, out', factBodySchema, BARREL, 'traced.0.outMm', 0, 700, 0.1],
    ['how far a back rises', factBodySchema, BELLY, 'riseMm', 0, 150, 0.1],
    ['a photo’s width', factBodySchema, MARKED, 'marked.widthPx', 1, 20_000, 1],
    ['a photo’s height', factBodySchema, MARKED, 'marked.heightPx', 1, 20_000, 1],
    ['a photo’s tilt', factBodySchema, MARKED, 'marked.plumb.tiltDeg', -90, 90, 0.1],
    ['a scale on it', factBodySchema, MARKED, 'marked.scale.mm', 10, 3000, 0.1],
    ['a mark on it', factBodySchema, MARKED, 'marked.scale.from.x', -20_000, 20_000, 1],
    ['from how far it was taken', factBodySchema, MARKED, 'marked.distanceMm', 500, 60_000, 1],
    ['a hole near', factBodySchema, HOLES, 'lines.0.near', 1, 60, 1],
    ['a hole off', factBodySchema, HOLES, 'lines.0.off', 1, 60, 1],
    ['points of a saddle', saddleSchema, SADDLE, 'front.pointLengthMm', 60, 300, 0.1],
    ['its front panel', saddleSchema, SADDLE, 'front.frontPanelDepthMm', 0, 100, 0.1],
    ['its front channel', saddleSchema, SADDLE, 'front.frontChannelMm', 20, 200, 0.1],
    ['its strap, along', strapSchema, STRAP, 'xMm', -100, 700, 0.1],
    ['its strap, out', strapSchema, STRAP, 'yMm', 0, 300, 0.1],
    ['its strap, down', strapSchema, STRAP, 'belowMm', -50, 400, 0.1],
    ['its head', frameSchema, DEFAULT_BUILD.frame, 'headRiseMm', -20, 100, 0.1],
    ['its points’ rake', frameSchema, DEFAULT_BUILD.frame, 'pointRakeDeg', -30, 45, 0.1],
    ['its panel’s edge', panelSchema, DEFAULT_BUILD.panel, 'bevelMm', 0, 60, 0.1],
    ['its panel ahead', panelSchema, DEFAULT_BUILD.panel, 'aheadMm', -50, 120, 0.1],
    ['its panel cut back', panelSchema, DEFAULT_BUILD.panel, 'cutBackMm', 0, 120, 0.1],
    ['its panel past the tree', panelSchema, DEFAULT_BUILD.panel, 'pastTreeMm', -50, 150, 0.1],
    ['its front turned up', panelSchema, DEFAULT_BUILD.panel, 'frontTurnMm', 0, 60, 0.1],
    ['over how far', panelSchema, DEFAULT_BUILD.panel, 'frontTurnOverMm', 0, 150, 0.1],
    ['its rear turned up', panelSchema, DEFAULT_BUILD.panel, 'rearTurnMm', 0, 80, 0.1],
    ['over how far behind', panelSchema, DEFAULT_BUILD.panel, 'rearTurnOverMm', 0, 200, 0.1],
    ['flock taken out', panelSchema, DEFAULT_BUILD.panel, 'flock.leastMm', -30, 0, 0.1],
    ['flock put in', panelSchema, DEFAULT_BUILD.panel, 'flock.mostMm', 0, 30, 0.1],
    ['flock by steps', panelSchema, DEFAULT_BUILD.panel, 'flock.stepMm', 0, 10, 0.1],
    ['a back measured at home', ownerWordBodySchema, HOME, 'backLengthMm', 100, 1200, 0.1],
    ['a girth measured at home', ownerWordBodySchema, HOME, 'girthMm', 400, 3500, 0.1],
    ['a weight told from home', ownerWordBodySchema, HOME, 'weightKg', 40, 1500, 0.1],
    ['north', placeSchema, { lat: 0, lon: 0 }, 'lat', -90, 90, 0.001],
    ['east', placeSchema, { lat: 0, lon: 0 }, 'lon', -180, 180, 0.001],
    ['days of a link', newLinkSchema, { ownerName: 'Ash', days: 30 }, 'days', LINK_DAYS.least, LINK_DAYS.most, 1],
    ['a page of the yard', yardQuerySchema, {}, 'limit', 1, MOST_ON_PAGE, 1],
    ['where it begins', yardQuerySchema, {}, 'from', 0, 1_000_000, 1],
    ['a piece of a photo', pieceQuerySchema, {}, 'from', 0, MOST_PHOTO_BYTES, 1],
  ] as const)('%s', (_, schema, valid, path, least, most, step) => heldTo(schema, valid, path, least, most, step));

  it.each([
    ['riders of a horse', horseWriteSchema, HORSE, 'riderIds', ID, 0, 20],
    ['points of a section decided', decisionWriteSchema, DECISION, 'section', points[0], 5, 2000],
    ['points of a take', takeWriteSchema, TAKE, 'reading.points', points[0], 0, 2000],
    ['places of a barrel’s half', factBodySchema, BARREL, 'traced', { belowMm: 0, outMm: 0 }, 0, 200],
    ['what a hold’s end clears', factBodySchema, CLEARED, 'clears', ID, 1, 200],
    ['widths of a saddle', saddleSchema, SADDLE, 'front.settings', SADDLE.front.settings[0], 1, 40],
  ] as const)('how many %s', (_, schema, valid, path, one, least, most) => counted(schema, valid, path, one, least, most));
});
