import { NOTHING_IN_USE } from '@fulcra/core';
import { type HorseSummary, type Rider, type VisitPage, type Write, type YardPage, NEW_RIDER } from '@fulcra/contract';
import { type FoldContext } from '../fold-context';
import { foldHistory, foldSaddlePhotos, foldTracings } from '../fold-horse';
import { foldRecords } from '../fold-records';
import { foldVisit, writesOfVisit } from '../fold-visit';
import { foldHorses, foldYardPages } from '../fold-yard';

const horse = {
  name: 'Marl',
  kind: 'cross',
  bornYear: 2017,
  heightMm: 1700,
  note: '',
  sex: 'unknown' as const,
  riderIds: [],
  ownerId: null,
  payerId: null,
  yardId: null,
  ridesIn: null,
  gone: null,
};
const addHorse: Write = { kind: 'horse', horseId: 'h', body: horse };
const visit = {
  horseId: 'h',
  startedOn: '2026-11-20',
  schoolId: 'static-close' as const,
  stationMm: 50,
  status: 'open' as const,
  note: '',
  result: null,
};
const startVisit: Write = { kind: 'visit', visitId: 'v', body: visit };
const take: Write = {
  kind: 'take',
  visitId: 'v',
  takeId: 't',
  body: { station: 'front', takenAtMm: 50, takenAt: '2026-11-20T09:00:00.000Z', reading: { kind: 'widths', widths: [] } },
};
const withdraw: Write = { kind: 'withdrawal', visitId: 'v', takeId: 't', body: { withdrawn: true } };
const contextOf = (horses: readonly HorseSummary[]): FoldContext => ({
  person: 'Isla',
  horseKnown: (id) => horses.find((h) => h.horse.id === id)?.horse ?? null,
});
const CONTEXT = contextOf(foldHorses([], [addHorse]));
const page = (writes: readonly Write[], start: VisitPage | null = null, context: FoldContext = CONTEXT) =>
  foldVisit(start, writes, context);

describe('waiting writes laid over what the server said', () => {
  it('a horse added without signal is in the list, and its visit is under way', () => {
    expect(foldHorses([], [addHorse, startVisit])).toEqual([
      { horse: { id: 'h', ...horse }, lastVisitOn: '2026-11-20', openVisitId: 'v', inUse: NOTHING_IN_USE, outline: [] },
    ]);
  });

  it('closing a visit clears it from the list', () => {
    const closed: Write = { ...startVisit, body: { ...visit, status: 'done' } };
    expect(foldHorses([], [addHorse, startVisit, closed])[0]!.openVisitId).toBeNull();
  });

  it('a visit known only from its writes is whole', () => {
    const whole = page([startVisit, take])!;
    expect(whole.horse.name).toBe('Marl');
    expect(whole.visit.fitter).toBe('Isla');
    expect(whole.takes).toHaveLength(1);
  });

  it('folding twice is folding once', () => {
    const once = page([startVisit, take, withdraw]);
    expect(page([startVisit, take, withdraw], once)).toEqual(once);
  });

  it('a withdrawn take stays, marked', () => {
    expect(page([startVisit, take, withdraw])!.takes[0]!.withdrawn).toBe(true);
  });

  it('a visit of an unknown horse is not made up', () => {
    expect(page([startVisit], null, contextOf([]))).toBeNull();
  });

  it('a history gains the visit, newest first', () => {
    const older = { ...visit, startedOn: '2026-01-01' };
    const writes: Write[] = [{ kind: 'visit', visitId: 'o', body: older }, startVisit];
    const history = foldHistory({ horse: { id: 'h', ...horse }, visits: [], said: [], inUse: NOTHING_IN_USE }, writes, CONTEXT);
    expect(history.visits.map((v) => v.visit.id)).toEqual(['v', 'o']);
  });

  it('another visit’s writes are left out', () => {
    expect(writesOfVisit([addHorse, startVisit, take, { kind: 'visit', visitId: 'x', body: visit }], 'v')).toHaveLength(3);
  });
});

describe('photos of a saddle that wait here', () => {
  const body = {
    view: 'under' as const,
    note: '',
    takenAt: '2026-11-20T09:00:00.000Z',
    mediaType: 'image/jpeg' as const,
    bytes: 9,
    sha256: 'a'.repeat(64),
  };
  const write: Write = { kind: 'saddlePhoto', saddleId: 's', photoId: 'p', body };

  it('are shown at once as not yet sent, and once only when the server has them', () => {
    const [photo] = foldSaddlePhotos([], [write, take], CONTEXT);
    expect(photo).toEqual({ id: 'p', saddleId: 's', hand: 'Isla', heldBytes: 0, ...body });
    expect(foldSaddlePhotos([{ ...photo!, heldBytes: 9 }], [write], CONTEXT)).toEqual([{ ...photo, heldBytes: 9 }]);
  });
});

describe('decisions laid over', () => {
  const decide = (decisionId: string, includedAngleDeg: number): Write => ({
    kind: 'decision',
    visitId: 'v',
    decisionId,
    body: {
      includedAngleDeg,
      saddleId: null,
      decidedAt: '2026-11-20T10:00:00.000Z',
      section: Array.from({ length: 90 }, (_, i) => ({ yMm: i - 45, zMm: -Math.abs(i - 45) })),
    } as never,
  });

  it('the later stands, the earlier is kept, and one sent twice is one', () => {
    const whole = page([startVisit, decide('d1', 90), decide('d2', 95), decide('d1', 90)])!;
    expect(whole.decision).toMatchObject({ id: 'd2', includedAngleDeg: 95, fitter: 'Isla' });
    expect(whole.superseded.map((d) => d.id)).toEqual(['d1']);
  });

  it('the yard draws it thinned out', () => {
    expect(foldHorses([], [addHorse, startVisit, decide('d1', 90)])[0]!.outline).toHaveLength(40);
  });
});

describe('pages of the yard', () => {
  const summary = (id: string) => ({
    horse: { id, ...horse, name: id },
    lastVisitOn: null,
    openVisitId: null,
    inUse: NOTHING_IN_USE,
    outline: [],
  });
  const pages: YardPage[] = [
    { underWay: [summary('b')], horses: [summary('a'), summary('b')], next: 2, total: 3 },
    { underWay: [], horses: [summary('c')], next: null, total: 3 },
  ];
  const named = (list: readonly YardPage[]) => list.map((p) => p.horses.map((h) => h.horse.name));

  it('change a horse on its own page, and keep the pages', () => {
    const write: Write = { kind: 'horse', horseId: 'a', body: { ...horse, name: 'A new' } };
    expect(named(foldYardPages(pages, [write]))).toEqual([['A new', 'b'], ['c']]);
  });

  it('add a horse that none of them has to the last, once', () => {
    const folded = foldYardPages(pages, [addHorse]);
    expect(named(folded)).toEqual([
      ['a', 'b'],
      ['c', 'Marl'],
    ]);
    expect(named(foldYardPages(folded, [addHorse]))).toEqual(named(folded));
  });

  it('a visit begun shows on its horse, under way too', () => {
    const visitB: Write = { ...startVisit, body: { ...visit, horseId: 'b' } };
    const [first] = foldYardPages(pages, [visitB]);
    expect([first!.underWay[0]!.openVisitId, first!.horses[1]!.openVisitId]).toEqual(['v', 'v']);
  });
});

describe('records read as a list', () => {
  const rider = (id: string, name: string): Rider => ({ id, ...NEW_RIDER, name });
  const write = (riderId: string, name: string): Write => ({
    kind: 'rider',
    riderId,
    body: { ...NEW_RIDER, name },
  });

  it('are changed in place or added, by name, without what they were changed from', () => {
    const list = [rider('r1', 'Bea'), rider('r2', 'Dan')];
    const changed: Write = { ...write('r2', 'Ada'), body: { ...rider('r2', 'Ada'), was: rider('r2', 'Dan') } } as Write;
    expect(foldRecords('rider', list, [changed, write('r3', 'Cy')])).toEqual([rider('r2', 'Ada'), rider('r1', 'Bea'), rider('r3', 'Cy')]);
    expect(foldRecords('rider', list, [addHorse])).toEqual(list);
  });
});

describe('tracings of a horse', () => {
  it('hold a visit begun here with its takes, and no other horse’s', () => {
    const elsewhere: Write = { kind: 'visit', visitId: 'x', body: { ...visit, horseId: 'other' } };
    const folded = foldTracings([], 'h', [startVisit, elsewhere, take, withdraw], CONTEXT);
    expect(folded.map((t) => t.visitId)).toEqual(['v']);
    expect(folded[0]!.takes).toMatchObject([{ id: 't', withdrawn: true, hand: 'Isla' }]);
  });
});
