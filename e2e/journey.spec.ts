import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import { Fitter } from './fitter';
import { sheetSizesMm, straightLines } from './pdf-lines';

test('from sign-in to a printed template whose bars are 100 mm', async ({ page }, { project }) => {
  const fitter = new Fitter(page);
  const name = `Quern ${project.name}`;
  await page.goto('/');
  await fitter.button('Look round with the demo account').click();
  await fitter.addsHorse(name);
  await fitter.startsVisit();
  await fitter.takesThree();
  await expect(page.getByText(/3 takes agree/)).toBeVisible();
  await fitter.button('See what fits').click();

  await expect(page.getByText('It lies even over both points.')).toBeVisible();
  await expect(page.getByText(/Next narrower, \d+°: /)).toBeVisible();
  await expect(page.getByText(/Next wider, \d+°: too wide/).first()).toBeVisible();
  await fitter.button('Why').click();
  await expect(page.getByText(/of 100 redraws/).first()).toBeVisible();
  await fitter.button('Close').last().click();

  await fitter.button('Try a saddle of the stock').click();
  await fitter.button(/^Holm trekker no. 1 at Willow/).click();
  await expect(page.getByText(/Sallow & Tench “Willow”/)).toBeVisible();
  await fitter.button('Keep this width').click();
  await page.getByLabel('Reasons').fill('Even, and the plate is in the van.');
  await fitter.button('Keep this decision').click();
  await fitter.saved();

  await fitter.button('Open: Template at full scale').click();
  const downloading = page.waitForEvent('download');
  await fitter.button(/^PDF, 2 A4 sheets$/).click();
  const pdf = new Uint8Array(await readFile(await (await downloading).path()));
  for (const sheet of [0, 1]) {
    const bars = (await straightLines(pdf, sheet)).filter((l) => Math.abs(l.lengthMm - 100) < 0.01);
    expect(bars.map((b) => b.level).sort()).toEqual([false, true]);
  }
  expect((await sheetSizesMm(pdf)).map((s) => [...s].sort())).toEqual([
    [210, 297],
    [210, 297],
  ]);
  const drawing = page.waitForEvent('download');
  await fitter.button('SVG').click();
  expect(await readFile(await (await drawing).path(), 'utf8')).toContain(`Horse: ${name}`);

  await page.goto('/');
  await page.getByRole('link', { name: new RegExp(name) }).click();
  await expect(page.getByText('Even, and the plate is in the van.')).toBeVisible();
  await expect(page.getByRole('img', { name: 'Section with the chosen arch' })).toBeVisible();
});

test('a take that disagrees is named, and one more settles it', async ({ page }) => {
  const fitter = new Fitter(page);
  await fitter.arrivesOnFront('Odd take');
  await fitter.takes(1, [78, 79, 140, 141]);
  await expect(page.getByText(/One take can be believed, not proved/)).toBeVisible();
  await fitter.takes(2, [90, 92, 150, 152]);
  await expect(page.getByText(/Takes 1 and 2 differ by \d+ mm/)).toBeVisible();
  await fitter.takes(3, [79, 78, 141, 140]);
  await expect(page.getByText(/Take 2 is the odd one out: it lies \d+\.\d mm off/)).toBeVisible();
  await fitter.button('Withdraw take 2').click();
  await expect(page.getByText('Take 2 is withdrawn.')).toBeVisible();
  await fitter.button('Undo').last().click();
  await expect(page.getByText(/Take 2 is the odd one out/)).toBeVisible();
});

test('the school changes the answer and says what it waits for', async ({ page }) => {
  const fitter = new Fitter(page);
  await fitter.arrivesOnFront('Schools');
  await fitter.takesThree();
  await fitter.button('See what fits').click();
  await expect(page.getByText('It lies even over both points.')).toBeVisible();
  await fitter.button(/^School: Static close/).click();
  await expect(page.getByText(/Its front waits for the slope of the shoulder blade/).first()).toBeVisible();
  await fitter.button('Judge by Room to move').click();
  await fitter.button('Why').click();
  await expect(page.getByText(/this school reads it at 80 mm/).first()).toBeVisible();
  await expect(page.getByText(/One width over comes down/)).toBeVisible();
});

test('the backline leads to every station, and unknown ones are answered with a way out', async ({ page }) => {
  const fitter = new Fitter(page);
  await fitter.arrivesOnVisit('Pegs');
  await fitter.button('low: not measured').click();
  await expect(page.getByText(/Where a pen rolled along the spine comes to rest/)).toBeVisible();
  await fitter.button('front: not measured').click();
  await expect(page.getByText(/Front section, 50 mm behind the scapula/)).toBeVisible();
  await page.goto(page.url().replace('/front', '/wing'));
  await expect(page.getByText('A back has no such station.')).toBeVisible();
  await fitter.button('To the visit').click();
  await expect(fitter.button('Open: Landmarks')).toBeVisible();
});
