import { NEW_SADDLE } from '../../saddles/saddle-measures';
import { formIssueWords, saddleFormSchema } from '../../saddles/saddle-form-model';
import { refusalWords } from '../write-words';

describe('why the server would not have an entry', () => {
  it('names the core’s reasons with their values', () => {
    const problems = [{ code: 'SECTION_TOO_FEW_POINTS', values: { count: 4, least: 9 } }];
    expect(refusalWords(problems, [])).toEqual(['4 points are too few for a section; it needs 9, on both sides.']);
  });

  it('a reason this release doesn’t know, or one that lacks its values, is told by its code', () => {
    expect(refusalWords([{ code: 'FROM_LATER', values: {} }], [])).toEqual(['It was refused (FROM_LATER).']);
    expect(refusalWords([{ code: 'SECTION_TOO_FEW_POINTS', values: { count: 4 } }], [])).toEqual([
      'It was refused (SECTION_TOO_FEW_POINTS).',
    ]);
    expect(refusalWords([{ code: 'SECTION_TOO_SMALL', values: { spanMm: NaN } }], [])).toEqual(['It was refused (SECTION_TOO_SMALL).']);
  });

  it('names the fields it could not read, each once, and never by their path', () => {
    expect(refusalWords([], ['name', 'body.heightMm', 'heightMm'])).toEqual(['It could not read: name, height, mm.']);
    expect(refusalWords([], ['reading.widths.3.nearMm', 'reading.widths.4.nearMm'])).toEqual([
      'It could not read: width of the near side.',
    ]);
    expect(refusalWords([], [''])).toEqual([]);
  });
});

describe('what is wrong with a described saddle', () => {
  const named = { ...NEW_SADDLE, name: 'Tern', maker: 'Own' };
  const told = (change: (saddle: typeof named) => object) => {
    const read = saddleFormSchema.safeParse({ saddle: { ...named, ...change(named) }, was: null });
    return read.success ? [] : read.error.issues.map(formIssueWords);
  };
  const frame = (more: object) => (s: typeof named) => ({ build: { ...s.build, frame: { ...s.build.frame, ...more } } });
  const front = (more: object) => (s: typeof named) => ({ front: { ...s.front, ...more } });

  it('nothing, of one that can be', () => expect(told(() => ({}))).toEqual([]));
  it.each([
    ['no name', () => ({ name: '' }), ['Name: it is empty.']],
    ['a tree of 9 m', frame({ lengthMm: 9000 }), ['Length of the tree: 9000 is outside 150 to 800. Check what was entered.']],
    ['a point of 10 mm', front({ pointLengthMm: 10 }), ['Length of a point: 60 is the least.']],
    ['a point of 1 m', front({ pointLengthMm: 1000 }), ['Length of a point: 300 is the most.']],
    ['a number that is none', front({ pointLengthMm: 'long' }), ['Length of a point: this can’t be read. Enter it again.']],
    ['a width that isn’t there', front({ presentSetting: 3 }), ['The width that is set now: it is not one of its widths.']],
    ['a bar behind the tree', frame({ barMm: 700 }), ['Stirrup bar at 700 mm lies outside its tree of 350 mm. Check what was entered.']],
  ])('%s', (_, change, words) => expect(told(change as never)).toEqual(words));
});
