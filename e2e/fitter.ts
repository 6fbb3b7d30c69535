import { type Page, expect } from '@playwright/test';
import { DEMO_ACCOUNT } from '@fulcra/demo';

/** A fitter at the screen: what a person does, by what a person sees. */
export class Fitter {
  constructor(readonly page: Page) {}

  button = (name: string | RegExp) => this.page.getByRole('button', { name });

  /** Signed in without going through the page. */
  async arrives(path = '/'): Promise<void> {
    const { email, password } = DEMO_ACCOUNT;
    const reply = await this.page.request.post('/api/session', { data: { email, password } });
    expect(reply.status()).toBe(200);
    await this.page.goto(path);
  }

  async addsHorse(name: string): Promise<void> {
    await this.button('Add a horse').first().click();
    await this.page.getByLabel('Name').fill(name);
    await this.button('Add this horse').click();
    await this.button('Start a visit').waitFor();
  }

  async startsVisit(): Promise<void> {
    await this.button('Start a visit').click();
    await this.button(/^front: /).click();
    await this.button('Undo').waitFor();
  }

  async types(label: string, value: number): Promise<void> {
    await this.button(new RegExp(`^${label}: .*type it$`)).click();
    const pad = this.page.getByRole('dialog', { name: label });
    for (const digit of String(value)) await pad.getByRole('button', { name: digit === '.' ? 'point' : digit, exact: true }).click();
    await pad.getByRole('button', { name: 'Done' }).click();
  }

  /** Four numbers: near and off at both depths. */
  async entersWidths([near1, off1, near2, off2]: readonly [number, number, number, number]): Promise<void> {
    await this.types('Depth 1: near, mm', near1);
    await this.types('Depth 1: off, mm', off1);
    await this.types('Depth 2: near, mm', near2);
    await this.types('Depth 2: off, mm', off2);
  }

  async takes(number: number, widths: readonly [number, number, number, number]): Promise<void> {
    await this.entersWidths(widths);
    await this.button(`Keep take ${number}`).click();
    await expect(this.page.getByText(`Take ${number}`, { exact: true })).toBeVisible();
  }

  async takesThree(): Promise<void> {
    await this.takes(1, [78, 79, 140, 141]);
    await this.takes(2, [79, 79, 141, 142]);
    await this.takes(3, [78, 78, 141, 141]);
  }

  saved = () => expect(this.button(/^Saving: saved$/).first()).toBeVisible();
}
