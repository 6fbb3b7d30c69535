import { personFormSchema } from '../person-form';
import { yardFormSchema } from '../yard-form';

jest.mock('../../platform/use-views', () => ({}));

describe('a yard', () => {
  const typed = { name: 'Holm', address: '', lat: '49.98', lon: '-7.39', note: '' };
  it.each([
    [{}, { lat: 49.98, lon: -7.39 }],
    [{ lat: '49,98' }, { lat: 49.98, lon: -7.39 }],
    [{ lat: '', lon: '' }, null],
    [
      { lat: '90', lon: '180' },
      { lat: 90, lon: 180 },
    ],
    [{ lat: '90.1' }, 'unread'],
    [{ lon: '-180.1' }, 'unread'],
    [{ lon: '' }, 'unread'],
    [{ lat: 'north' }, 'unread'],
    [{ name: '' }, 'unread'],
  ] as const)('%j', (change, place) => {
    const read = yardFormSchema.safeParse({ ...typed, ...change });
    expect(read.success ? read.data.place : 'unread').toEqual(place);
  });
});

describe('a person', () => {
  const typed = { name: 'Morwen', email: '', phone: '', note: '' };
  it.each([
    [{}, true],
    [{ email: 'm@yard.example' }, true],
    [{ email: 'm@' }, false],
    [{ name: '  ' }, false],
  ])('%j', (change, reads) => expect(personFormSchema.safeParse({ ...typed, ...change }).success).toBe(reads));
});
