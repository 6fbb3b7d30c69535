import { type HorseSummary, type Session, type VisitPage } from '@fulcra/contract';
import { foldHistory, foldHorses, foldSaddlePhotos, foldVisit, writesOfVisit } from '../fold';
import { type Write } from '../write';

const session: Session = { person: { id: 'p', name: 'Isla' }, practice: { id: 'r', name: 'Room' }, csrfToken: 't' };
const horse = { name: 'Marl', kind: 'cross', bornYear: 2017, heightMm: 1700, note: '', sex: 'unknown' as const, riderIds: [] };
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
const page = (writes: readonly Write[], start: VisitPage | null = null, horses: readonly HorseSummary[] = foldHorses([], [addHorse])) =>
  foldVisit(start, writes, session, horses);

describe('waiting writes laid over what the server said', () => {
  it('a horse added without signal is in the list, and its visit is under way', () => {
    expect(foldHorses([], [addHorse, startVisit])).toEqual([
      { horse: { id: 'h', ...horse }, lastVisitOn: '2026-11-20', openVisitId: 'v', outline: [] },
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
    expect(page([startVisit], null, [])).toBeNull();
  });

  it('a history gains the visit, newest first', () => {
    const older = { ...visit, startedOn: '2026-01-01' };
    const writes: Write[] = [{ kind: 'visit', visitId: 'o', body: older }, startVisit];
    const history = foldHistory({ horse: { id: 'h', ...horse }, visits: [], said: [] }, writes, session);
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
    const [photo] = foldSaddlePhotos([], [write, take], 'Isla');
    expect(photo).toEqual({ id: 'p', saddleId: 's', hand: 'Isla', heldBytes: 0, ...body });
    expect(foldSaddlePhotos([{ ...photo!, heldBytes: 9 }], [write], 'Isla')).toEqual([{ ...photo, heldBytes: 9 }]);
  });
});
