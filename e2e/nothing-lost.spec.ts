import { expect, test } from '@playwright/test';
import { DEMO_ACCOUNT } from '@fulcra/demo';
import { Fitter } from './fitter';

/** Walked on a wide screen too; the others are the same code at any width. */
const WIDE_TOO = /signed out|second tab/;
test.beforeEach(({ page: _ }, { project, title }) => {
  test.skip(project.name === 'wide' && !WIDE_TOO.test(title), 'the same code at any width');
});

test('signed out in the middle of a visit: the take waits, and is sent after signing in at the same place', async ({ page, context }) => {
  const fitter = new Fitter(page);
  await fitter.arrivesOnFront('Expired');
  await fitter.takes(1, [78, 79, 140, 141]);
  await fitter.saved();
  await context.clearCookies();
  await fitter.entersWidths([79, 78, 141, 140]);
  await fitter.button('Keep take 2').click();
  await expect(page.getByText(/One entry is kept on this device/)).toBeVisible();
  await page.getByLabel('E-mail').fill(DEMO_ACCOUNT.email);
  await page.getByLabel('Password').fill(DEMO_ACCOUNT.password);
  await fitter.button('Sign in').click();
  await expect(page.getByText('Take 2', { exact: true })).toBeVisible();
  await fitter.saved();
  const visitId = /visits\/([^/]+)/.exec(page.url())![1]!;
  const onServer = (await (await page.request.get(`/api/visits/${visitId}`)).json()) as { takes: unknown[] };
  expect(onServer.takes).toHaveLength(2);
});

test('no signal: takes are kept, said to be kept, and sent when it comes back', async ({ page, context }) => {
  const fitter = new Fitter(page);
  await fitter.arrivesOnFront('No signal');
  await fitter.saved();
  await context.setOffline(true);
  await fitter.takesThree();
  await expect(fitter.button(/kept here, 3 to send/)).toBeVisible();
  await context.setOffline(false);
  await fitter.saved();
});

test('a visit begun without signal is fitted, decided, and arrives whole', async ({ page, context }) => {
  const fitter = new Fitter(page);
  await fitter.arrives();
  await fitter.button('Add a horse').first().waitFor();
  await context.setOffline(true);
  await fitter.addsHorse('All offline');
  await fitter.startsVisit();
  await fitter.takesThree();
  await fitter.button('See what fits').click();
  await fitter.button('Keep this width').click();
  await fitter.button('Keep this decision').click();
  await expect(fitter.button('Open: Template at full scale')).toBeVisible();
  await context.setOffline(false);
  await fitter.saved();
  const visitId = /visits\/([^/]+)/.exec(page.url())![1]!;
  const whole = (await (await page.request.get(`/api/visits/${visitId}`)).json()) as { takes: unknown[]; decision: { verdict: string } };
  expect(whole.takes).toHaveLength(3);
  expect(whole.decision.verdict).toBe('even');
});

test('the sign-in runs out while there is no signal: everything waits, and goes after signing in again', async ({ page, context }) => {
  const fitter = new Fitter(page);
  await fitter.arrivesOnFront('Expired offline');
  await fitter.saved();
  await context.setOffline(true);
  await context.clearCookies();
  await fitter.takes(1, [78, 79, 140, 141]);
  await fitter.takes(2, [79, 78, 141, 140]);
  await context.setOffline(false);
  await expect(page.getByText(/2 entries are kept on this device/)).toBeVisible();
  await page.getByLabel('E-mail').fill(DEMO_ACCOUNT.email);
  await page.getByLabel('Password').fill(DEMO_ACCOUNT.password);
  await fitter.button('Sign in').click();
  await expect(page.getByText('Take 2', { exact: true })).toBeVisible();
  await fitter.saved();
});

test('a second tab sees the take, and every address can be reloaded', async ({ page, context }) => {
  const fitter = new Fitter(page);
  await fitter.arrivesOnFront('Two tabs');
  const second = await context.newPage();
  await second.goto(page.url());
  await expect(second.getByRole('button', { name: 'Keep take 1' })).toBeVisible();
  await page.bringToFront();
  await fitter.takesThree();
  await fitter.saved();
  await second.bringToFront();
  // what was answered a moment ago isn't asked again at each look
  await expect(async () => {
    await second.evaluate(() => window.dispatchEvent(new Event('visibilitychange')));
    await expect(second.getByText('Take 3', { exact: true })).toBeVisible({ timeout: 2_000 });
  }).toPass();
  await page.bringToFront();
  const visit = page.url().replace(/\/trace\/front$/, '');
  for (const [path, seen] of [
    ['', 'Open: What fits'],
    ['/trace/front', 'See what fits'],
    ['/front', 'Keep this width'],
    ['/template', 'SVG'],
  ] as const) {
    await page.goto(visit + path);
    await expect(fitter.button(seen).first()).toBeVisible();
  }
  await page.goBack();
  await expect(fitter.button('Keep this width')).toBeVisible();
});

test('a new horse half typed survives a reload', async ({ page }) => {
  const fitter = new Fitter(page);
  await fitter.arrives('/horses/new');
  await page.getByLabel('Name').fill('Half typed');
  await page.reload();
  await expect(page.getByLabel('Name')).toHaveValue('Half typed');
});

test('a take the server refuses is shown with its reason, and sent again or let go', async ({ page }) => {
  const fitter = new Fitter(page);
  await fitter.arrivesOnFront('Refused');
  await fitter.saved();
  const error = { code: 'TAKES_FULL', message: 'This station already has five takes.', remedy: 'Withdraw one first.', requestId: 'r' };
  await page.route('**/takes/*', (route) => route.fulfill({ status: 409, json: { error } }));
  await fitter.entersWidths([78, 79, 140, 141]);
  await fitter.button('Keep take 1').click();
  await fitter.button('Saving: 1 refused').click();
  await expect(page.getByText(/This station already has five takes. Withdraw one first./)).toBeVisible();
  await page.unroute('**/takes/*');
  await fitter.button('Try again').click();
  await fitter.button('Close').last().click();
  await expect(page.getByText('Take 1', { exact: true })).toBeVisible();
  await fitter.saved();
});
