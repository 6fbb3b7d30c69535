import { type Page, expect, test } from '@playwright/test';
import { Fitter } from './fitter';

/** Walked on a wide screen too; the others are the same code at any width. */
const WIDE_TOO = /by keyboard|one by one/;
test.beforeEach(({ page: _ }, { project, title }) => {
  test.skip(project.name === 'wide' && !WIDE_TOO.test(title), 'the same code at any width');
});

const grid = (page: Page) => page.getByRole('application');

async function tapsSection(page: Page): Promise<void> {
  const box = (await grid(page).boundingBox())!;
  const middle = { x: box.x + box.width / 2, y: box.y + box.height * 0.2 };
  const step = box.width / 12;
  for (const k of [-4, -3, -2, -1, 0, 1, 2, 3, 4]) await page.mouse.click(middle.x + k * step, middle.y + Math.abs(k) * step * 0.9);
}

async function onTheGrid(page: Page, name: string): Promise<Fitter> {
  const fitter = new Fitter(page);
  await fitter.arrivesOnFront(name);
  await fitter.button('Points').click();
  return fitter;
}

test('points are tapped, survive a reload, are undone one by one and kept as a take', async ({ page }) => {
  const fitter = await onTheGrid(page, 'Tapped');
  await tapsSection(page);
  await expect(grid(page)).toHaveAttribute('aria-label', /9 points/);
  await page.reload();
  await expect(grid(page)).toHaveAttribute('aria-label', /9 points/);
  await fitter.button('Undo').click();
  await expect(grid(page)).toHaveAttribute('aria-label', /8 points/);
  await fitter.button('Keep take 1').click();
  await expect(page.getByText('Take 1', { exact: true })).toBeVisible();
});

test('points are set and moved by keyboard alone', async ({ page }) => {
  await onTheGrid(page, 'Keyed');
  await grid(page).focus();
  await page.keyboard.press('n');
  for (let i = 0; i < 8; i++) {
    await page.keyboard.press('n');
    for (let k = 0; k < 2; k++) await page.keyboard.press(i < 4 ? 'Shift+ArrowUp' : 'Shift+ArrowDown');
    await page.keyboard.press('Shift+ArrowRight');
  }
  await expect(grid(page)).toHaveAttribute('aria-label', /9 points/);
  await page.keyboard.press('Delete');
  await expect(grid(page)).toHaveAttribute('aria-label', /8 points/);
});

test('one side alone is refused with the reach it has', async ({ page }) => {
  const fitter = await onTheGrid(page, 'One side');
  const box = (await grid(page).boundingBox())!;
  for (let k = 0; k < 6; k++) await page.mouse.click(box.x + box.width / 2 - k * 24, box.y + 60 + k * 24);
  await fitter.button('Keep take 1').click();
  await expect(page.getByText(/The off side reaches only/)).toBeVisible();
});

test('1500 taps fill the grid, which says so and goes on working', async ({ page }, { project }) => {
  test.skip(project.name !== 'phone', 'a frightened thumb');
  test.setTimeout(120_000);
  const fitter = await onTheGrid(page, 'Many taps');
  await grid(page).evaluate(async (element) => {
    const { left, top, width, height } = element.getBoundingClientRect();
    element.setPointerCapture = () => undefined;
    const tap = async (type: string, clientX: number, clientY: number): Promise<void> => {
      element.dispatchEvent(new PointerEvent(type, { pointerId: 1, clientX, clientY, bubbles: true }));
      for (let i = 0; i < 4; i++) await Promise.resolve();
    };
    for (let i = 0; i < 1500; i++) {
      const [x, y] = [left + ((i * 37) % Math.floor(width)), top + ((i * 53) % Math.floor(height))];
      await tap('pointerdown', x, y);
      await tap('pointerup', x, y);
    }
  });
  const label = (await grid(page).getAttribute('aria-label'))!;
  const points = Number(/(\d+) points/.exec(label)![1]);
  expect(points).toBeGreaterThan(100);
  expect(points).toBeLessThanOrEqual(400);
  await fitter.button('Undo').click();
  await fitter.button('Keep take 1').click();
  await expect(page.getByRole('alert').first()).toBeVisible();
});
