import { DEMO_ANIMALS } from './animals';
import { trueStation } from './back-generator';
import { demoId } from './ids';

/** A picture of a demo visit, drawn by numbers: three bytes a place, row by row. */
export interface DemoPhoto {
  readonly id: string;
  readonly visitId: string;
  readonly view: 'behind';
  readonly note: string;
  readonly takenAt: string;
  readonly draw: () => Drawn;
}
interface Drawn {
  readonly width: number;
  readonly height: number;
  readonly rgb: Uint8Array;
}
type Colour = readonly [number, number, number];

const SIZE = { width: 640, height: 480 } as const;
const PX_PER_MM = 1.1;
const TOP_PX = 150;
const WALL: Colour = [188, 196, 190];
const COAT: Colour = [108, 66, 38];
const BAR: Colour = [244, 240, 226];
/** The stick held beside the back, and its marks, mm. */
const STICK = { alongMm: 100, fromMm: -50, belowMm: 250, thickMm: 9, markMm: 10 } as const;

/** A back from behind, as its section is, with a stick of 100 mm beside it. */
function fromBehind(animal: number): Drawn {
  const { back } = DEMO_ANIMALS.find((a) => a.number === animal)!;
  const outline = [...trueStation(back, 'front')].sort((a, b) => a.yMm - b.yMm);
  const rgb = new Uint8Array(SIZE.width * SIZE.height * 3);
  for (let column = 0; column < SIZE.width; column++) {
    const yMm = (column - SIZE.width / 2) / PX_PER_MM;
    const top = topAt(outline, yMm);
    for (let row = 0; row < SIZE.height; row++) {
      const zMm = (TOP_PX - row) / PX_PER_MM;
      rgb.set(onStick(yMm, zMm) ?? (top !== null && zMm <= top ? shaded(yMm, zMm - top) : WALL), 3 * (row * SIZE.width + column));
    }
  }
  return { ...SIZE, rgb };
}

/** How high the back is at a place; past where it was traced it hangs straight down, and further out there is none. */
function topAt(outline: readonly { readonly yMm: number; readonly zMm: number }[], yMm: number): number | null {
  const after = outline.findIndex((p) => p.yMm >= yMm);
  if (after <= 0) return null;
  const [a, b] = [outline[after - 1]!, outline[after]!];
  return a.zMm + ((yMm - a.yMm) / Math.max(1e-6, b.yMm - a.yMm)) * (b.zMm - a.zMm);
}

/** The coat: lighter on top, darker to the sides and down. */
function shaded(yMm: number, belowMm: number): Colour {
  const light = 1.15 - Math.abs(yMm) / 500 + Math.max(-0.35, belowMm / 600);
  return COAT.map((c) => Math.round(Math.min(255, c * light))) as unknown as Colour;
}

function onStick(yMm: number, zMm: number): Colour | null {
  const along = yMm - STICK.fromMm;
  if (along < 0 || along > STICK.alongMm || Math.abs(zMm + STICK.belowMm) > STICK.thickMm) return null;
  return Math.floor(along / STICK.markMm) % 2 === 0 ? BAR : [40, 40, 40];
}

/** Corrie from behind, at the visit that fitted him. */
export const DEMO_PHOTOS: readonly DemoPhoto[] = [
  {
    id: demoId(561),
    visitId: demoId(304),
    view: 'behind',
    note: 'Square, head straight; the stick is 100 mm long.',
    takenAt: '2026-09-18T09:02:00.000Z',
    draw: () => fromBehind(7),
  },
];
