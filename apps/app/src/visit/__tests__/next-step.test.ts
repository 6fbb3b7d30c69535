import { measuredNeeds, stepDone } from '@fulcra/core';
import { type FactBody } from '@fulcra/contract';
import { nextStep } from '../next-step';
import { CORRIE, fact, facts, takes, visited } from './demo-visit';

describe('what the visit proposes', () => {
  it('goes in the order of the work', () => {
    const said: FactBody = { kind: 'complaint', complaint: 'rolls', place: null, side: null, when: [], note: '' };
    const felt: FactBody = { kind: 'feel', spots: [{ place: 'loin', side: 'near' }], pass: 'light', reaction: 'none', signs: [] };
    const shape: FactBody = { kind: 'trait', trait: 'ribs', value: 'round' };
    const steps = [[], [said], [said, felt], [said, felt, shape]].map(
      (bodies) => nextStep(visited({ facts: bodies.map((b, i) => fact(`${i}`, b)) })).path,
    );
    expect(steps).toEqual(['intake', 'feel', 'shape', 'landmarks']);
  });

  it('a step left out is passed over, and can be done later', () => {
    const skipped = visited({ facts: [fact('s', { kind: 'skipped', step: 'intake' })] });
    expect(nextStep(skipped).path).toBe('feel');
    expect(stepDone(skipped, 'intake')).toBe(false);
  });

  it('a closed visit asks for nothing: it offers its papers', () => {
    const { page, measured } = visited({ facts: [] });
    const closed = { measured, page: { ...page, visit: { ...page.visit, status: 'done' as const } } };
    expect(nextStep(closed).path).toBe('report');
    expect(nextStep(closed, { step: 'shape' }).path).toBe('report');
  });

  it('from a step it goes on, not back', () => {
    expect(nextStep(visited(), { step: 'feel' }).path).toBe('shape');
    expect(nextStep(visited(), { step: 'landmarks' }).path).toBe('trace/front');
  });

  it('from station to station until the whole back is there', () => {
    const some = takes.filter((t) => ['front', 'base'].includes(t.station));
    expect(nextStep(visited({ takes: some, facts }), { station: 'base' }).path).toBe('trace/low');
    expect(nextStep(visited({ takes, facts }), { station: 'topline' }).path).toBe('back');
  });
});

describe('a measured visit', () => {
  const { measured } = visited({ takes, facts });

  it('takes stations where their landmarks were felt', () => {
    const { measured: felt } = visited({ facts });
    expect(felt.sections.low.takenAtMm).toBe(CORRIE.back.lowMm);
    expect(felt.sections.lastRib.takenAtMm).toBe(CORRIE.back.lastRibMm);
  });

  it('knows what of the schools’ needs it has', () => {
    const whole = ['frontSection', 'girthGroove', 'lastRib', 'longMuscle', 'lowPoint', 'scapulaAtRest', 'scapulaTravel'];
    expect([...measuredNeeds(measured)].sort()).toEqual([...whole, 'spineLigament', 'topline', 'wholeBack']);
    expect([...measuredNeeds(visited().measured)]).toEqual([]);
  });

  it('finds the weak off side that was built in and forecasts what it does', () => {
    expect(measured.traits.find((t) => t.trait === 'muscle')?.value).toBe('weakOff');
    expect(measured.forecast[0]?.fault).toBe('toOff');
  });
});
