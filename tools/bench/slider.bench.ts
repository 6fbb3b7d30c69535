import { chromium } from '@playwright/test';
import { DEMO_ACCOUNT } from '@fulcra/demo';

/**
 * Pressure maps a second while a finger slides the saddle along, on the phone layout, read from the browser's own trace:
 * every map drawn leaves a mark. Needs a running Fulcra: FULCRA_URL=http://127.0.0.1:4380 npm run bench
 */
const url = process.env.FULCRA_URL;
const CORRIE = '/visits/019b8b1f-2400-7000-8000-000000000130/fit-room';
const SECONDS = 4;
/** As often as a screen tells where the finger is, or more. */
const EVERY_MS = 8;
/** The page has stopped moving by then. */
const SETTLED_MS = 1000;

interface TraceEvent {
  readonly name: string;
  readonly ts: number;
}

async function drag(address: string): Promise<void> {
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--no-first-run', '--disable-gpu'] });
  const context = await browser.newContext({ baseURL: address, viewport: { width: 390, height: 844 }, deviceScaleFactor: 2 });
  const page = await context.newPage();
  await page.request.post('/api/session', { data: { email: DEMO_ACCOUNT.email, password: DEMO_ACCOUNT.password } });
  await page.goto(CORRIE);
  const rail = page.getByRole('slider', { name: 'Slide the saddle along the back' });
  await page.getByText(/^Next narrower/).waitFor();
  await rail.scrollIntoViewIfNeeded();
  await page.waitForTimeout(SETTLED_MS);
  const box = (await rail.boundingBox())!;
  await browser.startTracing(page, { categories: ['blink.user_timing', 'devtools.timeline'] });
  const y = box.y + box.height / 2;
  await page.mouse.move(box.x + box.width * 0.5, y);
  await page.mouse.down();
  const moves: Promise<void>[] = [];
  const began = Date.now();
  for (let i = 0; Date.now() - began < SECONDS * 1000; i++) {
    // not waited for: the browser answers a move only with its next frame, and a finger doesn't wait for frames
    moves.push(page.mouse.move(box.x + box.width * (0.5 + 0.12 * Math.sin(i / 18)), y));
    await page.waitForTimeout(EVERY_MS);
  }
  await Promise.all(moves);
  await page.mouse.up();
  const events = (JSON.parse((await browser.stopTracing()).toString()) as { traceEvents: TraceEvent[] }).traceEvents;
  const drawn = events.filter((e) => e.name === 'pressure-map').map((e) => e.ts);
  const span = (Math.max(...drawn) - Math.min(...drawn)) / 1e6;
  console.log(
    `\nSliding the saddle on the phone layout: ${drawn.length} pressure maps in ${span.toFixed(1)} s, ${((drawn.length - 1) / span).toFixed(0)} a second (wanted 30)`,
  );
  await browser.close();
}

if (url === undefined) console.log('\nThe slider needs a running Fulcra: set FULCRA_URL to its address.');
else await drag(url);
