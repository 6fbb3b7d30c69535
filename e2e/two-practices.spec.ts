import { execFileSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { type Page, type TestInfo, expect, test } from '@playwright/test';
import { DEMO_ACCOUNT, demoScenario } from '@fulcra/demo';
import { v7 } from 'uuid';
import { Fitter } from './fitter';
import { noisyPng, written } from './whole-back';

test.beforeEach(({ page: _ }, { project }) => {
  test.skip(project.name === 'wide', 'one device in two hands is a phone');
});

interface Account {
  readonly email: string;
  readonly password: string;
}
const ADD_ACCOUNT = fileURLToPath(new URL('../apps/server/dist/add-account.mjs', import.meta.url));
/** Names of the demo that must not be found on a device of another practice. */
const DEMO_NAMES = demoScenario().horses.map((h) => h.horse.name);

/** A practice of its own, empty, as `npm run add-account` makes one. */
function newPractice(name: string): Account {
  const account = { email: `${v7()}@own.example`, password: 'a long enough one' };
  execFileSync(process.execPath, [ADD_ACCOUNT], {
    input: [name, 'Una Reed', account.email, account.password, ''].join('\n'),
    env: process.env,
  });
  return account;
}

async function signsIn(page: Page, { email, password }: Account): Promise<void> {
  await page.getByLabel('E-mail').fill(email);
  await page.getByLabel('Password').fill(password);
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  await page
    .getByRole('button', { name: /^Saving: / })
    .first()
    .waitFor();
}

async function findsHorse(page: Page, name: string): Promise<void> {
  await page.getByLabel('Find a horse').fill(name);
  await page
    .getByRole('link', { name: new RegExp(name) })
    .first()
    .waitFor();
}

/** From home, with nothing but a photo of the wire. */
async function sendsPicture(owner: Page, info: TestInfo): Promise<void> {
  await owner.getByRole('button', { name: 'Measure at home' }).click();
  await owner
    .locator('input[type=file]')
    .first()
    .setInputFiles(await written(info, { 'wire.png': noisyPng(30_000) }));
  await expect(owner.getByText('One photo goes with it')).toBeVisible();
  for (const _ of [1, 2]) await owner.getByRole('button', { name: 'Next', exact: true }).click();
  const arrived = owner.waitForResponse((reply) => reply.url().includes('/content?from=') && reply.ok());
  await owner.getByRole('button', { name: 'Send' }).click();
  await arrived;
}

async function opensPlaces(fitter: Fitter): Promise<void> {
  await fitter.button(/^Go elsewhere/).click();
  await fitter.page.getByRole('navigation', { name: 'Places' }).waitFor();
}

async function signsOut(fitter: Fitter): Promise<void> {
  await opensPlaces(fitter);
  await fitter.button('Sign out').click();
  await fitter.page.getByLabel('Password').waitFor();
}

/** All that this browser has kept, as text: what a person with the device in hand could read. */
const keptHere = (page: Page): Promise<string> =>
  page.evaluate(async () => {
    const parts: string[] = [document.body.innerText];
    for (const store of [localStorage, sessionStorage]) parts.push(JSON.stringify(Object.entries(store)));
    for (const { name } of await indexedDB.databases()) {
      const db = await new Promise<IDBDatabase>((resolve, reject) => {
        const request = indexedDB.open(name!);
        request.onsuccess = () => resolve(request.result);
        request.onerror = () => reject(request.error!);
      });
      for (const store of db.objectStoreNames) {
        const all = await new Promise<unknown[]>((resolve, reject) => {
          const request = db.transaction(store).objectStore(store).getAll();
          request.onsuccess = () => resolve(request.result);
          request.onerror = () => reject(request.error!);
        });
        const bytes = (_: string, value: unknown) =>
          value instanceof ArrayBuffer ? new TextDecoder('latin1').decode(value) : value instanceof Uint8Array ? '' : value;
        parts.push(JSON.stringify(all, bytes));
      }
      db.close();
    }
    for (const name of await caches.keys()) if (!name.startsWith('fulcra-shell')) parts.push(name);
    return parts.join('\n');
  });

async function hasNoTraceOf(page: Page, names: readonly string[]): Promise<void> {
  await expect(async () => {
    const kept = await keptHere(page);
    for (const name of names) expect(kept, name).not.toContain(name);
  }).toPass({ timeout: 10_000 });
}

test('a second, empty practice on the same device, from its first saddle to the owner’s look, and neither sees a trace of the other', async ({
  page,
  browser,
}, info) => {
  const fitter = new Fitter(page);
  const account = newPractice('Reed and Rush');
  await page.goto('/');
  await fitter.button('Look round with the demo account').click();
  await findsHorse(page, DEMO_NAMES[0]!);
  await page.goto('/horses/new');
  await page.getByLabel('Name').fill('Secret of Skerries');
  await page.goto('/');
  await signsOut(fitter);
  await hasNoTraceOf(page, [...DEMO_NAMES, 'Secret of Skerries', DEMO_ACCOUNT.personName]);

  // no reload in between
  await signsIn(page, account);
  await expect(page.getByText(/No horse yet/)).toBeVisible();
  await hasNoTraceOf(page, [...DEMO_NAMES, 'Secret of Skerries']);
  await page.goto('/horses/new');
  await expect(page.getByLabel('Name')).toHaveValue('');
  await fitter.namesHorse('Rushlight');
  await fitter.startsVisit();
  await fitter.takesThree();
  const visit = /\/visits\/[^/]+/.exec(page.url())![0];

  // an empty stock is no dead end
  await fitter.button('See what fits').click();
  await expect(page.getByText('It lies even over both points.')).toBeVisible();
  await page.goto('/saddles/new');
  await expect(page.getByText('needed').first()).toBeVisible();
  await page.getByLabel('Name').fill('First of ours');
  await page.getByLabel('Maker').fill('Own hands');
  await fitter.button('Another width').click();
  await fitter.button('Put it into the stock').click();
  await expect(page.getByText('First of ours').first()).toBeVisible();

  await page.goto(`${visit}/front`);
  await fitter.button('Try a saddle of the stock').click();
  await fitter
    .button(/^First of ours/)
    .first()
    .click();
  await fitter.button('Keep this width').click();
  await page.getByLabel('Reasons').fill('The only one we have.');
  await fitter.button('Keep this decision').click();
  await fitter.saved();
  await page.goto('/calendar');
  await expect(page.getByText('Rushlight').first()).toBeVisible();
  await expect(page.getByText('the saddle is new to it')).toHaveCount(0);
  for (const name of DEMO_NAMES) await expect(page.getByText(name, { exact: true })).toHaveCount(0);

  await page.goto(`${visit}/report`);
  await expect(page.getByTestId('report')).toContainText('Reed and Rush');
  await expect(page.getByTestId('report')).not.toContainText('Good to ride');
  await expect(page.getByTestId('report')).toContainText('First of ours');
  await fitter.button('Give it to the owner').click();
  await page.getByLabel('Whose link').fill('Aster');
  await fitter.button('Make a link').click();
  const link = new URL((await page.getByTestId('link-address').textContent())!).pathname;
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, baseURL: new URL(page.url()).origin });
  const owner = await context.newPage();
  await owner.goto(link);
  await expect(owner.getByText('First of ours').first()).toBeVisible();
  await expect(owner.getByText(/Good to ride/)).toHaveCount(0);
  await owner.getByRole('button', { name: 'Look over the tack' }).click();
  await expect(owner.getByRole('heading', { name: 'First of ours' })).toBeVisible();
  const on = owner.getByRole('button', { name: /^(Both sound|Sound|Next)$/ });
  while (await on.isVisible()) await on.click();
  await owner.getByRole('button', { name: 'Send' }).click();
  await expect(owner.getByText('Thank you. It is with your fitter.')).toBeVisible();
  await sendsPicture(owner, info);
  await context.close();
  await page.goto('/owners');
  const picture = page.getByRole('img', { name: /Aster/ });
  await expect(picture).toBeVisible();
  const source = await picture.locator('img').or(picture).last().getAttribute('src');
  const sent = await page.request.get(source!);
  expect([sent.status(), (await sent.body()).subarray(1, 4).toString()]).toEqual([200, 'PNG']);

  await page.goto('/');
  await signsOut(fitter);
  await hasNoTraceOf(page, ['Rushlight', 'First of ours', 'Reed and Rush', 'Una Reed']);
  await signsIn(page, DEMO_ACCOUNT);
  await findsHorse(page, DEMO_NAMES[0]!);
  await expect(page.getByText('Rushlight')).toHaveCount(0);
  // what was half typed is this person's again
  await page.goto('/horses/new');
  await expect(page.getByLabel('Name')).toHaveValue('Secret of Skerries');
});

test('signed out without signal, what is unsent is named, stays sealed for its person, and is sent at their next sign-in', async ({
  page,
  context,
}) => {
  const fitter = new Fitter(page);
  const account = newPractice('Sedge');
  const name = `Sealed ${v7().slice(-6)}`;
  await fitter.arrivesOnFront(name);
  const visit = /\/visits\/([^/]+)/.exec(page.url())![1]!;
  await context.setOffline(true);
  await fitter.takes(1, [78, 79, 140, 141]);
  await opensPlaces(fitter);
  await fitter.button('Sign out').click();
  await expect(page.getByText('One entry has not been sent:')).toBeVisible();
  await fitter.button('Sign out, keep them sealed').click();
  await page.getByLabel('Password').waitFor();
  await expect(page.getByText(/One entry is sealed on this device/)).toBeVisible();
  await hasNoTraceOf(page, [name, visit, 'widths']);

  await context.setOffline(false);
  await signsIn(page, account);
  await expect(page.getByText(/No horse yet/)).toBeVisible();
  await signsOut(fitter);
  await expect(page.getByText(/One entry is sealed on this device/)).toBeVisible();
  await signsIn(page, DEMO_ACCOUNT);
  await fitter.saved();
  const whole = (await (await page.request.get(`/api/visits/${visit}`)).json()) as { takes: unknown[] };
  expect(whole.takes).toHaveLength(1);
});

test('throwing unsent work away is a choice of its own, said twice', async ({ page, context }) => {
  const fitter = new Fitter(page);
  await fitter.arrivesOnFront('Thrown away');
  const visit = /\/visits\/([^/]+)/.exec(page.url())![1]!;
  await context.setOffline(true);
  await fitter.takes(1, [78, 79, 140, 141]);
  await opensPlaces(fitter);
  await fitter.button('Sign out').click();
  await fitter.button('Throw them away and sign out').click();
  await expect(page.getByText(/are gone for good|is gone for good/)).toBeVisible();
  await fitter.button('Yes, throw them away').click();
  await page.getByLabel('Password').waitFor();
  await context.setOffline(false);
  await signsIn(page, DEMO_ACCOUNT);
  await fitter.saved();
  const whole = (await (await page.request.get(`/api/visits/${visit}`)).json()) as { takes: unknown[] };
  expect(whole.takes).toHaveLength(0);
});
