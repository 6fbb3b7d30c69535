import { specificationText } from '../specification-text';

it('a letter carries the whole specification, heading by heading, each line with its value', () => {
  const text = specificationText({ make: [['Front width', '94°']], change: [['Width', '“M” → “W”']], horse: [['Pad', 'none']] });
  const parts = text.split('\n\n').map((part) => part.split('\n'));
  expect(parts.map((lines) => lines[1])).toEqual(['Front width: 94°', 'Width: “M” → “W”', 'Pad: none']);
  expect(parts.every(([head]) => head !== '' && !head!.includes('94'))).toBe(true);
});

it('nothing to change is said', () => {
  expect(specificationText({ make: [], change: [], horse: [] }).split('\n\n')[1]!.split('\n')).toHaveLength(2);
});
