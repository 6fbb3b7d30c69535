import { personUnit } from '../../words/person-unit';
import { readLengths } from '../read-lengths';

describe('lengths as they are typed', () => {
  it('are read with commas, spaces or both, sorted, each once', () => expect(readLengths('840, 760;840 910')).toEqual([760, 840, 910]));
  it.each(['', ' , ', '840, long', '199', '2501', '-5'])('“%s” is no list', (text) => expect(readLengths(text)).toBeNull());
  it.each(['200', '2500'])('%s is one', (text) => expect(readLengths(text)).toEqual([Number(text)]));
  it('are typed in this person’s unit', () => {
    personUnit.set('cm');
    expect(readLengths('84, 76.5')).toEqual([765, 840]);
    expect(readLengths('840')).toBeNull();
    personUnit.set('mm');
  });
  it('sixty are a list, sixty-one are not', () => {
    const list = (n: number) => Array.from({ length: n }, (_, i) => 300 + i).join(', ');
    expect(readLengths(list(60))).toHaveLength(60);
    expect(readLengths(list(61))).toBeNull();
  });
});
