import { chromium } from '@playwright/test';
import { join } from 'node:path';
import { ROOT } from '../machine/root.mjs';

/** One picture of each main view, from demo data, into docs/screenshots. Needs a running server: FULCRA_URL=http://127.0.0.1:4380 npm run screenshots */
const address = process.env.FULCRA_URL ?? 'http://127.0.0.1:4380';
const folder = join(ROOT, 'docs/screenshots');
const PHONE = { viewport: { width: 390, height: 844 }, deviceScaleFactor: 1, isMobile: true, hasTouch: true };
const WIDE = { viewport: { width: 1280, height: 800 } };
const OPEN_VISIT = '019b8b1f-2400-7000-8000-000000000131';
/** Corrie, measured whole at three visits. */
const WHOLE_VISIT = '019b8b1f-2400-7000-8000-000000000130';

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--use-gl=angle',
    '--use-angle=swiftshader',
    '--enable-unsafe-swiftshader',
    '--disable-background-networking',
    '--disable-quic',
    '--no-first-run',
  ],
});

async function session(look) {
  const context = await browser.newContext(look);
  const page = await context.newPage();
  await page.goto(address);
  const demo = page.getByRole('button', { name: 'Look round with the demo account' });
  await demo.waitFor();
  return { page, enter: () => demo.click().then(() => page.getByRole('link').first().waitFor()) };
}

const take = async (page, name) => {
  await page.waitForTimeout(700);
  await page.screenshot({ path: join(folder, `${name}.png`) });
};
const open = async (page, path, button) => {
  await page.goto(`${address}${path}`);
  await page.getByRole('button', { name: button }).first().waitFor();
};

const phone = await session(PHONE);
await phone.enter();
await take(phone.page, 'yard-phone');
await open(phone.page, `/visits/${OPEN_VISIT}`, 'Open: What fits');
await take(phone.page, 'visit-phone');
// the pictures are of work under way
await open(phone.page, `/visits/${WHOLE_VISIT}`, 'Open this visit again');
await phone.page.getByRole('button', { name: 'Open this visit again' }).first().click();
await phone.page.getByRole('button', { name: 'Saving: saved' }).first().waitFor();
await open(phone.page, `/visits/${WHOLE_VISIT}/intake`, 'rolls');
await take(phone.page, 'intake-phone');
await open(phone.page, `/visits/${OPEN_VISIT}/feel`, 'Understood');
await phone.page.getByRole('button', { name: 'Understood' }).click();
await phone.page.getByRole('button', { name: /^Light pass/ }).waitFor();
await take(phone.page, 'feel-phone');
await open(phone.page, `/visits/${WHOLE_VISIT}/fit-room`, 'Its papers');
await phone.page
  .getByText(/Next (narrower|wider)|nothing (narrower|wider) to try/)
  .first()
  .waitFor();
await take(phone.page, 'room-phone');
await phone.page.getByRole('button', { name: 'In motion' }).click();
await phone.page.getByRole('button', { name: 'Ride it' }).click();
await phone.page.getByText('Pushed', { exact: true }).waitFor({ timeout: 60_000 });
await phone.page.getByRole('slider', { name: 'Instant of the stride' }).scrollIntoViewIfNeeded();
await phone.page.getByRole('slider', { name: 'Instant of the stride' }).fill('5');
await take(phone.page, 'motion-phone');
await phone.page.getByRole('button', { name: 'Its papers' }).click();
await phone.page.getByRole('button', { name: 'Print' }).waitFor();
await take(phone.page, 'specification-phone');
await open(phone.page, `/visits/${OPEN_VISIT}/template`, 'SVG');
await take(phone.page, 'template-phone');
await phone.page.goto(`${address}/riders`);
await phone.page.getByRole('link', { name: 'Tamsin Oake' }).click();
await phone.page.getByRole('button', { name: 'The leg on the saddle' }).waitFor();
await take(phone.page, 'rider-phone');
await open(phone.page, `/visits/${WHOLE_VISIT}/rider`, 'Print the hole card');
await take(phone.page, 'leg-phone');
await phone.page.goto(`${address}/tack`);
await phone.page.getByTestId('tack-row').first().click();
await phone.page.getByRole('button', { name: 'Walk round it' }).click();
await phone.page.getByRole('button', { name: 'Both sound' }).click();
await phone.page.getByRole('button', { name: 'watch' }).first().click();
await take(phone.page, 'walk-phone');
await phone.page.goto(`${address}/calendar`);
await phone.page.getByRole('button', { name: 'Month' }).click();
await phone.page.getByRole('group', { name: 'Pipit' }).waitFor();
await take(phone.page, 'calendar-phone');
await open(phone.page, `/visits/${WHOLE_VISIT}/report`, 'Give it to the owner');
await phone.page.getByRole('button', { name: 'Give it to the owner' }).click();
await phone.page.getByRole('button', { name: 'Make a link' }).click();
const link = new URL(await phone.page.getByTestId('link-address').textContent());
await open(phone.page, link.pathname, 'Look over the tack');
await take(phone.page, 'owner-phone');

const wide = await session(WIDE);
await wide.enter();
await open(wide.page, `/visits/${OPEN_VISIT}/trace/front`, 'Points');
await wide.page.getByRole('button', { name: 'Points' }).click();
const grid = await wide.page.getByRole('application').boundingBox();
for (const k of [-4, -3, -2, -1, 0, 1, 2, 3, 4])
  await wide.page.mouse.click(grid.x + grid.width / 2 + k * 38, grid.y + 70 + Math.abs(k) * 34);
await take(wide.page, 'front-wide');
await open(wide.page, `/visits/${WHOLE_VISIT}/fit-room`, 'Its papers');
await wide.page
  .getByText(/Next (narrower|wider)|nothing (narrower|wider) to try/)
  .first()
  .waitFor();
await wide.page.waitForTimeout(4000);
await take(wide.page, 'room-wide');
await wide.page.goto(`${address}/saddles`);
await wide.page.getByTestId('saddle-row').first().waitFor();
await take(wide.page, 'stock-wide');
await open(wide.page, `/visits/${WHOLE_VISIT}/shape`, 'Ribs: round');
await take(wide.page, 'shape-wide');
await open(wide.page, `/visits/${WHOLE_VISIT}/back`, 'Set it right again');
await take(wide.page, 'back-wide');
await open(wide.page, `/visits/${WHOLE_VISIT}/rider`, 'Print the hole card');
await take(wide.page, 'leg-wide');
await browser.close();
