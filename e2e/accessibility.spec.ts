import AxeBuilder from '@axe-core/playwright';
import { type Page, expect, test } from '@playwright/test';
import { WHAT_NEXT, opensAgain } from './fit-room';
import { Fitter } from './fitter';

// colours are judged once they have come, not halfway in
test.use({ contextOptions: { reducedMotion: 'reduce' } });

/** A drawing is one picture with a name; its thousand strokes are no words to read. */
const DRAWN = 'svg *';
const LEVEL = ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'];

/** By day in every respect; by evening in what the evening changes, the colours, which are the same at any width. */
async function isClean(page: Page, where: string): Promise<void> {
  await findsNothing(new AxeBuilder({ page }).withTags(LEVEL).exclude(DRAWN), where);
  if (page.viewportSize()!.width > 500) return;
  await page.emulateMedia({ colorScheme: 'dark' });
  await findsNothing(new AxeBuilder({ page }).withRules(['color-contrast']).exclude(DRAWN), `${where}, dark`);
  await page.emulateMedia({ colorScheme: 'light' });
}

async function findsNothing(axe: AxeBuilder, where: string): Promise<void> {
  const { violations } = await axe.analyze();
  expect(violations.map((v) => `${where}: ${v.id} ${v.nodes[0]?.html.slice(0, 160)} ${v.nodes[0]?.failureSummary?.slice(0, 400)}`)).toEqual(
    [],
  );
}

/** The steps of a whole measurement, each once with something in it. */
async function wholeBackIsClean(page: Page, fitter: Fitter, visit: string): Promise<void> {
  await page.goto(`${visit}/intake`);
  await fitter.button('rolls').click();
  await fitter.button('Where and when: rolls').click();
  await isClean(page, 'complaint');
  await fitter.button('Done').click();
  await isClean(page, 'intake');
  await page.goto(`${visit}/feel`);
  await fitter.button('Understood').waitFor();
  await isClean(page, 'cautions');
  await fitter.button('Understood').click();
  await fitter.button(/^Near, loin/).click();
  await fitter.button('heat').waitFor();
  await isClean(page, 'feel sheet');
  await fitter.button('Guards, goes hard').click();
  await fitter.button('Look at the hold').waitFor();
  await isClean(page, 'feel, held');
  await page.goto(`${visit}/shape`);
  await fitter.button('Ribs: round').click();
  await isClean(page, 'shape');
  await page.goto(`${visit}/landmarks`);
  await fitter.button('By eye only, and the next').click();
  await isClean(page, 'landmarks');
  await page.goto(`${visit}/trace/base`);
  await fitter.button('Curve sensor').click();
  await isClean(page, 'sensor');
  await page.goto(`${visit}/trace/topline`);
  await fitter.button('Drops').waitFor();
  await isClean(page, 'topline');
  for (const view of ['Top and side', 'Change over time']) {
    await page.goto(`/visits/${CORRIE_VISIT}/back`);
    await fitter.button(view).click();
    await page.waitForTimeout(300);
    await isClean(page, `back, ${view}`);
  }
}

/** The demo's Corrie, measured whole at three visits. */
const CORRIE_VISIT = '019b8b1f-2400-7000-8000-000000000130';

/** The fit room with its sheets, the specification, and the stock. */
async function roomAndStockAreClean(page: Page, fitter: Fitter): Promise<void> {
  await page.goto(`/visits/${CORRIE_VISIT}/fit-room`);
  await fitter.button(WHAT_NEXT).waitFor();
  await page
    .getByText(/Next (narrower|wider)|nothing (narrower|wider) to try/)
    .first()
    .waitFor();
  await isClean(page, 'fit room');
  if (page.viewportSize()!.width > 500) return;
  await fitter.button('Criteria').click();
  await isClean(page, 'criteria');
  await page
    .getByRole('button', { name: /working$/ })
    .first()
    .click();
  await isClean(page, 'working');
  await page.keyboard.press('Escape');
  await fitter.button('Change it').click();
  await fitter.button('Try the neighbours').click();
  await isClean(page, 'neighbours');
  await page.keyboard.press('Escape');
  await fitter.button('Other saddle').click();
  await isClean(page, 'stock on this back');
  await page.keyboard.press('Escape');
  await page.goto('/saddles');
  await page.getByTestId('saddle-row').first().waitFor();
  await isClean(page, 'stock');
  await page.goto('/saddles/new');
  await fitter.button('Put it into the stock').waitFor();
  await isClean(page, 'saddle form');
}

test('every screen is clean by axe, by day and by evening', async ({ page }) => {
  test.setTimeout(300_000);
  const fitter = new Fitter(page);
  await page.goto('/');
  await fitter.button('Sign in').waitFor();
  await isClean(page, 'sign-in');
  await fitter.arrives();
  await page.getByRole('link').first().waitFor();
  await isClean(page, 'yard');
  await fitter.addsHorse('Axe');
  await isClean(page, 'horse');
  await fitter.startsVisit();
  await isClean(page, 'front, widths');
  await fitter.takesThree();
  await fitter.button('Points').click();
  await isClean(page, 'front, points');
  const visit = page.url().replace('/trace/front', '');
  await page.goto(`${visit}/front`);
  await fitter.button('Keep this width').waitFor();
  await isClean(page, 'fit');
  await fitter.button('Why').click();
  await isClean(page, 'why');
  await page.keyboard.press('Escape');
  await fitter.button('Keep this width').click();
  await isClean(page, 'decide');
  await fitter.button('Keep this decision').click();
  await fitter.button('Open: Template at full scale').waitFor();
  await isClean(page, 'visit');
  await page.goto(`${visit}/template`);
  await fitter.button('SVG').waitFor();
  await isClean(page, 'template');
  await page.goto('/horses/new');
  await page.getByLabel('Name').waitFor();
  await isClean(page, 'new horse');
});

test('the fit room and the stock are clean by axe, by day and by evening', async ({ page }) => {
  test.setTimeout(300_000);
  const fitter = new Fitter(page);
  await fitter.arrives();
  await roomAndStockAreClean(page, fitter);
});

test('the steps of a whole measure are clean by axe, by day and by evening', async ({ page }, { project }) => {
  test.skip(project.name !== 'phone', 'they are one column at any width');
  test.setTimeout(300_000);
  const fitter = new Fitter(page);
  await wholeBackIsClean(page, fitter, await fitter.arrivesOnVisit('Axe, whole back'));
});

test('rider, leathers and what belongs to them are clean by axe, by day and by evening', async ({ page }) => {
  test.setTimeout(300_000);
  const fitter = new Fitter(page);
  await fitter.arrives('/riders');
  await page.getByRole('link', { name: 'Tamsin Oake' }).waitFor();
  await isClean(page, 'riders');
  await page.getByRole('link', { name: 'Tamsin Oake' }).click();
  await fitter.button('The leg on the saddle').waitFor();
  await isClean(page, 'rider');
  await page.goto(`/visits/${CORRIE_VISIT}/rider`);
  await fitter.button('Print the hole card').waitFor();
  await opensAgain(fitter);
  await isClean(page, 'leg');
  await fitter.button('Print the hole card').click();
  await page.getByText(/Holes are counted/).waitFor();
  await isClean(page, 'hole card');
  await page.goto(`/visits/${CORRIE_VISIT}/barrel`);
  await fitter.button('Keep this barrel').waitFor();
  await isClean(page, 'barrel');
  await page.goto(`/visits/${CORRIE_VISIT}/suits`);
  await fitter.button('Rank them on the horse').waitFor();
  await isClean(page, 'for both');
  await page.goto(`/visits/${CORRIE_VISIT}/side-photo`);
  await page.getByText('No photo from the side yet').waitFor();
  await isClean(page, 'side photo');
  await page.goto('/leathers');
  await page.getByRole('link', { name: 'Wren’s everyday pair' }).click();
  await fitter.button('Measure the pair').click();
  await fitter.button('Keep this measuring').waitFor();
  await isClean(page, 'measuring a pair');
  await page.goto('/practice');
  await fitter.button('All back to the defaults').waitFor();
  await isClean(page, 'practice');
});

test('tack, calendar, papers and the owner’s page are clean by axe, by day and by evening', async ({ page }) => {
  test.setTimeout(300_000);
  const fitter = new Fitter(page);
  await fitter.arrives('/tack');
  await page.getByTestId('tack-row').first().waitFor();
  await isClean(page, 'tack');
  await page.getByTestId('tack-row').first().click();
  await fitter.button('Walk round it').waitFor();
  await isClean(page, 'one item of tack');
  await fitter.button('Walk round it').click();
  await fitter.button('Before').waitFor();
  await isClean(page, 'walk');
  await page.goto('/calendar');
  await page.getByRole('group', { name: 'Pipit' }).waitFor();
  await isClean(page, 'calendar');
  await fitter.button('Month').click();
  await isClean(page, 'month');
  for (const place of ['people', 'owners', 'letters', 'orders']) {
    await page.goto(`/${place}`);
    await page.getByRole('heading', { level: 1 }).waitFor();
    await isClean(page, place);
  }
  await page.goto(`/visits/${CORRIE_VISIT}/report`);
  await page.getByTestId('report').waitFor();
  await isClean(page, 'report');
  await fitter.button('Give it to the owner').click();
  await fitter.button('Make a link').click();
  const address = await page.getByTestId('link-address').textContent();
  await isClean(page, 'link');
  await page.goto(new URL(address!).pathname);
  await fitter.button('Look over the tack').waitFor();
  await isClean(page, 'owner’s page');
  await fitter.button('Something changed').click();
  await isClean(page, 'something changed');
  await fitter.button('Back').click();
  await fitter.button('Measure at home').click();
  await fitter.button('Next').click();
  await isClean(page, 'at home');
  await page.goto('/horses/019b8b1f-2400-7000-8000-0000000000cf/story');
  await fitter.button('Print').waitFor();
  await isClean(page, 'history');
});
