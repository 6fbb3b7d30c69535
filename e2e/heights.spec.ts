import { expect, test } from '@playwright/test';
import { Fitter } from './fitter';

/** A small phone, a phone held sideways, a page enlarged twice. */
const SIZES = [
  { width: 320, height: 568 },
  { width: 844, height: 390 },
  { width: 640, height: 400 },
] as const;
const WHOLE_VISIT = '/visits/019b8b1f-2400-7000-8000-000000000130';
const OF_A_VISIT = [
  '',
  '/intake',
  '/feel',
  '/shape',
  '/landmarks',
  '/trace/front',
  '/trace/topline',
  '/back',
  '/front',
  '/fit-room',
  '/rider',
];
const ELSEWHERE = [
  '/',
  '/calendar',
  '/owners',
  '/saddles',
  '/saddles/new',
  '/tack',
  '/orders',
  '/riders',
  '/leathers',
  '/people',
  '/practice',
  '/schools',
];

/** How high what scrolls is, whether its end is reached, and whether anything sticks out to the side. */
function scrolled() {
  const main = document.querySelector('[role="main"]')!;
  const boxes = [...main.querySelectorAll<HTMLElement>('*')].filter((e) => {
    const { overflowY } = getComputedStyle(e);
    return (overflowY === 'auto' || overflowY === 'scroll') && e.clientWidth > 0.6 * window.innerWidth;
  });
  const box = boxes.sort((a, b) => b.clientHeight - a.clientHeight)[0];
  if (box === undefined) return { px: 0, reaches: false, sticksOutPx: 0 };
  box.scrollTop = box.scrollHeight;
  const reaches = Math.abs(box.scrollHeight - box.clientHeight - box.scrollTop) < 2;
  box.scrollTop = 0;
  return { px: box.clientHeight, reaches, sticksOutPx: document.documentElement.scrollWidth - window.innerWidth };
}

test('every screen leaves half of its height to the work, on a small phone, sideways and enlarged', async ({ page }, { project }) => {
  test.skip(project.name === 'wide', 'the sizes are set here');
  test.setTimeout(240_000);
  const fitter = new Fitter(page);
  await fitter.arrives('/');
  const found: string[] = [];
  for (const path of [...ELSEWHERE, ...OF_A_VISIT.map((p) => WHOLE_VISIT + p)]) {
    await page.goto(path);
    await page.getByRole('heading', { level: 1 }).first().waitFor();
    for (const size of SIZES) {
      await page.setViewportSize(size);
      const fits = async (): Promise<string> => {
        const { px, reaches, sticksOutPx } = await page.evaluate(scrolled);
        return px >= size.height / 2 - 1 && reaches && sticksOutPx <= 0 ? 'fits' : `${px} px, ${sticksOutPx} px out`;
      };
      // a layout settles over a few frames, and once more when what it shows has come: it counts once it stays
      const stays = async (): Promise<string> => {
        const first = await fits();
        await page.waitForTimeout(150);
        return first === 'fits' ? fits() : first;
      };
      await expect
        .poll(stays, { timeout: 15_000 })
        .toBe('fits')
        .catch(() => undefined);
      const said = await stays();
      if (said !== 'fits') found.push(`${path} at ${size.width}x${size.height}: ${said}`);
    }
  }
  expect(found).toEqual([]);
});
