import { DEMO_ACCOUNT } from '@fulcra/demo';
import { expect, test } from '@playwright/test';
import { Fitter } from './fitter';

test.beforeEach(({ page: _ }, { project }) => {
  test.skip(project.name === 'wide', 'the same code at any width');
});

test('a closed visit’s takes stand as they are until it is opened again, which is on record', async ({ page }) => {
  const fitter = new Fitter(page);
  const visit = await fitter.arrivesOnFront('Closed');
  await fitter.takes(1, [78, 79, 140, 141]);
  await fitter.saved();
  await page.goto(visit);
  await fitter.button('Close this visit').click();
  await fitter.saved();
  await page.goto(`${visit}/trace/front`);
  await expect(page.getByText(/This visit is closed/)).toBeVisible();
  await expect(fitter.button('Withdraw take 1')).toHaveCount(0);
  await expect(fitter.button('Keep take 2')).toHaveCount(0);
  await fitter.button('Open this visit again').click();
  await fitter.takes(2, [79, 79, 141, 142]);
  await fitter.saved();
  const kept = (await (await page.request.get(`/api${visit}`)).json()) as { takes: unknown[]; facts: { body: { kind: string } }[] };
  expect(kept.takes).toHaveLength(2);
  expect(kept.facts.map((f) => f.body.kind)).toEqual(['visitClosed', 'visitReopened']);
});

test('what is typed is there after Close and after a reload, before anybody has kept it', async ({ page }) => {
  const fitter = new Fitter(page);
  await fitter.arrivesOnVisit('Typed', '/intake');
  await page.getByLabel('Injuries').fill('kicked in spring');
  await fitter.button('rolls').click();
  await fitter.button(/^Where and when/).click();
  await page.getByLabel('In the owner’s words').fill('slips when he');
  await fitter.button('Close').click();
  await page.reload();
  await expect(page.getByLabel('Injuries')).toHaveValue('kicked in spring');
  await fitter.button(/^Where and when/).click();
  await expect(page.getByLabel('In the owner’s words')).toHaveValue('slips when he');
  await page.getByLabel('In the owner’s words').fill('slips when he turns');
  await fitter.button('Done').click();
  await expect(page.getByText(/slips when he turns/)).toBeVisible();
  // said of the horse as soon as the hand went elsewhere
  await fitter.saved();
  await page.reload();
  await expect(page.getByLabel('Injuries')).toHaveValue('kicked in spring');
  await expect(fitter.button('Keep this')).toHaveCount(0);
});

test('a draft that this release can’t go on with is set aside in sight, and the screen works', async ({ page }) => {
  const fitter = new Fitter(page);
  const visit = await fitter.arrivesOnFront('Set aside');
  const key = `draft:${DEMO_ACCOUNT.practiceId}/${DEMO_ACCOUNT.personId}:trace-${visit.split('/').at(-1)}-front`;
  await page.evaluate((name) => localStorage.setItem(name, '{"rows":"as they once were"}'), key);
  await page.reload();
  await fitter.takes(1, [78, 79, 140, 141]);
  await fitter.button(/^Saving: draft set aside/).click();
  await expect(page.getByText('{"rows":"as they once were"}')).toBeVisible();
  await fitter.button(/^Let trace-.* go$/).click();
  await fitter.button('Close').click();
  await fitter.saved();
});
