import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import { Fitter } from './fitter';
import { straightLines } from './pdf-lines';

/** Walked on a wide screen too; the others are the same code at any width. */
const WIDE_TOO = /crossing/;
test.beforeEach(({ page: _ }, { project, title }) => {
  test.skip(project.name === 'wide' && !WIDE_TOO.test(title), 'the same code at any width');
});

test('crossing and zero widths are refused by name and nothing typed is lost', async ({ page }) => {
  const fitter = new Fitter(page);
  await fitter.arrivesOnFront('Crossing');
  await fitter.entersWidths([140, 79, 78, 141]);
  await fitter.button('Keep take 1').click();
  await expect(page.getByText(/On the near side the back is 78 mm at 140 mm, narrower than 140 mm at 80 mm/)).toBeVisible();
  await fitter.typesOver('Depth 1: near, mm', 0);
  await expect(page.getByText(/has a width of 0 mm. Measure it again/)).toBeVisible();
  await fitter.typesOver('Depth 1: near, mm', 70);
  await fitter.button('Keep take 1').click();
  await expect(page.getByText('Take 1', { exact: true })).toBeVisible();
});

test('inches go in and come out as they were typed', async ({ page }) => {
  const fitter = new Fitter(page);
  await fitter.arrivesOnFront('Inches');
  await fitter.button('inches').click();
  await fitter.typesOver('Depth 1: near, in', 3.25);
  await expect(fitter.button(/^Depth 1: near, in: 3.25 in/)).toBeVisible();
  await page.getByRole('group', { name: 'Unit', exact: true }).getByRole('button', { name: 'mm' }).click();
  await expect(fitter.button(/^Depth 1: near, mm: 83 mm/)).toBeVisible();
});

test('centimetres and inches typed as millimetres are asked about and put right with one tap', async ({ page }) => {
  const fitter = new Fitter(page);
  await fitter.arrivesOnFront('Slip');
  await fitter.typesOver('Depth 1: near, mm', 3);
  await fitter.button('Next number').click();
  for (const value of [3, 5, 5]) {
    await fitter.typesNext(value);
    await fitter.button('Next number').click();
  }
  await expect(page.getByText(/Did you mean inches\?/)).toBeVisible();
  await fitter.button('Keep take 1').click();
  await expect(page.getByText('Take 1', { exact: true })).toHaveCount(0);
  await fitter.button('They were inches').click();
  await expect(fitter.button(/^Depth 2: off, mm: 127 mm/)).toBeVisible();
  await fitter.button('Keep take 1').click();
  await expect(page.getByText('Take 1', { exact: true })).toBeVisible();
});

test('what was meant is told by the unit that is set, as soon as it is set', async ({ page }) => {
  const fitter = new Fitter(page);
  await fitter.arrivesOnFront('Set to centimetres');
  await page.getByRole('group', { name: 'Unit', exact: true }).getByRole('button', { name: 'cm' }).click();
  for (const value of [74, 76, 126, 128]) {
    await fitter.typesNext(value);
    await fitter.button('Next number').click();
  }
  await expect(page.getByText(/Did you mean millimetres\?/)).toBeVisible();
  await fitter.button('They were millimetres').click();
  await expect(fitter.button(/^Depth 2: off, cm: 12.8 cm/)).toBeVisible();
});

test('names in any script are kept, and their template is still to scale', async ({ page }) => {
  const fitter = new Fitter(page);
  await fitter.arrivesOnFront('سهيل 🐴');
  await fitter.takesThree();
  await page.goto(page.url().replace('/trace/front', '/template'));
  const downloading = page.waitForEvent('download');
  await fitter.button(/^PDF/).click();
  const pdf = new Uint8Array(await readFile(await (await downloading).path()));
  expect((await straightLines(pdf, 0)).filter((l) => Math.abs(l.lengthMm - 100) < 0.01)).toHaveLength(2);
});

test('empty and impossible facts of a horse are refused by name', async ({ page }) => {
  const fitter = new Fitter(page);
  await fitter.arrives('/horses/new');
  await page.getByLabel('Height, hands').fill('15.7');
  await page.getByLabel('Age, years').fill('three hundred');
  await fitter.button('Add this horse').click();
  await expect(page.getByText(/A horse needs a name/)).toBeVisible();
  await expect(page.getByText(/“15.7” is not a height in hands/)).toBeVisible();
  await expect(page.getByText(/“three hundred” is not an age/)).toBeVisible();
});

test('an address of nobody’s is answered with a way out', async ({ page }) => {
  const fitter = new Fitter(page);
  await fitter.arrives('/visits/019b8b1f-2400-7000-8000-00000000dead');
  await expect(page.getByText(/nothing here that your practice owns/)).toBeVisible();
  await fitter.button('To the yard').click();
  await expect(page.getByRole('heading', { name: 'The yard' })).toBeVisible();
});
