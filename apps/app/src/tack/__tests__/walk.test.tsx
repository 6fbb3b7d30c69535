import { DEMO_GIRTHS, DEMO_LEATHERS, DEMO_SADDLES, DEMO_TACK_CHECKS } from '@fulcra/demo';
import { TACK_POINT_IDS, spotsOf } from '@fulcra/core';
import { fireEvent, screen } from '@testing-library/react-native';
import { rendered } from '../../ui/__tests__/rendered';
import { POINT_WORDS } from '../../words/tack-words';
import { personUnit } from '../../words/person-unit';
import { TACK_PHRASES } from '../../words/tack-phrases';
import { girthFormSchema } from '../girth-form';
import { MendForm } from '../mend-form';
import { tackThings } from '../use-tack';
import { WalkBottom } from '../walk-bottom';
import { type WalkDraft, NEW_WALK, findingAt, keptFound, restSound, stopsOf, withFinding, withNote } from '../walk-draft';
import { WalkDrawing, markedSpots } from '../walk-drawing';
import { WalkStopPanel } from '../walk-panels';
import { BOX, placeOf } from '../walk-places';

jest.mock('../../platform/use-views', () => ({ useSaddles: () => ({ data: [] }) }));
jest.mock('../../platform/session-context', () => ({ useSession: () => ({ session: { person: { name: 'Isla' } } }) }));
beforeEach(() => localStorage.clear());

const LEATHER = { kind: 'leather', build: 'english' } as const;
const STOPS = stopsOf(LEATHER, 'full');
const NEAR = { point: 'leatherHoles', side: 'near' } as const;
const OFF = { point: 'leatherHoles', side: 'off' } as const;

describe('a walk', () => {
  it('stops once at every point, with both its sides', () => {
    expect(STOPS[0]).toEqual({ point: 'leatherHoles', spots: [NEAR, OFF] });
    expect(new Set(STOPS.map((s) => s.point)).size).toBe(STOPS.length);
    expect(STOPS.flatMap((s) => s.spots)).toEqual(spotsOf(LEATHER, 'full'));
  });

  it('the last word on a spot counts, its note stays, and the other side is left alone', () => {
    const draft = withNote(withFinding(withFinding(NEW_WALK, NEAR, 'watch'), OFF, 'sound'), NEAR, 'long');
    const changed = withFinding(draft, NEAR, 'unsafe');
    expect(findingAt(changed, NEAR)).toMatchObject({ finding: 'unsafe', note: 'long' });
    expect(findingAt(changed, OFF)).toMatchObject({ finding: 'sound', note: '' });
    expect(changed.found).toHaveLength(2);
  });

  it('the rest is sound by one tap, and nothing that was said is overruled by it', () => {
    const draft = restSound(withFinding(NEW_WALK, OFF, 'unsafe'), STOPS[0]!);
    expect([findingAt(draft, NEAR)!.finding, findingAt(draft, OFF)!.finding]).toEqual(['sound', 'unsafe']);
  });

  it('is kept in the order of the hands, and a sound spot carries no note', () => {
    const draft = withFinding(withNote(withFinding(withFinding(NEW_WALK, OFF, 'watch'), NEAR, 'watch'), NEAR, ' worn '), OFF, 'sound');
    expect(keptFound(draft, STOPS)).toEqual([
      { ...NEAR, finding: 'watch', note: 'worn' },
      { ...OFF, finding: 'sound', note: '' },
    ]);
  });

  it('every point has words, and a place inside the drawing that no other of its item shares', () => {
    for (const point of TACK_POINT_IDS) expect(Object.values(POINT_WORDS[point]).every((w) => w.length > 2)).toBe(true);
    for (const item of [
      LEATHER,
      { kind: 'girth', build: 'english' },
      { kind: 'saddle', build: 'english' },
      { kind: 'saddle', build: 'western' },
    ] as const) {
      const places = spotsOf(item, 'full').map(placeOf);
      for (const { x, y } of places) expect(x > 0 && x < BOX.width && y > 0 && y < BOX.height).toBe(true);
      expect(new Set(places.map((p) => `${p.x} ${p.y}`)).size).toBe(places.length);
    }
  });

  it('near lies left and off lies right of the middle', () => {
    expect(placeOf(NEAR).x + placeOf(OFF).x).toBe(BOX.width);
    expect(placeOf(NEAR).x).toBeLessThan(BOX.width / 2);
  });
});

describe('the walk as it is seen', () => {
  it('a spot says by name what was found there, and goes to its point when tapped', () => {
    const onSpot = jest.fn();
    const spots = markedSpots([NEAR, OFF], [{ ...NEAR, finding: 'unsafe' }]);
    rendered(<WalkDrawing item={LEATHER} spots={spots} widthPx={360} here={null} onSpot={onSpot} />);
    fireEvent.press(screen.getByLabelText('Holes, near: unsafe'));
    expect(onSpot).toHaveBeenCalledWith(expect.objectContaining(NEAR));
    expect(screen.getByLabelText('Holes, off: not looked at')).toBeTruthy();
  });

  it('asks what it is where something isn’t sound, and not where it is', () => {
    const draft = withFinding(NEW_WALK, NEAR, 'watch');
    const keep = jest.fn();
    rendered(<WalkStopPanel stop={STOPS[0]!} at={0} of={9} draft={draft} keep={keep} />);
    expect(screen.getByLabelText('What is it, near?')).toBeTruthy();
    expect(screen.queryByLabelText('What is it, off?')).toBeNull();
    fireEvent.changeText(screen.getByLabelText('What is it, near?'), 'drawn');
    expect(keep).toHaveBeenCalledWith(withNote(draft, NEAR, 'drawn'));
  });

  it.each([
    [NEW_WALK, 'Both sound', 'sound'],
    [withFinding(NEW_WALK, NEAR, 'watch'), 'Sound', 'watch'],
    [restSound(NEW_WALK, STOPS[0]!), 'Next', 'sound'],
  ] as [WalkDraft, string, string][])('one tap goes on: %#', (draft, label, near) => {
    const keep = jest.fn();
    rendered(<WalkBottom stops={STOPS} draft={draft} keep={keep} finish="Keep" onFinish={() => undefined} />);
    fireEvent.press(screen.getByRole('button', { name: label }));
    const next = keep.mock.calls[0]![0] as WalkDraft;
    expect([next.at, findingAt(next, NEAR)!.finding, findingAt(next, OFF)!.finding]).toEqual([1, near, 'sound']);
  });

  it('is kept at its end, not before, and not with nothing found', () => {
    const onFinish = jest.fn();
    const end = { at: STOPS.length, found: [] };
    rendered(<WalkBottom stops={STOPS} draft={end} keep={() => undefined} finish="Keep" onFinish={onFinish} />);
    fireEvent.press(screen.getByRole('button', { name: 'Keep' }));
    expect(onFinish).not.toHaveBeenCalled();
  });
});

describe('a mending', () => {
  it('needs a name and what was done', async () => {
    const onMended = jest.fn(async () => true);
    rendered(<MendForm draft="m" onMended={onMended} />);
    fireEvent.press(screen.getByRole('button', { name: 'It can be ridden in again' }));
    expect(await screen.findByText('▲ A name, so that one can ask.')).toBeTruthy();
    expect(onMended).not.toHaveBeenCalled();
    fireEvent.changeText(screen.getByLabelText('Who mended it'), 'B. Saddler');
    fireEvent.changeText(screen.getByLabelText('What was done'), 'new stitching');
    fireEvent.press(screen.getByRole('button', { name: 'It can be ridden in again' }));
    await screen.findByText('What was done');
    await new Promise((resolve) => setTimeout(resolve, 0));
    expect(onMended).toHaveBeenCalledWith({ by: 'B. Saddler', what: 'new stitching', now: 'sound' });
  });
});

/** Soon after the demo's walks: nothing of them has lapsed. */
const NOW = { today: '2026-09-25' };

describe('everything that is walked round', () => {
  it('stands as it was found: one pair of the demo is held, one cinch is watched, one saddle from the loft is not checked', () => {
    const things = tackThings({ saddles: DEMO_SADDLES, leathers: DEMO_LEATHERS, girths: DEMO_GIRTHS }, DEMO_TACK_CHECKS, NOW);
    const kinds = (kind: string) => things.filter((t) => t.kind === kind).map((t) => t.id);
    expect(kinds('leather')).toEqual(DEMO_LEATHERS.map((l) => l.id));
    expect(kinds('saddle').length + kinds('leather').length + kinds('girth').length).toBe(things.length);
    const state = (name: string) => things.find((t) => t.name === name)!.standing.state;
    expect(things).toHaveLength(DEMO_SADDLES.length + DEMO_LEATHERS.length + DEMO_GIRTHS.length);
    expect(state('Straps from the loft')).toBe('unsafe');
    expect(state('Island cinch')).toBe('watch');
    expect(state('Long oak bark')).toBe('sound');
    expect(state('Pack-ridge stock saddle')).toBe('notChecked');
    expect(things.filter((t) => t.shown === 'unsafe').map((t) => t.name)).toEqual(['Straps from the loft']);
  });

  it('an unsafe pair holds the saddle it hangs on, and no other', () => {
    const leathers = DEMO_LEATHERS.map((l) => (l.name === 'Straps from the loft' ? { ...l, saddleId: DEMO_SADDLES[2]!.id } : l));
    const things = tackThings({ saddles: DEMO_SADDLES, leathers, girths: DEMO_GIRTHS }, DEMO_TACK_CHECKS, NOW);
    const held = things.filter((t) => t.shown === 'unsafe');
    expect(held.map((t) => t.name)).toEqual([DEMO_SADDLES[2]!.name, 'Straps from the loft']);
    expect(held[0]!.standing.state).toBe('sound');
    expect(held[0]!.heldBeside.map((t) => t.name)).toEqual(['Straps from the loft']);
  });
});

describe('the form of a girth', () => {
  const typed = { name: 'Short', length: '700', newOn: '', note: '' };
  it.each([
    ['249', false],
    ['250', true],
    ['1800', true],
    ['1801', false],
    ['', true],
    ['70,5', false],
    ['700,5', true],
    ['long', false],
  ])('a length of "%s"', (length, reads) => expect(girthFormSchema.safeParse({ ...typed, length }).success).toBe(reads));
  it('in the unit its label names', () => {
    personUnit.set('in');
    expect(girthFormSchema.parse({ ...typed, length: '27.5' })).toMatchObject({ lengthMm: 698.5 });
    const refused = girthFormSchema.safeParse({ ...typed, length: '700' }).error!.issues[0]!;
    expect(refused.message).toBe('A number from 9.84 to 70.87, or nothing.');
    expect([TACK_PHRASES.lengthIn, TACK_PHRASES.length(698.5)]).toEqual(['Length from end to end, in', '27.5 in']);
    personUnit.set('mm');
  });
  it('a day is one or nothing, a name is needed', () => {
    expect(girthFormSchema.safeParse({ ...typed, newOn: '2026-02-30' }).success).toBe(false);
    expect(girthFormSchema.safeParse({ ...typed, name: ' ' }).success).toBe(false);
    expect(girthFormSchema.parse(typed)).toEqual({ name: 'Short', lengthMm: 700, newOn: null, note: '' });
  });
});
