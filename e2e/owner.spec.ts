import { type Browser, type Page, expect, test } from '@playwright/test';
import { DEMO_SADDLES, demoScenario } from '@fulcra/demo';
import { PDFDocument } from 'pdf-lib';
import { readFileSync } from 'node:fs';
import { v7 } from 'uuid';
import { Fitter } from './fitter';

const DECIDED = demoScenario().visits.find((v) => v.decision !== null)!.decision!;
const { id: _, ...SADDLE } = DEMO_SADDLES[0]!;

/** A horse of its own with a saddle, a pair of leathers on it, and a visit that decided on it. */
async function decided(page: Page, fitter: Fitter, name: string): Promise<{ visit: string; saddle: string }> {
  const visit = await fitter.arrivesOnVisit(name);
  const put = async (path: string, data: object) => {
    const { csrfToken } = (await (await page.request.get('/api/session')).json()) as { csrfToken: string };
    const reply = await page.request.put(path, { data, headers: { 'x-fulcra-csrf': csrfToken } });
    expect(reply.ok(), await reply.text()).toBe(true);
  };
  const [saddleId, saddle] = [v7(), `Saddle of ${name}`];
  await put(`/api/saddles/${saddleId}`, { ...SADDLE, name: saddle });
  const pair = { kind: 'looped', spacingMm: 25, holes: 16, newOn: null, eyeToTreadMm: 125, ironWidthMm: null, riderId: null, note: '' };
  await put(`/api/leathers/${v7()}`, { ...pair, name: `Pair of ${name}`, saddleId });
  await put(`/api${visit}/decisions/${v7()}`, { ...DECIDED, saddleId });
  await page.goto(visit);
  return { visit, saddle };
}

async function givesLink(page: Page, fitter: Fitter): Promise<string> {
  await fitter.button('Give it to the owner').click();
  await page.getByLabel('Whose link').fill('Morwen');
  await fitter.button('Make a link').click();
  await expect(page.getByRole('img', { name: 'The link as a code to photograph' })).toBeVisible();
  return new URL((await page.getByTestId('link-address').textContent())!).pathname;
}

/** The owner on a phone of their own, without an account. */
async function asOwner(browser: Browser, path: string, baseURL: string): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, isMobile: true, hasTouch: true, baseURL });
  const page = await context.newPage();
  await page.goto(path);
  return page;
}

test('a visit ends in a report; by its link the owner finds an unsafe leather, which holds the saddle until it is mended', async ({
  page,
  browser,
}, { project }) => {
  const fitter = new Fitter(page);
  const name = `Link ${project.name}`;
  const { visit, saddle } = await decided(page, fitter, name);
  await page.getByRole('button', { name: 'good to ride', exact: true }).first().click();
  await fitter.button('Owner’s report').click();
  await page.getByLabel('What you say in plain words').fill('We took six millimetres out behind.');
  await fitter.button('Keep these words').click();
  await fitter.saved();
  await page.goto(visit);
  await fitter.button('Close this visit').click();
  await page.goto(`${visit}/report`);
  await expect(page.getByTestId('report')).toContainText('We took six millimetres out behind.');
  await expect(page.getByTestId('report')).toContainText('Good to ride (not felt, not ridden).');
  const [file] = await Promise.all([page.waitForEvent('download'), fitter.button('PDF').click()]);
  const pdf = await PDFDocument.load(readFileSync(await file.path()));
  expect(pdf.getTitle()).toBe(`Report on ${name}`);
  const path = await givesLink(page, fitter);

  const owner = await asOwner(browser, path, new URL(page.url()).origin);
  await expect(owner.getByText('We took six millimetres out behind.')).toBeVisible();
  await owner.getByRole('button', { name: 'Look over the tack' }).click();
  await owner.getByRole('button', { name: `Leathers: Pair of ${name}` }).click();
  await owner.getByRole('group', { name: 'Holes, off' }).getByRole('button', { name: 'unsafe' }).click();
  await owner.getByLabel('What is it, off?').fill('Torn into the next.');
  await owner.reload();
  await owner.getByRole('button', { name: 'Look over the tack' }).click();
  await owner.getByRole('button', { name: `Leathers: Pair of ${name}` }).click();
  await expect(owner.getByLabel('What is it, off?')).toHaveValue('Torn into the next.');
  const on = owner.getByRole('button', { name: /^(Both sound|Sound|Next)$/ });
  while (await on.isVisible()) await on.click();
  await owner.getByRole('button', { name: 'Send' }).click();
  await expect(owner.getByText(/You found something unsafe/)).toBeVisible();
  await owner.getByRole('button', { name: 'Ask for a visit' }).click();
  await owner.getByLabel('When would suit you?').fill('Friday after four');
  await owner.getByRole('button', { name: 'Send' }).click();
  await expect(owner.getByText('Asks for a visit: Friday after four.')).toBeVisible();

  await page.goto('/saddles');
  await page.getByLabel('Find a saddle').fill(saddle);
  await expect(page.getByTestId('saddle-row')).toContainText('unsafe, held');
  await page.goto(visit);
  await expect(page.getByText(`Pair of ${name} is noted as unsafe`, { exact: false })).toBeVisible();
  await page.goto('/owners');
  const word = page.getByRole('group', { name });
  await expect(word).toContainText('Asks for a visit: Friday after four.');
  await word.getByRole('button', { name: 'Take it up' }).click();
  await expect(word).toContainText('taken up by Isla Venn');

  await page.goto('/tack');
  await page.getByLabel('Find a saddle, pair or girth').fill(`Pair of ${name}`);
  await page.getByTestId('tack-row').click();
  await expect(page.getByText(/by the owner, Morwen: Torn into the next/)).toBeVisible();
  await fitter.button('It is mended').click();
  await page.getByLabel('Who mended it').fill('Lanyon’s bench');
  await page.getByLabel('What was done').fill('Cut back and punched anew.');
  await fitter.button('It can be ridden in again').click();
  await expect(page.getByText('Mended by Lanyon’s bench: Cut back and punched anew.')).toBeVisible();
  await page.goto('/saddles');
  await page.getByLabel('Find a saddle').fill(saddle);
  await expect(page.getByTestId('saddle-row')).not.toContainText('unsafe');
});

test('a link that was taken back opens nothing, and says what to do', async ({ page, browser }, { project }) => {
  const fitter = new Fitter(page);
  const { visit } = await decided(page, fitter, `Gone ${project.name}`);
  await page.goto(`${visit}/report`);
  const path = await givesLink(page, fitter);
  await fitter.button('Take it back').click();
  await expect(page.getByText('taken back')).toBeVisible();
  const owner = await asOwner(browser, path, new URL(page.url()).origin);
  await expect(owner.getByText('This link opens nothing any more')).toBeVisible();
  await owner.goto('/o/guessed');
  await expect(owner.getByText('This link opens nothing any more')).toBeVisible();
});

test('the calendar says why a horse is due; a visit is planned, changed and called off, and a letter goes out', async ({ page }, {
  project,
}) => {
  const fitter = new Fitter(page);
  const name = `Due ${project.name}`;
  const { visit } = await decided(page, fitter, name);
  await fitter.arrives('/calendar');
  const row = page.getByRole('group', { name });
  // the first saddle that was decided on is no new one
  await expect(row).not.toContainText('the saddle is new to it');
  await expect(row).toContainText('after the visit of');
  await row.getByRole('button', { name: 'Plan a visit' }).click();
  await page.getByLabel('Day (year-month-day)').fill('2027-02-30');
  await fitter.button('Put it into the calendar').click();
  await expect(page.getByText('A day as 2026-12-03.')).toBeVisible();
  await page.getByLabel('Day (year-month-day)').fill('2031-02-28');
  await page.getByLabel('Time', { exact: true }).fill('07:45');
  await fitter.button('Put it into the calendar').click();
  const day = page.getByRole('group', { name: '28 Feb 2031' });
  await expect(day).toContainText(name);
  await page.reload();
  await expect(row).toContainText('Planned for 28 Feb 2031, 07:45');
  await row.getByRole('button', { name: 'Write to the owner' }).click();
  await page.getByLabel('To', { exact: true }).fill('nobody');
  await fitter.button('Send it').click();
  await expect(page.getByText('An e-mail address.')).toBeVisible();
  await page.getByLabel('To', { exact: true }).fill('owner@yard.example');
  await fitter.button('Send it').click();
  await page.goto('/letters');
  await expect(page.getByText(`${name} is due for a saddle check`)).toHaveCount(2);
  await page.goto('/calendar');
  await day.getByRole('button', { name: 'Cancel the visit' }).last().click();
  await fitter.button('Undo').click();
  await expect(day).toContainText(name);
  expect(visit).toContain('/visits/');
});
