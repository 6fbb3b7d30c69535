import { PLACES, placeAt, placeName } from '../places';

describe('where one is', () => {
  it.each([
    ['/', 'yard'],
    ['/horses/1/edit', 'yard'],
    ['/visits/1/fit-room', 'yard'],
    ['/saddles', 'stock'],
    ['/saddles/new', 'stock'],
    ['/saddlesque', 'yard'],
    ['/letters', 'calendar'],
    ['/prepare', 'calendar'],
    ['/schools/own-1', 'practice'],
    ['/practice', 'practice'],
    ['/bin', 'practice'],
    ['/nowhere', 'yard'],
  ] as const)('%s: %s', (path, place) => expect(placeAt(path)).toBe(place));

  it('every place leads to itself and has a name of its own', () => {
    for (const { id, path } of PLACES) expect(placeAt(path)).toBe(id);
    expect(new Set(PLACES.map(({ id }) => placeName(id))).size).toBe(PLACES.length);
  });
});
