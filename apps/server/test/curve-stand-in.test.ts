import { SOCKET_PROTOCOL } from '@fulcra/contract';
import { SILENT_FEED, type CurveFeed, fed, readCurveLine, sectionFromReading, widthAcrossMm } from '@fulcra/core';
import { DEMO_ANIMALS, trueStation } from '@fulcra/demo';
import WebSocket from 'ws';
import { demoFitter } from './journeys';
import { type Running, startServer } from './running-server';

let running: Running;
beforeAll(async () => {
  running = await startServer();
});
afterAll(() => running.stop());

/** Listens until enough lines came, or the device is gone. */
async function listen(query: string, lines: number): Promise<CurveFeed & { readonly gone: boolean }> {
  const { cookie, csrf } = await demoFitter(running);
  const address = `${running.base.replace('http', 'ws')}/api/stand-in/curve?${query}`;
  const socket = new WebSocket(address, [SOCKET_PROTOCOL, csrf], { headers: { cookie } });
  let feed = SILENT_FEED;
  return new Promise((resolve, reject) => {
    socket.on('message', (message: Buffer) => {
      feed = fed(feed, readCurveLine(message.toString()));
      if (feed.received + feed.unreadable >= lines) socket.close();
    });
    socket.on('close', () => resolve({ ...feed, gone: feed.received + feed.unreadable < lines }));
    socket.on('error', reject);
  });
}

const widthAt100 = (feed: CurveFeed): number => {
  const section = sectionFromReading({ kind: 'bends', ...feed.reading! });
  if (!section.ok) throw new Error(JSON.stringify(section.problems));
  return widthAcrossMm(section.value, 80)!;
};

describe('the stand-in of a curve sensor', () => {
  it('says the section it lies on, within its noise', async () => {
    const feed = await listen('animal=4&station=low&noise=0&rate=200', 5);
    const truth = sectionFromReading({ kind: 'points', points: trueStation(DEMO_ANIMALS[3]!.back, 'low') });
    if (!truth.ok) throw new Error('no truth');
    expect(Math.abs(widthAt100(feed) - widthAcrossMm(truth.value, 80)!)).toBeLessThan(4);
  });

  it('laid on the wrong way round it says the mirror image', async () => {
    const [as, turned] = [await listen('animal=7&noise=0&rate=200', 3), await listen('animal=7&noise=0&rate=200&reversed=1', 3)];
    const bends = as.reading!.bendsDeg;
    expect(turned.reading!.bendsDeg.map((b) => b.toFixed(1))).toEqual([...bends].reverse().map((b) => b.toFixed(1)));
  });

  it('with drop-outs the lost lines are counted', async () => {
    const feed = await listen('dropouts=0.4&rate=300', 60);
    expect(feed.lost).toBeGreaterThan(10);
  });

  it('dies without a goodbye', async () => {
    expect(await listen('dies=6&rate=200', 1000)).toMatchObject({ gone: true, goodbye: null });
  });

  it('sends rubbish when asked to, and a thousand lines a second', async () => {
    expect((await listen('garbage=1&rate=200', 40)).unreadable).toBeGreaterThan(10);
    expect((await listen('rate=1000', 400)).received).toBeGreaterThanOrEqual(400);
  });

  it('lets in nobody who isn’t signed in', async () => {
    const socket = new WebSocket(`${running.base.replace('http', 'ws')}/api/stand-in/curve`);
    const answer = await new Promise<string>((resolve) => {
      socket.on('error', (error) => resolve(error.message));
      socket.on('open', () => resolve('open'));
    });
    expect(answer).toContain('401');
  });
});
