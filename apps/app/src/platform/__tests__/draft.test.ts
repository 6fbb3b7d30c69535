import { z } from 'zod';
import { NEW_SADDLE } from '../../saddles/saddle-measures';
import { type DraftSpec, readDraft, shapedLike, writtenDraft } from '../draft';

const SPEC: DraftSpec<{ readonly widths: number[] }> = { version: 2, schema: z.object({ widths: z.array(z.number()) }) };

describe('something half entered', () => {
  it('comes back as it was kept', () => {
    expect(readDraft(writtenDraft({ widths: [1, 2] }, SPEC), SPEC)).toEqual({ state: 'kept', value: { widths: [1, 2] } });
    expect(readDraft(null, SPEC)).toEqual({ state: 'none' });
  });

  it('of an earlier release is carried over where it has the same shape: with its version, or bare as it was once kept', () => {
    const kept = { state: 'kept', value: { widths: [3] } };
    expect(readDraft(writtenDraft({ widths: [3] }, { ...SPEC, version: 1 }), SPEC)).toEqual(kept);
    expect(readDraft('{"widths":[3]}', SPEC)).toEqual(kept);
  });

  it.each([
    ['another shape', '{"rows":[1]}'],
    ['a wrong value', '{"draftVersion":2,"value":{"widths":["x"]}}'],
    ['a later release’s', '{"draftVersion":3,"value":{"widths":[1]}}'],
    ['not JSON', '{"widths":'],
    ['nothing', ''],
  ])('%s is set aside as it was, and no crash', (_, text) => {
    expect(readDraft(text, SPEC)).toEqual({ state: 'setAside', text });
  });
});

describe('a schema like an example', () => {
  const schema = shapedLike(NEW_SADDLE);
  it('takes what is half entered, out of range or empty', () => {
    const { frame } = NEW_SADDLE.build;
    const half = { ...NEW_SADDLE, name: '', build: { ...NEW_SADDLE.build, frame: { ...frame, massKg: -4 } } };
    expect(schema.safeParse(half)).toEqual({ success: true, data: half });
  });

  it('takes no other kind of value, and nothing with a part missing', () => {
    expect(schema.safeParse({ ...NEW_SADDLE, front: { ...NEW_SADDLE.front, pointLengthMm: '170' } }).success).toBe(false);
    expect(schema.safeParse({ ...NEW_SADDLE, build: undefined }).success).toBe(false);
    expect(schema.safeParse([]).success).toBe(false);
  });

  it('takes anything where the example has nothing, and lists of what it has one of', () => {
    expect(shapedLike({ a: null, b: [1] }).safeParse({ a: 'x', b: [] }).success).toBe(true);
    expect(shapedLike({ b: [1] }).safeParse({ b: ['x'] }).success).toBe(false);
  });
});
