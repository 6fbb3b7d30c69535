import { webcrypto } from 'node:crypto';
import { TextDecoder, TextEncoder } from 'node:util';
import { keysOfDevice } from '../../draft-scope';
import { ISLA, ROWAN, factWrite, horseWrite, room } from '../../sync/__tests__/fakes';
import { type Waiting } from '../../sync/waiting';
import { type Desk, leaveWork, takeUpWork } from '../leave-work';
import { type SealedRow, type SealedStore } from '../sealed-store';

Object.assign(globalThis, { TextDecoder, TextEncoder });
Object.defineProperty(globalThis, 'crypto', { value: webcrypto, configurable: true });

const keyOf = (letter: string): string => Buffer.alloc(32, letter).toString('base64url');
const ISLAS = keyOf('i');
const PHOTO = new Uint8Array([255, 216, 1, 2, 3]);
const photo = { kind: 'photo', visitId: 'v', photoId: 'p', body: {} } as unknown as Waiting['write'];

function device() {
  const made = room();
  const pictures = new Map<string, Blob>();
  const rows = new Map<string, SealedRow>();
  const disk = { full: false };
  const sealed: SealedStore = {
    put: async (list) => {
      if (disk.full) throw new Error('full');
      list.forEach((row) => rows.set(row.id, row));
    },
    all: async () => [...rows.values()],
    drop: async (ids) => ids.forEach((id) => rows.delete(id)),
  };
  let ids = 0;
  const photos = {
    put: async (id: string, blob: Blob) => void pictures.set(id, blob),
    get: async (id: string) => pictures.get(id),
    drop: async (id: string) => void pictures.delete(id),
  };
  const desk: Desk = { sync: made.sync, photos, sealed, newId: () => `s${ids++}` };
  return { ...made, desk, pictures, rows, disk };
}

/** Isla has an entry, a picture and two drafts here, one of them set aside; Rowan an entry and a draft. */
async function busy() {
  const made = device();
  await made.sync.add(ISLA, horseWrite('kicks when girthed'));
  await made.sync.add(ISLA, photo);
  await made.sync.add(ROWAN, factWrite('f'));
  made.pictures.set('p', new Blob([PHOTO], { type: 'image/jpeg' }));
  localStorage.setItem('draft:room/isla:new-horse', 'Bracken of Holm');
  localStorage.setItem('set-aside:room/isla:old', 'an old one');
  localStorage.setItem('draft:room/rowan:new-horse', 'Teasel');
  return made;
}

beforeEach(() => localStorage.clear());

it('seals all of one person’s, and leaves nothing of it to be read; another’s stays as it is', async () => {
  const { desk, sync, rows, pictures } = await busy();
  await leaveWork(desk, ISLA, ISLAS, 'seal');
  expect(sync.waiting().map((w) => w.personId)).toEqual(['rowan']);
  expect(pictures.size).toBe(0);
  expect(keysOfDevice()).toEqual(['draft:room/rowan:new-horse']);
  expect([...rows.values()].map((r) => r.waits)).toEqual([true, true, false, false, false]);
  const onDisk = [...rows.values()].map((r) => Buffer.from(r.bytes).toString('latin1')).join(' ');
  for (const said of ['kicks', 'Bracken', 'an old one', 'new-horse', 'isla']) expect(onDisk).not.toContain(said);
});

it('gives it back to that person as it was, in its order, with the picture, and goes on from there', async () => {
  const { desk, sync, rows, pictures } = await busy();
  const before = sync.waiting();
  await leaveWork(desk, ISLA, ISLAS, 'seal');
  expect(await takeUpWork(desk, ISLA, ISLAS)).toEqual({ failed: 0 });
  expect(sync.waiting()).toEqual(before);
  expect(localStorage.getItem('draft:room/isla:new-horse')).toBe('Bracken of Holm');
  expect(localStorage.getItem('set-aside:room/isla:old')).toBe('an old one');
  expect(pictures.get('p')!.type).toBe('image/jpeg');
  expect(new Uint8Array(await pictures.get('p')!.arrayBuffer())).toEqual(PHOTO);
  expect(rows.size).toBe(0);
});

it('gives nothing to anybody else: not to a colleague, not to the same name in another practice', async () => {
  const { desk, sync, rows } = await busy();
  await leaveWork(desk, ISLA, ISLAS, 'seal');
  for (const other of [ROWAN, { ...ISLA, practiceId: 'elsewhere' }]) await takeUpWork(desk, other, ISLAS);
  expect(sync.waiting()).toHaveLength(1);
  expect(rows.size).toBe(5);
});

it('what cannot be opened stays sealed and is counted', async () => {
  const { desk, sync, rows } = await busy();
  await leaveWork(desk, ISLA, ISLAS, 'seal');
  const told = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  expect(await takeUpWork(desk, ISLA, keyOf('x'))).toEqual({ failed: 5 });
  expect(told).toHaveBeenCalledTimes(5);
  expect(rows.size).toBe(5);
  expect(sync.waiting()).toHaveLength(1);
});

it('a draft begun since is not written over: the earlier one stands beside it', async () => {
  const { desk } = await busy();
  await leaveWork(desk, ISLA, ISLAS, 'seal');
  localStorage.setItem('draft:room/isla:new-horse', 'begun since');
  await takeUpWork(desk, ISLA, ISLAS);
  expect(localStorage.getItem('draft:room/isla:new-horse')).toBe('begun since');
  expect(localStorage.getItem('set-aside:room/isla:new-horse')).toBe('Bracken of Holm');
});

it('thrown away is thrown away, of that person alone', async () => {
  const { desk, sync, rows, pictures } = await busy();
  await leaveWork(desk, ISLA, ISLAS, 'discard');
  expect([rows.size, pictures.size, sync.waiting().length]).toEqual([0, 0, 1]);
  expect(keysOfDevice()).toEqual(['draft:room/rowan:new-horse']);
});

it('where the device would not keep what is sealed, nothing is cleared', async () => {
  const { desk, sync, pictures, disk } = await busy();
  disk.full = true;
  await expect(leaveWork(desk, ISLA, ISLAS, 'seal')).rejects.toThrow('full');
  expect(sync.waiting()).toHaveLength(3);
  expect(pictures.size).toBe(1);
  expect(localStorage.getItem('draft:room/isla:new-horse')).toBe('Bracken of Holm');
});
