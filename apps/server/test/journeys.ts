import { DEMO_ACCOUNT } from '@fulcra/demo';
import { v7 } from 'uuid';
import { type Running } from './running-server';
import { type Visitor } from './visitor';

export const HORSE = {
  name: 'Sorrel',
  kind: 'test pony',
  bornYear: 2018,
  heightMm: 1400,
  note: '',
  sex: 'mare',
  riderIds: [],
  ownerId: null,
  payerId: null,
  yardId: null,
  ridesIn: null,
  gone: null,
};
export const TAKE = {
  station: 'front',
  takenAtMm: 50,
  takenAt: '2026-11-20T09:00:00.000Z',
  reading: {
    kind: 'widths',
    widths: [
      { depthMm: 60, nearMm: 70, offMm: 71 },
      { depthMm: 120, nearMm: 130, offMm: 131 },
    ],
  },
};
export const visitOf = (horseId: string) => ({
  horseId,
  startedOn: '2026-11-20',
  schoolId: 'static-close',
  stationMm: 50,
  status: 'open',
  note: '',
  result: null,
});
export const DECISION = {
  decidedAt: '2026-11-20T10:00:00.000Z',
  saddleId: null,
  settingLabel: null,
  shape: 'round',
  includedAngleDeg: 92,
  spanAt100Mm: 238,
  pointLengthMm: 170,
  crownZMm: 46,
  verdict: 'even',
  widthsOff: 0,
  reasons: 'Even over both points.',
  schoolId: 'static-close',
  schoolVersion: 1,
  coreVersion: '0.1.0',
  takenAtMm: 50,
  section: [-100, -50, 0, 50, 100].map((y) => ({ yMm: y, zMm: -Math.abs(y) || 0 })),
};

export async function demoFitter(running: Running): Promise<Visitor> {
  const visitor = running.visitor();
  await visitor.signIn(DEMO_ACCOUNT.email, DEMO_ACCOUNT.password);
  return visitor;
}

/** A horse with one open visit and one take, all made by this visitor. */
export async function startedVisit(visitor: Visitor, takes: readonly object[] = [TAKE]) {
  const ids = { horseId: v7(), visitId: v7(), takeId: v7() };
  await visitor.send('PUT', `/api/horses/${ids.horseId}`, HORSE);
  await visitor.send('PUT', `/api/visits/${ids.visitId}`, visitOf(ids.horseId));
  for (const take of takes) await visitor.send('PUT', `/api/visits/${ids.visitId}/takes/${ids.takeId}`, take);
  return ids;
}

type Spot = { readonly point: string; readonly side: string | null };
const MADE = { hand: 'Isla Venn', source: 'practice', round: 'full', withdrawn: false, fall: null, answers: [] };

/** Something unsafe found on an item. */
export async function tackFound(fitter: Visitor, itemKind: string, itemId: string, spots: readonly Spot[]) {
  const id = v7();
  const found = spots.map((spot) => ({ ...spot, finding: 'unsafe', note: '' }));
  const body = { ...MADE, itemKind, itemId, madeAt: new Date().toISOString(), found, mended: null };
  return { id, body, reply: await fitter.send('PUT', `/api/tack-checks/${id}`, body) };
}

/** A mending that answers one check. */
export async function tackMended(fitter: Visitor, itemKind: string, itemId: string, clears: string, spots: readonly Spot[] = []) {
  const id = v7();
  const found = spots.map((spot) => ({ ...spot, finding: 'sound', note: '' }));
  const mended = { by: 'B. Saddler', what: 'stitched anew', clears: [clears] };
  const body = { ...MADE, itemKind, itemId, madeAt: new Date().toISOString(), found, mended };
  return { id, body, reply: await fitter.send('PUT', `/api/tack-checks/${id}`, body) };
}
