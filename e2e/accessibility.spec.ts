import AxeBuilder from '@axe-core/playwright';
import { type Page, expect, test } from '@playwright/test';
import { Fitter } from './fitter';

async function isClean(page: Page, where: string): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']).analyze();
  expect(violations.map((v) => `${where}: ${v.id} ${v.nodes[0]?.html.slice(0, 160)} ${v.nodes[0]?.failureSummary?.slice(0, 400)}`)).toEqual(
    [],
  );
}

for (const colorScheme of ['light', 'dark'] as const) {
  test(`every screen is clean by axe, ${colorScheme}`, async ({ page }) => {
    await page.emulateMedia({ colorScheme });
    const fitter = new Fitter(page);
    await page.goto('/');
    await fitter.button('Sign in').waitFor();
    await isClean(page, 'sign-in');
    await fitter.arrives();
    await page.getByRole('link').first().waitFor();
    await isClean(page, 'yard');
    await fitter.addsHorse(`Axe ${colorScheme}`);
    await isClean(page, 'horse');
    await fitter.startsVisit();
    await isClean(page, 'front, widths');
    await fitter.takesThree();
    await fitter.button('Points on the grid').click();
    await isClean(page, 'front, points');
    const visit = page.url().replace('/front', '');
    await page.goto(`${visit}/fit`);
    await fitter.button('Keep this width').waitFor();
    await isClean(page, 'fit');
    await fitter.button('Why').click();
    await isClean(page, 'why');
    await page.keyboard.press('Escape');
    await fitter.button('Keep this width').click();
    await isClean(page, 'decide');
    await fitter.button('Keep this decision').click();
    await fitter.button('Print the template').waitFor();
    await isClean(page, 'visit');
    await page.goto(`${visit}/template`);
    await fitter.button('SVG').waitFor();
    await isClean(page, 'template');
    await page.goto('/horses/new');
    await page.getByLabel('Name').waitFor();
    await isClean(page, 'new horse');
  });
}
