import { resolve } from 'node:path';
import { DEMO_ACCOUNT } from '@fulcra/demo';
import { type Page, expect, test } from '@playwright/test';
import { OwnServer } from '../tools/machine/own-server';
import { noisyPng, written } from './whole-back';

const WEB_DIR = resolve(import.meta.dirname, '../apps/app/dist');
const THISTLEDOWN_VISIT = '019b8b1f-2400-7000-8000-000000000131';
/** 500 and 40 by hand: FULCRA_STORM=whole */
const WHOLE = process.env.FULCRA_STORM === 'whole';
const WRITES = WHOLE ? 500 : 150;
const PHOTOS = WHOLE ? 40 : 20;
const PHOTO_BYTES = 400_000;

test(`${WRITES} writes and ${PHOTOS} photos arrive whole although the server is killed twice while they are sent`, async ({
  page,
}, info) => {
  test.skip(info.project.name !== 'phone', 'once is enough');
  test.setTimeout(420_000);
  const server = await OwnServer.prepared({ FULCRA_WEB_DIR: WEB_DIR });
  await server.start();
  try {
    const visit = `${server.address}/visits/${THISTLEDOWN_VISIT}`;
    const { email, password } = DEMO_ACCOUNT;
    expect((await page.request.post(`${server.address}/api/session`, { data: { email, password } })).status()).toBe(200);
    await page.goto(`${visit}/intake`);
    const shape = page.getByRole('button', { name: 'Read the shape' });
    await page.getByText('What is wrong').waitFor();
    await server.kill();
    for (let i = 0; i < PHOTOS; i += 10) {
      const files = Object.fromEntries(Array.from({ length: 10 }, (_, k) => [`${i + k}.png`, noisyPng(PHOTO_BYTES, 1 + i + k)]));
      await page.getByLabel('Choose photos').setInputFiles(await written(info, files));
      await expect(page.getByRole('listitem')).toHaveCount(i + 10, { timeout: 60_000 });
    }
    await page.getByRole('button', { name: 'Leave this out for now' }).click();
    await page.getByRole('button', { name: 'Feel the back' }).click();
    await page.getByRole('button', { name: 'Understood' }).click();
    await page.getByRole('button', { name: 'Leave this out for now' }).click();
    await shape.click();
    await tapsTraits(page, WRITES - 3);
    await expect(page.getByRole('button', { name: `Saving: kept here, ${WRITES + PHOTOS} to send` })).toBeVisible({ timeout: 30_000 });

    const startedAt = Date.now();
    for (let cut = 0; cut < 2; cut++) {
      await server.start();
      await page.waitForTimeout(4000);
      await server.kill();
    }
    await server.start();
    await expect(page.getByRole('button', { name: 'Saving: saved' }).first()).toBeVisible({ timeout: 240_000 });
    const kept = (await (await page.request.get(`${server.address}/api/visits/${THISTLEDOWN_VISIT}`)).json()) as {
      facts: unknown[];
      photos: { bytes: number; heldBytes: number }[];
    };
    const whole = kept.photos.filter((p) => p.heldBytes === p.bytes).length;
    const bytes = kept.photos.reduce((s, p) => s + p.bytes, 0);
    console.log(
      `# ${kept.facts.length} of ${WRITES} writes and ${whole} of ${PHOTOS} photos (${(bytes / 1e6).toFixed(0)} MB) arrived, the server killed twice, in ${((Date.now() - startedAt) / 1000).toFixed(0)} s`,
    );
    expect(kept.facts).toHaveLength(WRITES);
    expect(whole).toBe(PHOTOS);
    expect(kept.photos.every((p) => p.bytes >= PHOTO_BYTES)).toBe(true);
  } finally {
    await server.kill();
  }
});

/** Taps one trait after another, as fast as each is kept. */
async function tapsTraits(page: Page, count: number): Promise<void> {
  await page.getByRole('button', { name: 'Ribs: round' }).waitFor();
  await page.evaluate(async (wanted) => {
    const names = ['Ribs: round', 'Ribs: slab', 'Ribs: ordinary'];
    const waiting = (): number =>
      Number(/(\d+) to send/.exec(document.querySelector('[aria-label^="Saving"]')?.getAttribute('aria-label') ?? '')?.[1] ?? 0);
    const start = waiting();
    for (let i = 0; i < wanted; i++) {
      document.querySelector<HTMLElement>(`[aria-label="${names[i % 3]}"]`)!.click();
      while (waiting() < start + i + 1) await new Promise((done) => setTimeout(done, 4));
    }
  }, count);
}
