import { writeFile } from 'node:fs/promises';
import { type Locator, type Page, type TestInfo, expect } from '@playwright/test';
import { deflateSync } from 'node:zlib';

/** What was entered, to be held against what the server has in the end. */
export interface Entered {
  readonly landmarks: Map<string, number>;
  takes: number;
}

/** Numbers below this could still get a third digit, so the hand says that they are whole. */
const LEAST_COMPLETE = 40;

/** A hand that counts what it does: each tap, drag or key that a person would make. */
export class CountingHand {
  taps = 0;
  readonly entered: Entered = { landmarks: new Map(), takes: 0 };
  constructor(readonly page: Page) {}

  button = (name: string | RegExp): Locator => this.page.getByRole('button', { name }).first();

  async tap(name: string | RegExp): Promise<void> {
    await this.button(name).click();
    this.taps++;
  }

  async typesOnPad(label: string, value: number): Promise<void> {
    await this.tap(new RegExp(`^${label}: .*type it$`));
    const pad = this.page.getByRole('dialog', { name: label });
    for (const digit of String(value)) {
      await pad.getByRole('button', { name: digit, exact: true }).click();
      this.taps++;
    }
    await pad.getByRole('button', { name: 'Done' }).click();
    this.taps++;
  }

  /** A number of the run: its digits, and on to the next where it could still go on. */
  async runsOn(value: number): Promise<void> {
    const pad = this.page.getByRole('group', { name: 'Keypad' });
    const key = async (name: string): Promise<void> => {
      await pad.getByRole('button', { name, exact: true }).click();
      this.taps++;
    };
    for (const digit of String(value)) await key(digit);
    if (value < LEAST_COMPLETE) await key('Next number');
  }

  /** Points tapped on the grid: right of its middle and down from its top, as shares of its width and height. */
  async tapsShape(points: readonly (readonly [right: number, down: number])[]): Promise<void> {
    const box = (await this.page.getByRole('application').boundingBox())!;
    for (const [right, down] of points) {
      await this.page.mouse.click(box.x + box.width * (0.5 + right), box.y + box.height * down);
      this.taps++;
    }
  }

  /** One touch on the rail, then keep: the marker starts where most horses have the place. */
  async marksNext(share: number): Promise<void> {
    const name = await this.page.getByRole('heading', { level: 2 }).first().innerText();
    const rail = this.page.getByRole('slider');
    const box = (await rail.boundingBox())!;
    await this.page.mouse.click(box.x + share * box.width, box.y + box.height * 0.6);
    this.taps++;
    const at = Number(await rail.getAttribute('aria-valuenow'));
    await this.tap('Keep, and the next');
    this.entered.landmarks.set(name, at);
    if (this.entered.landmarks.size < PLACES.length + EDGES.length)
      await expect(this.page.getByRole('heading', { level: 2 }).first()).not.toHaveText(name);
  }

  async keepsTakes(count: number): Promise<void> {
    for (let i = 0; i < count; i++) {
      const label = await this.button(/^Keep take \d$/).innerText();
      await this.tap(label);
      this.entered.takes++;
      await expect(this.page.getByText(label.replace('Keep t', 'T'), { exact: true })).toBeVisible();
    }
  }
}

/** Where each landmark is touched, as a share of the rail; the backline runs from 130 mm ahead of the scapula to behind the last rib. */
export const PLACES: readonly number[] = [0.197, 0.265, 0.2, 0.27, 0.18, 0.36, 0.39, 0.53, 0.71, 0.8, 0.81];
export const EDGES: readonly number[] = [0.57, 0.76, 0.58, 0.8, 0.57, 0.78, 0.58, 0.82, 0.58, 0.77, 0.59, 0.81];

/** A real PNG of random dots, of at least so many bytes. */
export function noisyPng(leastBytes: number, seed = 1): Buffer {
  const side = Math.ceil(Math.sqrt(leastBytes / 3)) + 4;
  const raw = Buffer.alloc(side * (1 + 3 * side));
  let state = seed;
  for (let i = 0; i < raw.length; i++) {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    raw[i] = i % (1 + 3 * side) === 0 ? 0 : state >>> 24;
  }
  const header = Buffer.alloc(13);
  header.writeUInt32BE(side, 0);
  header.writeUInt32BE(side, 4);
  header.set([8, 2, 0, 0, 0], 8);
  const signature = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]);
  return Buffer.concat([signature, chunk('IHDR', header), chunk('IDAT', deflateSync(raw, { level: 1 })), chunk('IEND', Buffer.alloc(0))]);
}

function chunk(name: string, data: Buffer): Buffer {
  const body = Buffer.concat([Buffer.from(name, 'latin1'), data]);
  const out = Buffer.alloc(8 + body.length);
  out.writeUInt32BE(data.length, 0);
  out.set(body, 4);
  out.writeUInt32BE(crc32(body), 4 + body.length);
  return out;
}

function crc32(data: Buffer): number {
  let crc = 0xffffffff;
  for (const byte of data) {
    crc ^= byte;
    for (let k = 0; k < 8; k++) crc = crc & 1 ? (crc >>> 1) ^ 0xedb88320 : crc >>> 1;
  }
  return (crc ^ 0xffffffff) >>> 0;
}

/** Files of a test on disk, by name: quicker to hand to a page than through it. @returns their paths */
export function written(info: Pick<TestInfo, 'outputPath'>, files: Readonly<Record<string, Buffer>>): Promise<string[]> {
  return Promise.all(
    Object.entries(files).map(async ([name, content]) => {
      const path = info.outputPath(name);
      await writeFile(path, content);
      return path;
    }),
  );
}
