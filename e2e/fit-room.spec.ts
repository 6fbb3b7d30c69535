import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import { CORRIE, answersSlowly, entersRoom, looksAt, putsOn, verdict } from './fit-room';
import { straightLines } from './pdf-lines';

test('a new user can say from the screen alone why a saddle is refused', async ({ page }) => {
  const fitter = await entersRoom(page);
  await putsOn(fitter, 'Long-seat working saddle no. 4');
  await expect(verdict(page)).toContainText('Refused');
  await expect(verdict(page)).toContainText(/withers|last rib/);
  await expect(verdict(page)).toContainText('Too wide in front sets off a chain');
  await looksAt(fitter, 'Criteria');
  await expect(page.getByRole('button', { name: /refuses the saddle|Show the working/ }).first()).toBeVisible();
  await page.getByRole('button', { name: /^Panel ends before the last rib: .*Show the working/ }).click();
  const sheet = page.getByRole('dialog', { name: 'Panel ends before the last rib' });
  await expect(sheet).toContainText('Tree ends at');
  await expect(sheet).toContainText('It would be right from');
  await expect(sheet).toContainText('Room to move');
  await page.keyboard.press('Escape');
});

test('one thing at a time, with undo, and held against what it was', async ({ page }) => {
  const fitter = await entersRoom(page);
  await putsOn(fitter, 'Breaker');
  const width = page.getByRole('group', { name: /^Width: / });
  const before = await width.getAttribute('aria-label');
  await fitter.button('Hold against').click();
  await fitter.button('Width: more').click();
  await expect(width).not.toHaveAttribute('aria-label', before!);
  const after = (await width.getAttribute('aria-label'))!;
  const compare = await fitter.button('Compare').boundingBox();
  await page.mouse.move(compare!.x + 20, compare!.y + 20);
  await page.mouse.down();
  await expect(page.getByText('Held against: this is how it was.')).toBeVisible();
  await page.mouse.up();
  await expect(page.getByText('Held against: this is how it was.')).toBeHidden();
  await page.reload();
  await expect(page.getByRole('group', { name: after })).toBeVisible();
  await fitter.button('Undo').click();
  await expect(page.getByRole('group', { name: before! })).toBeVisible();
});

test('even the filling levels a saddle on a weak side, and the neighbours are told', async ({ page }) => {
  const fitter = await entersRoom(page);
  await putsOn(fitter, 'Breaker');
  const roll = page.getByRole('button', { name: /^Level from side to side: / });
  await looksAt(fitter, 'Criteria');
  const deg = async () => Math.abs(Number(/([\d.]+)°/.exec((await roll.getAttribute('aria-label'))!)![1]));
  const before = await deg();
  await looksAt(fitter, 'Change it');
  await fitter.button('Even the filling').click();
  const filling = page.getByRole('dialog', { name: 'Even the filling' });
  await expect(filling.getByRole('heading', { name: 'As it is filled now' })).toBeVisible({ timeout: 60_000 });
  await filling.getByRole('button', { name: 'Put this on the horse' }).click();
  await expect(page.getByRole('group', { name: /^Filling to one side: off \+/ })).toBeVisible();
  await looksAt(fitter, 'Criteria');
  await expect.poll(deg).toBeLessThan(before - 1);
  await looksAt(fitter, 'Change it');
  await fitter.button('Try the neighbours').click();
  const sheet = page.getByRole('dialog', { name: 'The neighbours' });
  await expect(sheet.getByText(/^Width [+−]/).first()).toBeVisible();
  await sheet
    .getByRole('button', { name: /^Take it: / })
    .first()
    .click();
  await expect(sheet).toBeHidden();
});

test('find the best shows how far it is, can be stopped, and puts on what it found', async ({ page }) => {
  const fitter = await entersRoom(page);
  await putsOn(fitter, 'Skerry distance');
  await answersSlowly(page, true);
  await fitter.button('Find the best').click();
  const sheet = page.getByRole('dialog', { name: 'Find the best of this saddle' });
  await sheet.getByRole('button', { name: 'Stop' }).click();
  await expect(sheet.getByText('What stands in the room is unchanged.')).toBeVisible();
  await answersSlowly(page, false);
  await sheet.getByRole('button', { name: 'Search again' }).click();
  await expect(sheet.getByText(/tried in three poses/)).toBeVisible({ timeout: 60_000 });
  await expect(sheet.getByText(/Straps/).first()).toBeVisible();
  await sheet.getByRole('button', { name: 'Put this on the horse' }).click();
  await expect(verdict(page)).toBeVisible();
});

test('a tried setting is kept, chosen, and written down as a specification', async ({ page }, { project }) => {
  const fitter = await entersRoom(page);
  await putsOn(fitter, 'Holm trekker no. 1');
  await fitter.button('Gait: trot').or(fitter.button('trot')).first().click();
  await fitter.button('Keep it').click();
  await looksAt(fitter, /^Tried: \d+$/);
  await expect(page.getByText('Tried, best first')).toBeVisible();
  await page.reload();
  await page
    .getByText(/Next (narrower|wider)|nothing (narrower|wider) to try/)
    .first()
    .waitFor();
  await looksAt(fitter, /^Tried: \d+$/);
  await fitter
    .button(/^Choose Holm trekker no. 1/)
    .first()
    .click();
  await expect(page.getByText('To make or to set')).toBeVisible();
  await expect(page.getByText(/\d+° included, \d+ mm at 100 mm/)).toBeVisible();
  await expect(page.getByText(/Sallow & Tench “/)).toBeVisible();
  await fitter.button('Templates').click();
  await expect(page.getByText('Templates: Holm trekker no. 1')).toBeVisible();
  await fitter.button('low').last().click();
  await expect(page.getByRole('img', { name: /^Sheet 1 of/ })).toHaveCount(1);
  const [file] = await Promise.all([page.waitForEvent('download'), fitter.button(/^PDF/).click()]);
  expect(file.suggestedFilename()).toMatch(/^low-Corrie-/);
  const lines = await straightLines(new Uint8Array(await readFile(await file.path())), 0);
  expect(lines.filter((l) => Math.abs(l.lengthMm - 100) < 0.01)).toHaveLength(2);
  await page.goto(CORRIE);
  await expect(page.getByText(/Chosen: Holm trekker no. 1/)).toBeVisible();
  // one decision feeds every paper: the one before it is printed nowhere
  for (const paper of ['report', 'template']) {
    await page.goto(`${CORRIE}/${paper}`);
    await expect(page.getByText(/Holm trekker no. 1/).first()).toBeVisible();
    await expect(page.getByText(/Breaker/)).toHaveCount(0);
  }
  await page.goto(`${CORRIE}/fit-room`);
  await page
    .getByText(/Next (narrower|wider)|nothing (narrower|wider) to try/)
    .first()
    .waitFor();
  await looksAt(fitter, /^Tried: \d+$/);
  await fitter
    .button(/^Remove Holm trekker no. 1/)
    .first()
    .click();
  await expect(page.getByText('Removed.')).toBeVisible();
  expect(['phone', 'wide']).toContain(project.name);
});

/** Each buckled strap with its lean and, where it leans, what that pulls. */
const STRAPS = /^From the near side, each strap to its buckle\. .+: (plumb|foot \d+° (forward|back), \d+ N toward the (head|tail))/;

test('every drawing shows the same saddle; the section follows the finger', async ({ page }, { project }) => {
  const fitter = await entersRoom(page);
  const cut = page.getByRole('slider', { name: 'Where the section is cut, along the back' });
  const box = (await cut.boundingBox())!;
  await page.mouse.click(box.x + box.width * 0.5, box.y + 40);
  const at = await cut.getAttribute('aria-valuenow');
  await cut.press('Shift+ArrowRight');
  await expect(cut).toHaveAttribute('aria-valuenow', String(Number(at) + 10));
  const place = String(Number(at) + 10);
  if (project.name === 'phone') {
    await expect(page.getByRole('img', { name: /^From above\. Pressure/ })).toBeVisible();
    await fitter.button(/^Side$/).click();
    await expect(page.getByRole('img', { name: /^From the near side\. Seat/ })).toBeVisible();
    await fitter.button(/^Straps$/).click();
    await expect(page.getByRole('img', { name: STRAPS })).toBeVisible();
    await fitter.button(/^Section$/).click();
    await expect(page.getByRole('img', { name: new RegExp(`^Section at ${place} millimetres from behind`) })).toBeVisible();
    await fitter.button(/^Solid$/).click();
    await expect(page.getByRole('application', { name: /Saddle and back/ })).toBeVisible();
    return;
  }
  for (const name of [/^From above/, /^From the near side\. Seat/, STRAPS, new RegExp(`^Section at ${place} millimetres from behind`)]) {
    await expect(page.getByRole('img', { name })).toBeVisible();
  }
  await expect(page.getByRole('application', { name: /Saddle and back/ })).toBeVisible();
});

test('the arch is exchanged for another the head is made with, and the rider moved back along the seat', async ({ page }, { project }) => {
  test.skip(project.name !== 'phone', 'the same controls at any width');
  const fitter = await entersRoom(page);
  await putsOn(fitter, 'Breaker');
  const arch = page.getByRole('group', { name: /^Arch: / });
  await expect(arch).toHaveAttribute('aria-label', 'Arch: round arch, crown radius 40 mm');
  const over = page.getByRole('button', { name: /^Room over the withers, loaded: / });
  await looksAt(fitter, 'Criteria');
  const said = await over.getAttribute('aria-label');
  await looksAt(fitter, 'Change it');
  await fitter.button('Arch: less').click();
  await expect(arch).toHaveAttribute('aria-label', 'Arch: peaked arch, crown radius 20 mm');
  await expect(fitter.button('Arch: less')).toHaveAttribute('aria-disabled', 'true');
  await looksAt(fitter, 'Criteria');
  // what is right now stands among all criteria
  await fitter.button(/^All criteria: /).click();
  await expect(over).not.toHaveAttribute('aria-label', said!);
  const level = page.getByRole('button', { name: /^Level of the seat: / });
  const before = await level.getAttribute('aria-label');
  await looksAt(fitter, 'Change it');
  for (let i = 0; i < 3; i++) await fitter.button('Sits, along: more').click();
  await expect(page.getByRole('group', { name: 'Sits, along: 30 mm behind it' })).toBeVisible();
  await looksAt(fitter, 'Criteria');
  await fitter.button(/^All criteria: /).click();
  await expect(level).not.toHaveAttribute('aria-label', before!);
  await looksAt(fitter, 'Change it');
  await putsOn(fitter, 'Holm trekker no. 1');
  await expect(arch).toBeHidden();
});
