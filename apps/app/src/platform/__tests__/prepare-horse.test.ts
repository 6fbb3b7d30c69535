import { QueryClient } from '@tanstack/react-query';
import { type Fetched, heldSince, prepareHorse, prepareLists } from '../prepare-horse';

const mockAsked: string[] = [];
const mockVisits = ['v1', 'v2', 'v3', 'v4'];
jest.mock('../questions', () => {
  const question = (key: readonly string[], answer: unknown) => ({
    queryKey: key,
    queryFn: () => {
      mockAsked.push(key.join(' '));
      return Promise.resolve(answer);
    },
  });
  return {
    horseQuestion: (id: string) => question(['horse', id], { visits: mockVisits.map((v) => ({ visit: { id: v } })) }),
    tracingsQuestion: (id: string) => question(['tracings', id], []),
    visitQuestion: (id: string) =>
      question(['visit', id], { photos: id === 'v1' ? [photo('p1', 10), photo('p2', 4), photo('p3', 10)] : [] }),
    recordsQuestion: (kind: string) => question([kind], []),
  };
  // the second was never wholly sent, so the server hasn't it
  function photo(id: string, heldBytes: number) {
    return { id, bytes: 10, heldBytes };
  }
});

function device() {
  const kept = new Map<string, Blob>([['p3', new Blob(['here'])]]);
  const fetched: Fetched[] = [];
  const abort = new AbortController();
  const asked: string[] = [];
  const fetching = {
    queries: new QueryClient(),
    photo: (url: string) => {
      asked.push(url);
      return Promise.resolve(new Blob(['0123456789']));
    },
    photos: { get: (id: string) => Promise.resolve(kept.get(id)), put: (id: string, b: Blob) => Promise.resolve(void kept.set(id, b)) },
    signal: abort.signal,
    onFetched: (f: Fetched) => void fetched.push(f),
  };
  return { fetching, kept, fetched, abort, asked };
}

beforeEach(() => (mockAsked.length = 0));

describe('a horse taken along', () => {
  it('comes with its history, its tracings, its three newest visits, and the photos that the server has and this device hasn’t', async () => {
    const { fetching, kept, fetched, asked } = device();
    await prepareHorse('h', fetching);
    expect(mockAsked).toEqual(['horse h', 'tracings h', 'visit v1', 'visit v2', 'visit v3']);
    expect(asked).toEqual(['/api/visits/v1/photos/p1/content']);
    expect([...kept.keys()]).toEqual(['p3', 'p1']);
    expect(fetched.filter((f) => f.what === 'photo')).toEqual([{ what: 'photo', bytes: 10 }]);
    expect(fetched.filter((f) => f.what === 'answer')).toHaveLength(5);
    expect(heldSince(fetching.queries, 'h')).toBeGreaterThan(0);
    expect(heldSince(fetching.queries, 'other')).toBeNull();
  });

  it('what was fetched before is asked for again, so that it is as of now', async () => {
    const { fetching } = device();
    await prepareHorse('h', fetching);
    await prepareHorse('h', fetching);
    expect(mockAsked.filter((a) => a === 'horse h')).toHaveLength(2);
  });

  it('stopped, it fetches no further and keeps what came', async () => {
    const { fetching, abort } = device();
    const stops = { ...fetching, onFetched: () => abort.abort() };
    await prepareHorse('h', stops);
    expect(mockAsked).toEqual(['horse h', 'tracings h']);
    await prepareLists(stops);
    expect(mockAsked).toHaveLength(2);
  });

  it('the lists of the practice come once', async () => {
    const { fetching, fetched } = device();
    await prepareLists(fetching);
    expect(mockAsked).toContain('saddle');
    expect(mockAsked).toContain('practiceSettings');
    expect(fetched).toHaveLength(mockAsked.length);
  });
});
