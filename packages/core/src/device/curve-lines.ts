import { type BendsReading } from '../back';

/**
 * The open line protocol of a curve sensor: one text line per WebSocket message, UTF-8, fields parted by single spaces.
 *
 *   CURVE 1 <pitch mm> <joints> <centre joint, from 1> <name...>   once, first
 *   B <count> <tilt deg> <bend deg> ... <bend deg> *<check>        as often as it likes
 *   PRESS <count>                                                  the key on the device: keep this one
 *   BYE <reason...>                                                before it goes
 *
 * `count` rises by one with each line; a gap is a lost line. `check` is the sum of the character codes before " *", modulo 256,
 * as two hex digits. Bends are + upward, listed from the near end to the off end (head to tail along the back).
 */
export interface CurveDevice {
  readonly pitchMm: number;
  readonly joints: number;
  readonly centreJoint: number;
  readonly name: string;
}

export type CurveLine =
  | { readonly kind: 'hello'; readonly device: CurveDevice }
  | { readonly kind: 'bends'; readonly count: number; readonly tiltDeg: number; readonly bendsDeg: readonly number[] }
  | { readonly kind: 'press'; readonly count: number }
  | { readonly kind: 'bye'; readonly reason: string }
  | { readonly kind: 'unreadable'; readonly because: 'unknown' | 'number' | 'check' | 'length' | 'version' };

const LONGEST_LINE = 6000;
const MOST_JOINTS = 400;

export const checkOf = (text: string): string => {
  let sum = 0;
  for (let i = 0; i < text.length; i++) sum = (sum + text.charCodeAt(i)) % 256;
  return sum.toString(16).padStart(2, '0');
};

export const helloLine = (d: CurveDevice): string => `CURVE 1 ${d.pitchMm} ${d.joints} ${d.centreJoint + 1} ${d.name}`;

export function bendsLine(count: number, reading: Pick<BendsReading, 'tiltDeg' | 'bendsDeg'>): string {
  const body = `B ${count} ${reading.tiltDeg.toFixed(2)} ${reading.bendsDeg.map((b) => b.toFixed(2)).join(' ')}`;
  return `${body} *${checkOf(body)}`;
}

/** Reads one line of any origin; never throws. */
export function readCurveLine(raw: string): CurveLine {
  if (raw.length > LONGEST_LINE) return { kind: 'unreadable', because: 'length' };
  const line = raw.trim();
  const parts = line.split(' ');
  if (parts[0] === 'CURVE') return readHello(parts);
  if (parts[0] === 'B') return readBends(line);
  if (parts[0] === 'PRESS') return whole(parts[1]) ? { kind: 'press', count: Number(parts[1]) } : { kind: 'unreadable', because: 'number' };
  if (parts[0] === 'BYE') return { kind: 'bye', reason: parts.slice(1).join(' ') };
  return { kind: 'unreadable', because: 'unknown' };
}

const whole = (text: string | undefined): boolean => text !== undefined && /^\d{1,9}$/.test(text);
const decimal = (text: string): boolean => /^-?\d{1,4}(\.\d{1,4})?$/.test(text);

function readHello(parts: readonly string[]): CurveLine {
  const [, version, pitch = '', joints, centre, ...name] = parts;
  if (version !== '1') return { kind: 'unreadable', because: 'version' };
  const numbers = decimal(pitch) && Number(pitch) > 0 && whole(joints) && whole(centre);
  const fits = numbers && Number(joints) <= MOST_JOINTS && Number(centre) >= 1 && Number(centre) <= Number(joints);
  if (!fits) return { kind: 'unreadable', because: 'number' };
  const device = {
    pitchMm: Number(pitch),
    joints: Number(joints),
    centreJoint: Number(centre) - 1,
    name: name.join(' ').slice(0, 60) || 'curve',
  };
  return { kind: 'hello', device };
}

function readBends(line: string): CurveLine {
  const star = line.lastIndexOf(' *');
  if (star < 0 || checkOf(line.slice(0, star)) !== line.slice(star + 2)) return { kind: 'unreadable', because: 'check' };
  const [, count, ...numbers] = line.slice(0, star).split(' ');
  if (!whole(count) || numbers.length < 2 || numbers.length > MOST_JOINTS + 1 || !numbers.every(decimal)) {
    return { kind: 'unreadable', because: 'number' };
  }
  const [tiltDeg, ...bendsDeg] = numbers.map(Number);
  return { kind: 'bends', count: Number(count), tiltDeg: tiltDeg!, bendsDeg };
}
