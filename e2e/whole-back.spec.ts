import { type Page, expect, test } from '@playwright/test';
import { Fitter } from './fitter';
import { CountingHand, EDGES, PLACES, noisyPng } from './whole-back';

test.use({ serviceWorkers: 'allow' });

interface OnServer {
  readonly takes: readonly { readonly station: string; readonly reading: { readonly kind: string } }[];
  readonly facts: readonly { readonly body: Record<string, unknown> & { readonly kind: string } }[];
  readonly photos: readonly { readonly bytes: number; readonly heldBytes: number }[];
}

const MOST_TAPS = 120;

const onServer = async (page: Page): Promise<OnServer> => {
  const visitId = /visits\/([^/]+)/.exec(page.url())![1]!;
  return (await (await page.request.get(`/api/visits/${visitId}`)).json()) as OnServer;
};

test('a whole back on a phone, half of it without signal and with a reload in the middle', async ({ page, context }, { project }) => {
  test.skip(project.name !== 'phone', 'the phone is what is in the hand in the aisle');
  test.setTimeout(180_000);
  const fitter = new Fitter(page);
  const hand = new CountingHand(page);
  await fitter.arrives();
  await page.evaluate(() => navigator.serviceWorker.ready);
  await fitter.addsHorse('Whole back');
  const startedAt = Date.now();

  await hand.tap('Start a visit');
  await hand.tap('Begin with horse and complaint');
  await hand.tap('rolls');
  await hand.typesOnPad('Weight, kg', 505);
  await hand.tap('medium');
  await page.getByLabel('Choose photos').setInputFiles({ name: 'behind.png', mimeType: 'image/png', buffer: noisyPng(1_000_000) });
  hand.taps += 2;
  await hand.tap('Feel the back');
  await hand.tap('Understood');
  for (const pass of ['Light', 'Medium', 'Firm']) await hand.tap(new RegExp(`^${pass} pass: nothing`));
  await fitter.saved();

  await context.setOffline(true);
  await hand.tap('Read the shape');
  await hand.tap('Ribs: round');
  await hand.tap('Girth groove: forward');
  await expect(page.getByText('It will want to go forward')).toBeVisible();
  await hand.tap('Mark the landmarks');
  for (const share of PLACES.slice(0, 6)) await hand.marksNext(share);
  const reloadedAt = Date.now();
  await page.reload();
  await hand.button(/and the next$/).waitFor();
  console.log(`# shell interactive offline ${Date.now() - reloadedAt} ms after a reload`);
  await expect(fitter.button(/kept here, \d+ to send/)).toBeVisible();
  for (const share of PLACES.slice(6)) await hand.marksNext(share);
  for (const share of EDGES) await hand.marksNext(share);
  await context.setOffline(false);
  await fitter.saved();

  await hand.tap('Next: Front section');
  await hand.tap('Curve sensor');
  await hand.tap('Connect');
  await expect(page.getByText(/Live\./)).toBeVisible();
  for (const next of ['Base of the withers', 'Low point', 'Last rib', 'Topline']) {
    await expect(page.getByText(/Live\./)).toBeVisible();
    await hand.keepsTakes(3);
    await hand.tap(`Next: ${next}`);
  }
  await hand.tap('Curve sensor');
  await expect(page.getByText(/Live\./)).toBeVisible();
  await hand.keepsTakes(3);
  await hand.tap('See the whole back');
  await expect(page.getByText(/4 stations/)).toBeVisible();
  await fitter.saved();
  console.log(`# a full measure took ${hand.taps} taps and ${((Date.now() - startedAt) / 1000).toFixed(0)} s by machine`);
  expect(hand.taps).toBeLessThan(MOST_TAPS);

  const kept = await onServer(page);
  expect(kept.takes).toHaveLength(15);
  expect(kept.takes.every((t) => t.reading.kind === 'bends')).toBe(true);
  const landmarks = kept.facts.filter((f) => f.body.kind === 'landmark').map((f) => f.body.atMm);
  expect(landmarks).toEqual([...hand.entered.landmarks.values()]);
  expect(landmarks).toHaveLength(PLACES.length + EDGES.length);
  expect(kept.facts.filter((f) => f.body.kind === 'feel').map((f) => f.body.pass)).toEqual(['light', 'medium', 'firm']);
  expect(kept.facts.filter((f) => f.body.kind === 'trait').map((f) => f.body.value)).toEqual(['round', 'forward']);
  expect(kept.facts.find((f) => f.body.kind === 'intake' && f.body.field === 'weightKg')!.body.value).toBe(505);
  expect(kept.facts.filter((f) => f.body.kind === 'complaint')).toHaveLength(1);
  expect(kept.photos).toHaveLength(1);
  expect(kept.photos[0]!.heldBytes).toBe(kept.photos[0]!.bytes);
});

/** Goes there by Tab alone; a control that can't be reached that way doesn't exist for some people. */
async function tabTo(page: Page, name: string | RegExp, role: 'button' | 'slider' = 'button'): Promise<void> {
  const target = page.getByRole(role, { name }).first();
  await target.waitFor();
  for (let i = 0; i < 260; i++) {
    if (await target.evaluate((e) => e === document.activeElement)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`${String(name)} can't be reached by Tab`);
}

test('the same by keyboard alone at the bench', async ({ page }, { project }) => {
  test.skip(project.name !== 'wide', 'a keyboard stands at the bench');
  test.setTimeout(240_000);
  const fitter = new Fitter(page);
  await fitter.arrives();
  await fitter.addsHorse('By keyboard');
  const press = async (name: string | RegExp) => {
    await tabTo(page, name);
    await page.keyboard.press('Enter');
  };
  await press('Start a visit');
  await press('Begin with horse and complaint');
  await press('slides forward');
  await press(/^Weight, kg: .*type it$/);
  await page.getByRole('dialog', { name: 'Weight, kg' }).waitFor();
  await page.keyboard.type('480');
  await page.keyboard.press('Enter');
  await press('Feel the back');
  await press('Understood');
  for (const pass of ['Light', 'Medium', 'Firm']) await press(new RegExp(`^${pass} pass: nothing`));
  await press('Read the shape');
  await press('Ribs: slab');
  await press('Mark the landmarks');
  for (let i = 0; i < PLACES.length + EDGES.length; i++) {
    const name = await page.getByRole('heading', { level: 2 }).first().innerText();
    await tabTo(page, /mm/, 'slider');
    await page.keyboard.press('ArrowRight');
    await press('Keep, and the next');
    if (i < PLACES.length + EDGES.length - 1) await expect(page.getByRole('heading', { level: 2 }).first()).not.toHaveText(name);
  }
  await press('Next: Front section');
  await press('Curve sensor');
  await press('Connect');
  for (const next of ['Base of the withers', 'Low point', 'Last rib', 'Topline', null]) {
    if (next === null) await press('Curve sensor');
    await expect(page.getByText(/Live\./)).toBeVisible();
    for (let take = 1; take <= 3; take++) {
      await press(`Keep take ${take}`);
      await expect(page.getByText(`Take ${take}`, { exact: true })).toBeVisible();
    }
    await press(next === null ? 'See the whole back' : `Next: ${next}`);
  }
  await expect(page.getByText(/4 stations/)).toBeVisible();
  await fitter.saved();
  const kept = await onServer(page);
  expect(kept.takes).toHaveLength(15);
  expect(kept.facts.filter((f) => f.body.kind === 'landmark').length).toBeGreaterThanOrEqual(22);
});
