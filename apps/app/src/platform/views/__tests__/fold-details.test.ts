import { NOTHING_IN_USE } from '@fulcra/core';
import { QueryClient } from '@tanstack/react-query';
import { type HorseHistory, type HorseTracings, type VisitPage, type Write, type WriteOf } from '@fulcra/contract';
import { type FoldContext } from '../fold-context';
import { foldHistory, foldSaddlePhotos, foldTracings } from '../fold-horse';
import { foldVisit, writesOfVisit } from '../fold-visit';
import { knownHorse, knownHorses } from '../known-horse';

const fields = {
  name: 'Marl',
  kind: 'cob',
  bornYear: 2017,
  heightMm: 1500,
  note: '',
  sex: 'unknown' as const,
  riderIds: [],
  ownerId: null,
  payerId: null,
  yardId: null,
  ridesIn: null,
  gone: null,
};
const marl = { id: 'h', ...fields };
const body: WriteOf<'visit'>['body'] = {
  horseId: 'h',
  startedOn: '2026-11-20',
  schoolId: 'static-close',
  stationMm: 50,
  status: 'open',
  note: '',
  result: null,
};
const CONTEXT: FoldContext = { person: 'Isla', horseKnown: (id) => (id === 'h' ? marl : null) };
const horseIs = (more: object, horseId = 'h'): Write => ({ kind: 'horse', horseId, body: { ...fields, ...more } });
const visitIs = (visitId: string, more: Partial<typeof body> = {}): Write => ({ kind: 'visit', visitId, body: { ...body, ...more } });
const decide = (decisionId: string, visitId = 'v'): Write => ({
  kind: 'decision',
  decisionId,
  visitId,
  body: { reasons: decisionId } as never,
});
const takeIs = (takeId: string, visitId = 'v'): Write => ({
  kind: 'take',
  visitId,
  takeId,
  body: { station: 'front', takenAtMm: 50 } as never,
});
const say = (factId: string): Write => ({ kind: 'fact', visitId: 'v', factId, body: { madeAt: 'now', body: { kind: 'cautionsShown' } } });
const photo = (photoId: string): Write => ({ kind: 'photo', visitId: 'v', photoId, body: { bytes: 3 } as never });

describe('a horse’s history', () => {
  const seen = (id: string, startedOn: string, more: object = {}): HorseHistory['visits'][number] => ({
    visit: { id, fitter: 'Rowan', ...body, startedOn },
    decision: null,
    superseded: [],
    ride: { said: null, stands: null, takenBack: [], caveats: [], overruled: null },
    ...more,
  });
  const history: HorseHistory = {
    horse: marl,
    visits: [seen('b', '2026-09-01'), seen('a', '2026-03-01')],
    said: [],
    inUse: NOTHING_IN_USE,
  };
  const fold = (...writes: Write[]) => foldHistory(history, writes, CONTEXT);

  it('follows a change of this horse, and of no other', () => {
    expect(fold(horseIs({ note: 'girthy' })).horse).toEqual({ ...marl, note: 'girthy' });
    expect(fold(horseIs({ note: 'girthy' }, 'other'))).toEqual(history);
  });

  it('takes a new visit in among the others by its day, the newest first, in this person’s name', () => {
    const { visits } = fold(visitIs('c', { startedOn: '2026-06-01' }));
    expect(visits.map((v) => v.visit.id)).toEqual(['b', 'c', 'a']);
    expect(visits[1]).toMatchObject({ visit: { fitter: 'Isla' }, decision: null, superseded: [], ride: { said: null, takenBack: [] } });
    expect(fold(visitIs('d')).visits.map((v) => v.visit.id)).toEqual(['d', 'b', 'a']);
  });

  it('changes a known visit where it stands: who began it stays, and so does what was decided', () => {
    const [changed] = fold(decide('d1', 'b'), visitIs('b', { startedOn: '2026-09-01', note: 'windy' })).visits;
    expect(changed).toMatchObject({ visit: { id: 'b', fitter: 'Rowan', note: 'windy' }, decision: { id: 'd1' } });
    expect(fold(visitIs('b', { startedOn: '2026-09-01' })).visits).toHaveLength(2);
  });

  it('leaves another horse’s visit out', () => expect(fold(visitIs('x', { horseId: 'other' }))).toEqual(history));

  it('what was said of riding stands as it was said; unchanged, what the server knows against it stays', () => {
    const against = {
      said: 'goodToRide',
      stands: 'notGoodToRide',
      takenBack: [{ code: 'SORE_HOLD', findings: 1 }],
      caveats: [],
      overruled: null,
    };
    const known = {
      ...history,
      visits: [seen('b', '2026-09-01', { ride: against, visit: { id: 'b', fitter: 'Rowan', ...body, result: 'goodToRide' } })],
    };
    const same = foldHistory(known, [visitIs('b', { result: 'goodToRide', note: 'x' })], CONTEXT).visits[0]!.ride;
    expect(same).toEqual(against);
    const other = foldHistory(known, [visitIs('b', { result: 'notGoodToRide' })], CONTEXT).visits[0]!.ride;
    expect(other).toEqual({ said: 'notGoodToRide', stands: 'notGoodToRide', takenBack: [], caveats: [], overruled: null });
    const by = { triedId: 't', by: 'Isla', reason: 'seen' };
    const overruled = { ...known, visits: [{ ...known.visits[0]!, ride: { ...against, overruled: by } }] };
    expect(foldHistory(overruled as never, [visitIs('b', { result: null })], CONTEXT).visits[0]!.ride.overruled).toEqual(by);
  });

  it('a decision stands at its visit, and supersedes the one before it', () => {
    const { visits } = fold(decide('d1', 'b'), decide('d2', 'b'));
    expect(visits[0]).toMatchObject({ decision: { id: 'd2', fitter: 'Isla' }, superseded: [{ id: 'd1' }] });
    expect(visits[1]!.decision).toBeNull();
    expect(fold(decide('d1', 'b'), decide('d1', 'b')).visits[0]!.superseded).toEqual([]);
  });

  it('a take is nothing to it', () => expect(fold(takeIs('t1'))).toEqual(history));
});

describe('tracings of one horse', () => {
  const known: HorseTracings = [{ visitId: 'a', startedOn: '2026-03-01', stationMm: 50, takes: [], facts: [] }];
  const fold = (...writes: Write[]) => foldTracings(known, 'h', writes, CONTEXT);

  it('a visit that only waits here is among them once, however often it was changed', () => {
    const all = fold(visitIs('b'), visitIs('b', { note: 'x' }), takeIs('t1', 'b'));
    expect(all.map((t) => t.visitId)).toEqual(['a', 'b']);
    expect(all[1]).toEqual({
      visitId: 'b',
      startedOn: '2026-11-20',
      stationMm: 50,
      takes: [expect.objectContaining({ id: 't1', hand: 'Isla' })],
      facts: [],
    });
    expect(fold(visitIs('a')).map((t) => t.visitId)).toEqual(['a']);
    expect(fold(visitIs('x', { horseId: 'other' }))).toEqual(known);
  });

  it('takes go to their own visit, and are withdrawn there', () => {
    const withdrawn: Write = { kind: 'withdrawal', visitId: 'a', takeId: 't1', body: { withdrawn: true } };
    expect(fold(takeIs('t1', 'a'), withdrawn)[0]!.takes[0]!.withdrawn).toBe(true);
    expect(fold(takeIs('t1', 'elsewhere'))).toEqual(known);
    expect(fold(say('f1'))).toEqual(known);
  });
});

describe('a visit’s page', () => {
  const page: VisitPage = {
    visit: { id: 'v', fitter: 'Rowan', ...body },
    horse: marl,
    takes: [],
    facts: [],
    photos: [],
    earlier: [],
    decision: null,
    superseded: [],
    cameIn: NOTHING_IN_USE,
    feltBefore: [],
  };
  const fold = (...writes: Write[]) => foldVisit(page, writes, CONTEXT)!;

  it('begun here it is empty, in this person’s name; of a horse nobody knows there is none', () => {
    expect(foldVisit(null, [visitIs('v')], CONTEXT)).toEqual({ ...page, visit: { ...page.visit, fitter: 'Isla' } });
    expect(foldVisit(null, [visitIs('v', { horseId: 'other' })], CONTEXT)).toBeNull();
    expect(foldVisit(null, [say('f1')], CONTEXT)).toBeNull();
    expect(foldVisit(null, [horseIs({ note: 'x' })], CONTEXT)).toBeNull();
  });

  it('follows its horse and its own fields, and keeps who began it and what is on it', () => {
    expect(fold(horseIs({ note: 'x' })).horse.note).toBe('x');
    expect(fold(horseIs({ note: 'x' }, 'other'))).toEqual(page);
    const changed = fold(say('f1'), visitIs('v', { note: 'windy' }));
    expect(changed.visit).toMatchObject({ fitter: 'Rowan', note: 'windy' });
    expect(changed.facts).toHaveLength(1);
  });

  it('a take, a fact, a photo are on it once, unwithdrawn, in this person’s hand', () => {
    const full = fold(takeIs('t1'), takeIs('t1'), takeIs('t2'), say('f1'), say('f1'), say('f2'), photo('p1'), photo('p1'), photo('p2'));
    expect(full.takes.map((t) => [t.id, t.withdrawn, t.hand])).toEqual([
      ['t1', false, 'Isla'],
      ['t2', false, 'Isla'],
    ]);
    expect(full.facts.map((f) => [f.id, f.withdrawn, f.hand, f.visitId])).toEqual([
      ['f1', false, 'Isla', 'v'],
      ['f2', false, 'Isla', 'v'],
    ]);
    expect(full.photos.map((p) => [p.id, p.heldBytes, p.hand, p.visitId, p.bytes])).toEqual([
      ['p1', 0, 'Isla', 'v', 3],
      ['p2', 0, 'Isla', 'v', 3],
    ]);
  });

  it('one of them is withdrawn and brought back, the others stay', () => {
    const withdraw = (factId: string, withdrawn: boolean): Write => ({ kind: 'factWithdrawal', visitId: 'v', factId, body: { withdrawn } });
    const gone = fold(say('f1'), say('f2'), withdraw('f1', true));
    expect(gone.facts.map((f) => f.withdrawn)).toEqual([true, false]);
    expect(fold(say('f1'), withdraw('f1', true), withdraw('f1', false)).facts[0]!.withdrawn).toBe(false);
    const take = (takeId: string, withdrawn: boolean): Write => ({ kind: 'withdrawal', visitId: 'v', takeId, body: { withdrawn } });
    expect(fold(takeIs('t1'), takeIs('t2'), take('t2', true)).takes.map((t) => t.withdrawn)).toEqual([false, true]);
  });

  it('what isn’t of a visit changes nothing', () =>
    expect(fold({ kind: 'rider', riderId: 'r', body: { name: 'x' } } as never)).toEqual(page));

  it('is touched by its own writes and by those of horses', () => {
    const writes = [horseIs({}), takeIs('t1'), takeIs('t2', 'w'), { kind: 'rider', riderId: 'r', body: {} } as never];
    expect(writesOfVisit(writes, 'v').map((w) => w.kind)).toEqual(['horse', 'take']);
  });
});

describe('photos of saddles', () => {
  const of = (photoId: string): Write => ({ kind: 'saddlePhoto', saddleId: 's', photoId, body: { bytes: 9 } as never });
  it('are added once, to be sent, in this person’s hand', () => {
    const list = foldSaddlePhotos([], [of('p1'), of('p1'), of('p2'), photo('p3')], CONTEXT);
    expect(list).toEqual([
      { id: 'p1', saddleId: 's', hand: 'Isla', heldBytes: 0, bytes: 9 },
      { id: 'p2', saddleId: 's', hand: 'Isla', heldBytes: 0, bytes: 9 },
    ]);
  });
});

describe('horses this device knows', () => {
  const summary = (id: string, name = id) => ({ horse: { ...marl, id, name }, lastVisitOn: null, openVisitId: null, outline: [] });
  const yard = (key: string, underWay: string[], horses: string[]) =>
    [
      ['horses', key],
      { pages: [{ underWay: underWay.map((h) => summary(h)), horses: horses.map((h) => summary(h)) }], pageParams: [] },
    ] as const;
  const client = (...read: (readonly [readonly string[], unknown])[]) => {
    const queries = new QueryClient();
    for (const [key, data] of read) queries.setQueryData([...key], data);
    return queries;
  };

  it('are each named once, from every page and search that was read', () => {
    const queries = client(yard('all', ['a'], ['a', 'b']), yard('search', [], ['b', 'c']));
    expect(knownHorses(queries).map((s) => s.horse.id)).toEqual(['a', 'b', 'c']);
    expect(knownHorses(client())).toEqual([]);
    expect(knownHorses(client([['horses', 'x'], undefined]))).toEqual([]);
  });

  it('one is known from its own page, else from the yard, with what waits laid over', () => {
    const queries = client(yard('all', [], ['a', 'b']), [['horse', 'b'], { horse: { ...marl, id: 'b', name: 'From its page' } }]);
    expect(knownHorse(queries, [], 'a')!.id).toBe('a');
    expect(knownHorse(queries, [], 'b')!.name).toBe('From its page');
    expect(knownHorse(queries, [horseIs({ name: 'Renamed' }, 'a')], 'a')!.name).toBe('Renamed');
    expect(knownHorse(queries, [horseIs({ name: 'New' }, 'n')], 'n')!.name).toBe('New');
    expect(knownHorse(queries, [horseIs({ name: 'New' }, 'n')], 'nobody')).toBeNull();
  });
});
