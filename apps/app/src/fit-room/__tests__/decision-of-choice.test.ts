import {
  type TriedOnVisit,
  NOTHING_ADDED,
  archOfSetting,
  bodyInputOf,
  describedOf,
  neutralWidth,
  presentSetup,
  schoolById,
  sinkOfSetting,
} from '@fulcra/core';
import { DEMO_SADDLES } from '@fulcra/demo';
import { facts, takes, visited } from '../../visit/__tests__/demo-visit';
import { decisionOfChoice } from '../model/decision-of-choice';

const visit = visited({ takes, facts });
const saddle = DEMO_SADDLES.find((s) => s.name === 'Breaker')!;
const triedAt = (width: number, missed: TriedOnVisit['missed'] = []): TriedOnVisit => ({
  id: 'tried',
  hand: 'Isla',
  saddleId: saddle.id,
  saddleName: saddle.name,
  widthLabel: saddle.front.settings[width]!.label,
  setup: { ...presentSetup(describedOf(saddle), 55), width, shims: NOTHING_ADDED },
  rider: null,
  pose: 'resting',
  schoolId: 'static-close',
  schoolVersion: 3,
  coreVersion: '1',
  score: 71.6,
  missed,
  thumb: { rows: 1, columns: 1, kPa: [0] },
});

describe('what a chosen setting decides', () => {
  it.each(saddle.front.settings.map((s, i) => [s.label, i] as const))(
    '“%s”: the arch of that setting, made of what was tried',
    (label, width) => {
      const decision = decisionOfChoice(visit, saddle, triedAt(width))!;
      const arch = archOfSetting(saddle.front, saddle.front.settings[width]!);
      expect(decision).toMatchObject({
        triedId: 'tried',
        saddleId: saddle.id,
        settingLabel: label,
        shape: arch.shape,
        ...neutralWidth(arch),
      });
      expect(decision.section.length).toBeGreaterThan(20);
      expect(decision.reasons).toContain('Chosen with a score of 72');
    },
  );

  it('its front is judged by the room that this setting has once it has settled, not by a school’s default', () => {
    const school = schoolById('static-close');
    const { least, most } = school.rules.withersOver;
    const input = bodyInputOf(visit.measured, visit.page.facts);
    const said = saddle.front.settings.map((_, width) => {
      const { setup, rider } = triedAt(width);
      const sink = sinkOfSetting(input, school, { saddle: describedOf(saddle), setup, rider })!;
      const { verdict, crownZMm } = decisionOfChoice(visit, saddle, triedAt(width))!;
      return { verdict, loadedMm: crownZMm - sink.mm, byDefaultMm: crownZMm - school.front.sinkMm };
    });
    for (const { verdict, loadedMm } of said.filter((d) => !['narrow', 'wide', 'sidesDiffer'].includes(d.verdict)))
      expect(verdict).toBe(loadedMm > most! ? 'withersHigh' : loadedMm < least ? 'withersLow' : 'even');
    // the default would have told other rooms
    expect(said.some((d) => Math.abs(d.loadedMm - d.byDefaultMm) > 3)).toBe(true);
  });

  it('a refused one says for what', () =>
    expect(decisionOfChoice(visit, saddle, triedAt(0, [{ id: 'roll', value: 7, stops: true, half: 1 }]))!.reasons).toMatch(/refused for/));

  it('without a front there is none to decide', () => expect(decisionOfChoice(visited(), saddle, triedAt(0))).toBeNull());
});
