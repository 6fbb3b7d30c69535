import { expect, test } from '@playwright/test';
import { Fitter } from './fitter';

test('a sheet keeps the focus, scrolls to its end, and goes by Escape or by a drag', async ({ page }, { project }) => {
  test.skip(project.name !== 'wide', 'the same code at any width');
  const fitter = new Fitter(page);
  await fitter.arrives('/');
  await page.getByLabel('Find a horse').fill('Corrie');
  await page.getByText('Corrie').first().click();
  await fitter.button('Open this visit').first().click();
  await page.goto(`${page.url()}/fit-room`);
  await fitter.button('Other saddle').click();
  const sheet = page.getByRole('dialog', { name: 'The stock on this back' });
  await expect(sheet.getByText(/^1\. /)).toBeVisible({ timeout: 120_000 });
  const foot = async () => sheet.boundingBox().then((box) => box!.y + box!.height);
  const lowest = page.viewportSize()!.height + 1;
  await expect.poll(foot).toBeLessThanOrEqual(lowest);
  expect((await sheet.boundingBox())!.y).toBeGreaterThan(40);
  for (let i = 0; i < 4; i++) {
    await page.keyboard.press('Tab');
    expect(await sheet.evaluate((node) => node.contains(document.activeElement))).toBe(true);
  }
  await page.keyboard.press('Escape');
  await expect(sheet).toHaveCount(0);
  await expect(fitter.button('Other saddle')).toBeFocused();
  await fitter.button('Other saddle').click();
  await expect(sheet.getByText(/^1\. /)).toBeVisible({ timeout: 120_000 });
  await expect.poll(foot).toBeLessThanOrEqual(lowest);
  const again = (await sheet.boundingBox())!;
  await page.mouse.move(again.x + 300, again.y + 20);
  await page.mouse.down();
  for (let i = 1; i <= 14; i++) await page.mouse.move(again.x + 300, again.y + 20 + i * 35, { steps: 2 });
  await page.mouse.up();
  await expect(sheet).toHaveCount(0);
});
