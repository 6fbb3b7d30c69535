import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { Fitter } from './fitter';
import { noisyPng, written } from './whole-back';

test('a saddle described by its measures, found again, noted as unsafe, photographed, and handed on', async ({ page }, info) => {
  const fitter = new Fitter(page);
  const name = `Bench ${info.project.name}`;
  await fitter.arrives('/');
  await fitter.button('The stock').click();
  await fitter.button('Describe a saddle').first().click();
  await page.getByLabel('Name').fill(name);
  await fitter.button('Put it into the stock').click();
  await expect(page.getByText(/maker is empty/)).toBeVisible();
  await page.getByLabel('Maker').fill('Own hands');
  await fitter.types('Length of the tree', 340);
  await expect(page.getByText('from the front of the arch level to the rear end')).toBeVisible();
  await page.reload();
  await expect(fitter.button('Length of the tree: 340 mm, type it')).toBeVisible();
  await fitter.button('Another width').click();
  await fitter.button('Put it into the stock').click();
  await page.getByLabel('Find a saddle').fill(name);
  await expect(page.getByTestId('saddle-row')).toHaveCount(1);
  await page.getByTestId('saddle-row').click();
  await fitter.button('unsafe').click();
  await expect(page.getByText('Do not ride in it until it is mended')).toBeVisible();
  await fitter.button('Keep the changes').click();
  await page.getByLabel('Find a saddle').fill(name);
  await expect(page.getByTestId('saddle-row')).toContainText('unsafe');
  await page.getByTestId('saddle-row').click();
  await page.getByRole('button', { name: 'from below', exact: true }).click();
  await page.getByLabel('Choose photos').setInputFiles(await written(info, { 'channel.png': noisyPng(50_000) }));
  await expect(page.getByText(/sent, from below/)).toBeVisible();
  await page.goto('/saddles');
  await page.getByLabel('Find a saddle').fill(name);
  await expect(page.getByRole('img', { name: `Photo of ${name}` })).toBeVisible();
  const [file] = await Promise.all([page.waitForEvent('download'), fitter.button('Save the stock as a file').click()]);
  const saved = JSON.parse(readFileSync(await file.path(), 'utf8')) as { format: string; saddles: { name: string; state: string }[] };
  expect(saved.format).toBe('fulcra-saddles');
  expect(saved.saddles.find((s) => s.name === name)).toMatchObject({ state: 'unsafe' });
});

test('a file that isn’t a stock takes nothing in; one that is takes in only what is new', async ({ page }, { project }) => {
  test.skip(project.name !== 'wide', 'the same code at any width');
  const fitter = new Fitter(page);
  await fitter.arrives('/saddles');
  const gives = async (content: string) => {
    const [chooser] = await Promise.all([page.waitForEvent('filechooser'), fitter.button('Take a file in').click()]);
    await chooser.setFiles({ name: 'stock.json', mimeType: 'application/json', buffer: Buffer.from(content) });
  };
  await gives('not a stock');
  await expect(page.getByText('nothing was taken in')).toBeVisible();
  const [file] = await Promise.all([page.waitForEvent('download'), fitter.button('Save the stock as a file').click()]);
  const stock = JSON.parse(readFileSync(await file.path(), 'utf8')) as { saddles: { name: string }[] };
  const guest = { ...stock.saddles[0]!, name: 'Guest from another practice' };
  await gives(JSON.stringify({ ...stock, saddles: [...stock.saddles, guest] }));
  await expect(page.getByText(/^1 taken in; \d+ were there already\.$/)).toBeVisible();
  await expect(page.getByText('Guest from another practice')).toBeVisible();
});
