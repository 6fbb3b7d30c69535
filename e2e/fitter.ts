import { type Page, expect } from '@playwright/test';
import { type HorseFields, type VisitFields, sessionSchema } from '@fulcra/contract';
import { DEMO_ACCOUNT } from '@fulcra/demo';
import { v7 } from 'uuid';

const NEW_HORSE: Omit<HorseFields, 'name'> = {
  kind: '',
  bornYear: null,
  heightMm: null,
  note: '',
  sex: 'unknown',
  riderIds: [],
  ownerId: null,
  payerId: null,
  yardId: null,
  ridesIn: null,
  gone: null,
};
const NEW_VISIT: Omit<VisitFields, 'horseId'> = {
  startedOn: '2026-01-05',
  schoolId: 'static-close',
  stationMm: 50,
  status: 'open',
  note: '',
  result: null,
};

/** A fitter at the screen: what a person does, by what a person sees. */
export class Fitter {
  constructor(readonly page: Page) {}

  button = (name: string | RegExp) => this.page.getByRole('button', { name });

  /** Signed in without going through the page. */
  async arrives(path = '/'): Promise<void> {
    await this.signsIn();
    await this.page.goto(path);
  }

  /** Signed in and on a page of a visit just begun with a horse of its own, made without going through the page. */
  async arrivesOnVisit(name: string, path = ''): Promise<string> {
    const put = await this.signsIn();
    const [horseId, visitId] = [v7(), v7()];
    await put(`/api/horses/${horseId}`, { ...NEW_HORSE, name });
    await put(`/api/visits/${visitId}`, { ...NEW_VISIT, horseId });
    const visit = `/visits/${visitId}`;
    await this.page.goto(visit + path);
    return visit;
  }

  /** In front of the empty front section. */
  async arrivesOnFront(name: string): Promise<string> {
    const visit = await this.arrivesOnVisit(name, '/trace/front');
    await this.button('Undo').waitFor();
    return visit;
  }

  private async signsIn(): Promise<(path: string, data: unknown) => Promise<void>> {
    const { email, password } = DEMO_ACCOUNT;
    const reply = await this.page.request.post('/api/session', { data: { email, password } });
    expect(reply.status()).toBe(200);
    const { csrfToken } = sessionSchema.parse(await reply.json());
    return async (path, data) => {
      const answer = await this.page.request.put(path, { data, headers: { 'x-fulcra-csrf': csrfToken } });
      expect(answer.ok(), await answer.text()).toBe(true);
    };
  }

  /** By the way round the product: the strip at the foot, or the list where it stands open. */
  async goesTo(place: string): Promise<void> {
    const strip = this.button(/^Go elsewhere/);
    const list = this.page.getByRole('navigation', { name: 'Places' });
    await strip.or(list).first().waitFor();
    if (await strip.isVisible()) await strip.click();
    await list.getByRole('button', { name: place, exact: true }).click();
  }

  async addsHorse(name: string): Promise<void> {
    await this.button('Add a horse').first().click();
    await this.namesHorse(name);
  }

  async namesHorse(name: string): Promise<void> {
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

  /** One number of a run: its cell is tapped, then typed. */
  async typesOver(label: string, value: number): Promise<void> {
    await this.button(new RegExp(`^${label}: .*type it$`)).click();
    await this.keysIn(value);
  }

  typesNext = (value: number): Promise<void> => this.keysIn(value);

  private async keysIn(value: number): Promise<void> {
    const pad = this.page.getByRole('group', { name: 'Keypad' });
    for (const digit of String(value)) await pad.getByRole('button', { name: digit === '.' ? 'point' : digit, exact: true }).click();
  }

  /** Four numbers run on: near and off at both depths. */
  async entersWidths(widths: readonly [number, number, number, number]): Promise<void> {
    for (const width of widths) await this.keysIn(width);
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
