import { type Page, expect } from '@playwright/test';
import { Fitter } from './fitter';

/** The demo's Corrie, whole back measured, weak on the off side. */
export const CORRIE = '/visits/019b8b1f-2400-7000-8000-000000000130';
/** The youngster's open visit: only a front section. */
export const YOUNGSTER = '/visits/019b8b1f-2400-7000-8000-000000000131';

/** The main button of the room, whatever it proposes: what was chosen lies there, or another journey has put something else on. */
export const WHAT_NEXT = /^(Keep it|Choose it|Its papers)$/;

export const verdict = (page: Page) =>
  page
    .getByRole('status')
    .filter({ hasText: /Refused|Close|Sits|leans|tips|Too|bridges|rocks/i })
    .filter({ hasNotText: 'This visit is closed' })
    .first();

declare global {
  interface Window {
    slowAnswers?: boolean;
  }
}

/** On a phone one part at a time stands under the verdict; wide, all of them. */
export async function looksAt(fitter: Fitter, part: 'Change it' | 'Criteria' | RegExp): Promise<void> {
  if (fitter.page.viewportSize()!.width < 500) await fitter.button(part).click();
}

/** As on an old phone: what a worker has finished is heard only a while later. */
export const answersSlowly = (page: Page, slowly: boolean) => page.evaluate((on) => (window.slowAnswers = on), slowly);

function hearLate(): void {
  const AFTER_MS = 4000;
  window.Worker = class extends Worker {
    override set onmessage(hear: (event: MessageEvent<{ state?: string }>) => void) {
      super.onmessage = (event) => {
        const late = window.slowAnswers === true && event.data.state === 'done';
        if (late) setTimeout(() => hear(event), AFTER_MS);
        else hear(event);
      };
    }
  };
}

/** The demo's visit is closed until somebody opens it again, which the first journey does for all of them. */
export async function opensAgain(fitter: Fitter): Promise<void> {
  const closed = fitter.button('Open this visit again').first();
  if (!(await closed.isVisible())) return;
  await closed.click();
  await expect(closed).toBeHidden();
  await fitter.saved();
}

export async function entersRoom(page: Page): Promise<Fitter> {
  const fitter = new Fitter(page);
  await page.addInitScript(hearLate);
  await fitter.arrives(`${CORRIE}/fit-room`);
  await expect(page.getByText(/Next (narrower|wider)|nothing (narrower|wider) to try/).first()).toBeVisible();
  await opensAgain(fitter);
  return fitter;
}

/** Puts a saddle of the stock on without waiting for the ranking. */
export async function putsOn(fitter: Fitter, name: string): Promise<void> {
  await fitter.button('Other saddle').click();
  await fitter.button(`Put ${name} on as it is`).click();
  await expect(fitter.page.getByText(`Fit room: ${name}`)).toBeVisible();
}
