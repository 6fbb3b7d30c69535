import { readFileSync } from 'node:fs';
import fontkit from '@pdf-lib/fontkit';
import { type Report } from '@fulcra/contract';
import { describedOf, presentSetup } from '@fulcra/core';
import { demoScenario } from '@fulcra/demo';
import { fireEvent, screen } from '@testing-library/react-native';
import { rendered } from '../../ui/__tests__/rendered';
import { ownerWordWords, reportHeadline } from '../../words/report-words';
import { qrPath } from '../qr-code';
import { inLines, reportPages } from '../report-pages';
import { reportParts } from '../report-parts';
import { ReportView } from '../report-view';
import { watchProposals } from '../../words/watch-words';

const visits = demoScenario().visits.filter((v) => v.decision !== null);
const { decision } = visits[0]!;
const RIDE = { said: 'goodToRide', stands: 'goodToRide', takenBack: [], caveats: [], overruled: null } as const;
const id = '019b8b1f-2400-7000-8000-000000000001';
const REPORT: Report = {
  practiceName: 'Room',
  horse: { id, name: 'Marl', kind: 'cob', gone: null },
  visit: {
    id,
    on: '2026-09-18',
    fitter: 'Isla',
    ride: RIDE,
    said: 'We took 6 mm out.',
    watchFor: 'Dry patches\nCreeping forward',
    held: false,
    complaints: [],
    version: 1,
    replaces: null,
  },
  form: { heightMm: 1480, traits: [{ trait: 'withers', value: 'high' }], topline: null },
  decision: { ...decision!, id, visitId: id, fitter: 'Isla', order: 1 },
  saddle: { name: 'Breaker', maker: 'Own', since: '2026-09-18', decidedHere: true },
  chosen: null,
  holes: [],
  outlines: [visits[0]!, visits[1]!].map((v, i) => ({ on: `2026-0${i + 4}-01`, section: v.decision!.section })),
  tack: [
    {
      id,
      kind: 'leather',
      name: 'Long',
      build: 'english',
      elastic: false,
      state: 'unsafe',
      holds: [{ point: 'iron', side: 'off', finding: 'unsafe', note: '' }],
      fell: false,
      lastLookOn: null,
      lastsTo: null,
    },
    {
      id,
      kind: 'saddle',
      name: 'Breaker',
      build: 'english',
      elastic: false,
      state: 'sound',
      holds: [],
      fell: false,
      lastLookOn: '2026-09-18',
      lastsTo: '2026-10-19',
    },
  ],
  due: null,
};
const SETUP = presentSetup(describedOf(demoScenario().saddles[0]!), 50);
const DUE = {
  horseId: id,
  horseName: 'Marl',
  yardId: null,
  lastVisitOn: '2026-09-18',
  on: '2026-12-01',
  reason: 'treeForecast',
  atOnce: false,
  others: [],
  schoolKnown: true,
  lapsed: [],
};
const FONT = require.resolve('@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf');
const titles = (report: Report) => reportParts(report, '2026-10-01').parts.map((p) => p.title);
const linesOf = (report: Report, title: string) => reportParts(report, '2026-10-01').parts.find((p) => p.title === title)!.lines;

describe('a report', () => {
  it('says first whether the horse may be ridden', () => {
    const SOUND = { ...REPORT, tack: REPORT.tack.slice(1) };
    expect(reportHeadline(SOUND)).toMatch(/^Good to ride\./);
    expect(reportHeadline(REPORT)).toBe('Not good to ride in Long: held until it is mended.');
    const fallen = { ...REPORT.tack[1]!, state: 'unsafe', fell: true } as const;
    expect(reportHeadline({ ...SOUND, tack: [fallen] })).toBe('Not good to ride: after the fall the tree of Breaker is looked at first.');
    const said = (change: object) => reportHeadline({ ...SOUND, visit: { ...REPORT.visit!, ...change } });
    expect(said({ ride: { ...RIDE, stands: 'notGoodToRide' } })).toMatch(/^Not good to ride/);
    const caveats = [{ code: 'NOT_FELT' }, { code: 'NOT_RIDDEN' }, { code: 'SETTING_MISSES', ids: ['roll'] }];
    expect(said({ ride: { ...RIDE, caveats } })).toMatch(/^Good to ride \(not felt, not ridden, to be watched\)\./);
    expect(linesOf({ ...REPORT, visit: { ...REPORT.visit!, ride: { ...RIDE, caveats: caveats as never } } }, 'What was found')).toEqual([
      'No hand was laid on the back at this visit.',
      'It was not ridden in this at the visit.',
      expect.stringMatching(/^The chosen setting falls short in: /),
    ]);
    expect(said({ held: true })).toMatch(/veterinary surgeon/);
    expect(reportHeadline({ ...SOUND, visit: null })).toMatch(/No visit/);
  });

  it('has the fitter’s words, a line for each thing to watch for, and the held pair by name', () => {
    expect(linesOf(REPORT, 'What your fitter says')).toEqual(['We took 6 mm out.']);
    expect(linesOf(REPORT, 'Watch for')).toEqual(['Dry patches', 'Creeping forward']);
    expect(linesOf(REPORT, 'Your tack')).toEqual([
      'Long: do not ride in it until it is mended (iron, off).',
      'Breaker: checked, sound, looked at 18 Sep 2026; look again by 19 Oct 2026',
    ]);
  });

  it('says what was chosen, what was complained of and what became of it, without a workshop’s number', () => {
    const zones = (front: number) => ({ front, middle: 0, rear: 0 });
    const setup = { ...SETUP, shims: { near: zones(0), off: zones(6) }, flock: { near: zones(-2), off: zones(0) } };
    const chosen = { saddleName: 'Breaker', widthLabel: 'M', western: false, setup };
    const complaints = [
      { complaint: 'slidesForward', side: null, place: null, when: ['trot'], note: '', answer: 'notFound' },
      { complaint: 'rubs', side: 'off', place: 'rear', when: [], note: 'since May', answer: null },
    ] as const;
    const holes = [{ rider: 'Morwen', leathers: 'Long pair', lines: [{ purpose: 'general', near: 5, off: 6 }] }] as const;
    const report = { ...REPORT, chosen, holes, visit: { ...REPORT.visit!, complaints: complaints as never } };
    expect(linesOf(report, 'What was chosen')).toEqual([
      'Breaker, width “M”.',
      'Shims: 6 mm at the front of the off (right) side. Look before each ride that they lie where they were put.',
      'Filling: 2 mm less at the front of the near (left) side.',
      'Girth on: first and rear V straps.',
      'Morwen, Long pair: general, hole 5 near and 6 off.',
    ]);
    expect(linesOf(report, 'What you told us')).toEqual([
      'Slides forward (trot): no cause was found in the saddle.',
      'Rubs (off side, rear; since May): not answered yet: your fitter goes on looking.',
    ]);
    expect(JSON.stringify(reportParts(report, '2026-10-01'))).not.toMatch(/tip minus top/i);
  });

  it('a saddle that this visit decided nothing of is told with the day it was decided', () =>
    expect(linesOf({ ...REPORT, saddle: { ...REPORT.saddle!, decidedHere: false } }, 'What was chosen')).toEqual([
      'Ridden in Breaker, as decided on 18 Sep 2026. This visit decided nothing new.',
    ]));

  it('a back that is as full as it was while the tree stops fitting says why, so that no two sentences contradict each other', () => {
    const same = { ...REPORT, outlines: [REPORT.outlines[0]!, { ...REPORT.outlines[0]!, on: '2026-09-01' }] };
    const change = (due: Report['due']) => linesOf({ ...same, due }, 'How the back changed')[0]!;
    expect(change(null)).toMatch(/as it was on the near .* as it was on the off \(right\) side\.$/);
    const forecast = {
      id: 'frontEven',
      code: 'leaves',
      since: null,
      dates: 5,
      on: '2027-06-01',
      early: '2027-05-01',
      late: null,
      until: null,
      chance: 0.7,
      level: 0.9,
    };
    const due = { ...DUE, forecast } as Report['due'];
    expect(change(due)).toMatch(/what changes is its shape/);
  });

  it('every mark of the words a paper carries is a letter of its typeface', async () => {
    const report = { ...REPORT, visit: { ...REPORT.visit!, version: 2, replaces: '2026-09-01' } };
    const letters = new Set(fontkit.create(readFileSync(FONT)).characterSet);
    const texts = reportPages(report, '2026-10-01').flatMap((p) => p.fixed.flatMap((i) => (i.kind === 'text' ? [i.text] : [])));
    const missing = [...new Set(texts.join(''))].filter((c) => !letters.has(c.codePointAt(0)!));
    expect(missing).toEqual([]);
  });

  it('what to watch for is proposed from what was found', () => {
    const ride = { ...RIDE, caveats: [{ code: 'NOT_RIDDEN' as const }, { code: 'SETTING_MISSES' as const, ids: ['roll' as const] }] };
    const complaints = [{ complaint: 'rubs', side: null, place: null, when: [], note: '', answer: null }] as never;
    const of = (change: object) => watchProposals({ ...REPORT, visit: { ...REPORT.visit!, ...change } });
    expect(of({})).toEqual([]);
    expect(of({ ride, complaints })).toEqual([
      'Whether it still: rubs.',
      expect.stringMatching(/look for rubs, dry patches or ruffled hair there\.$/),
      'How it goes in the first rides.',
    ]);
  });

  it('leaves out what isn’t there: no change with one date, no empty heading', () => {
    expect(titles(REPORT)).toContain('How the back changed');
    expect(titles({ ...REPORT, outlines: REPORT.outlines.slice(0, 1) })).not.toContain('How the back changed');
    expect(titles({ ...REPORT, visit: { ...REPORT.visit!, said: '', watchFor: '' } })).not.toContain('Watch for');
    expect(titles({ ...REPORT, decision: null })).not.toContain('How it lies');
  });

  it('is read as it is written, drawings named', () => {
    rendered(<ReportView report={{ ...REPORT, horse: { ...REPORT.horse, name: '<b>Marl</b>' } }} />);
    expect(screen.getByText('<b>Marl</b>')).toBeTruthy();
    expect(screen.getByText(/A screening aid, not a diagnosis/)).toBeTruthy();
  });

  it('draws the owner’s horse as it was read, and none where it wasn’t', () => {
    const laidOut = () => fireEvent(screen.getByTestId('report'), 'layout', { nativeEvent: { layout: { width: 400, height: 600 } } });
    const { again } = rendered(<ReportView report={REPORT} />);
    laidOut();
    expect(screen.getByLabelText('Marl from the near side, as it was read')).toBeTruthy();
    expect(screen.getByText('Drawn as its shape was read at this visit.')).toBeTruthy();
    const topline = { dipMm: 40, witherOverLowMm: 60, croupOverWitherMm: null };
    again(<ReportView report={{ ...REPORT, form: { ...REPORT.form!, topline } }} />);
    expect(screen.getByText('Its back drawn as it was measured at this visit.')).toBeTruthy();
    again(<ReportView report={{ ...REPORT, form: null }} />);
    expect(screen.queryByLabelText('Marl from the near side, as it was read')).toBeNull();
  });

  it('on paper no line runs over the edge, and nothing is lost from page to page', () => {
    const long = {
      ...REPORT,
      visit: { ...REPORT.visit!, said: Array.from({ length: 120 }, (_, i) => `Sentence number ${i} of a long letter.`).join('\n') },
    };
    const pages = reportPages(long, '2026-10-01');
    expect(pages.length).toBeGreaterThan(2);
    const texts = pages.flatMap((p) => p.fixed).flatMap((i) => (i.kind === 'text' ? [i] : []));
    for (let i = 0; i < 120; i++) expect(texts.some((t) => t.text.includes(`number ${i} `))).toBe(true);
    for (const page of pages) for (const item of page.fixed) if (item.kind === 'text') expect(item.at.zMm).toBeGreaterThan(0);
    for (const page of pages)
      for (const item of page.fixed)
        if (item.kind === 'line') expect(item.points.every((p) => p.yMm >= 0 && p.yMm <= 210 && p.zMm >= 0)).toBe(true);
  });

  it('the horse is on paper too, pulled by what was read, as one pen draws it; without its shape there is none', () => {
    const penned = (form: Report['form']) =>
      reportPages({ ...REPORT, form }, '2026-10-01')[0]!.fixed.flatMap((i) => (i.kind === 'line' && i.style === 'bar' ? [i.points] : []));
    const lines = penned(REPORT.form);
    expect(lines.length).toBeGreaterThan(3);
    const across = lines.flat().map((p) => p.yMm);
    expect(Math.max(...across) - Math.min(...across)).toBeGreaterThan(50);
    expect(penned({ ...REPORT.form!, traits: [] })).not.toEqual(lines);
    expect(penned(null)).toEqual([]);
  });

  it('a heading stays with its drawing or its first line, wherever the page ends', () => {
    for (let lines = 0; lines < 60; lines++) {
      const said = Array.from({ length: lines }, (_, i) => `Line ${i}`).join('\n');
      const pages = reportPages({ ...REPORT, visit: { ...REPORT.visit!, said } }, '2026-10-01');
      for (const page of pages) {
        const last = page.fixed.at(-1)!;
        expect(last.kind === 'text' && last.bold ? last.text : null).toBeNull();
      }
    }
  });

  it('words are cut at spaces, and only a word longer than a line in itself', () => {
    expect(inLines('one two three', 4, 4 * 0.52 * 8)).toEqual(['one two', 'three']);
    expect(inLines('abcdefghijkl', 4, 4 * 0.52 * 5)).toEqual(['abcde', 'fghij', 'kl']);
    expect(inLines('þ𝌆þ', 4, 4 * 0.52 * 2).join('')).toBe('þ𝌆þ');
  });
});

describe('what an owner says', () => {
  it('is told in one paragraph', () => {
    expect(ownerWordWords({ kind: 'changed', what: ['rubs', 'fell'], note: 'Tuesday.' })).toBe(
      'Changed: rubs or sore places, fell, or lay down with the saddle on. Tuesday.',
    );
    expect(ownerWordWords({ kind: 'asksVisit', when: '', note: '' })).toBe('Asks for a visit.');
    expect(
      ownerWordWords({ kind: 'home', backLengthMm: 420, girthMm: null, weightKg: 505, stood: ['level'], tiltDeg: -1.5, note: '' }),
    ).toMatch(/^Measured at home: back length by the hair line 420 mm; 505 kg; phone tilted -[12]°; stood/);
    const nothing = { backLengthMm: null, girthMm: null, weightKg: null, stood: [], tiltDeg: null, note: '' };
    expect(ownerWordWords({ kind: 'home', ...nothing })).toBe('Pictures from home.');
  });
});

it('a code to photograph has a quiet rim of four modules and three corners', () => {
  const { size, path } = qrPath('http://barn.example/o/AAAAAAAAAAAAAAAAAAAAAA');
  const dark = [...path.matchAll(/M(\d+) (\d+)h/g)].map((m) => [Number(m[1]), Number(m[2])] as const);
  expect(Math.min(...dark.map(([x]) => x))).toBe(4);
  expect(Math.max(...dark.map(([x]) => x))).toBe(size - 5);
  const isDark = (x: number, y: number) => dark.some((d) => d[0] === x && d[1] === y);
  const far = size - 5;
  for (const [x, y] of [
    [4, 4],
    [far, 4],
    [4, far],
  ] as const)
    expect(isDark(x, y)).toBe(true);
});
