import { type BendsReading } from '../back';
import { type CurveDevice, type CurveLine } from './curve-lines';

/** What is known of a device from its lines so far. */
export interface CurveFeed {
  readonly device: CurveDevice | null;
  /** The mean of the readings since the curve last moved, at most eight; null until there is one. */
  readonly reading: BendsReading | null;
  readonly recent: readonly BendsReading[];
  readonly lastCount: number | null;
  readonly received: number;
  readonly lost: number;
  readonly unreadable: number;
  readonly presses: number;
  readonly goodbye: string | null;
}

export const SILENT_FEED: CurveFeed = {
  device: null,
  reading: null,
  recent: [],
  lastCount: null,
  received: 0,
  lost: 0,
  unreadable: 0,
  presses: 0,
  goodbye: null,
};

/** A gap larger than this is a device that started again, not lines that were lost. */
const MOST_LOST = 10_000;
/** Readings that are averaged (default): noise of a joint falls with the root of their number. */
const STEADIED_OVER = 8;
/** A joint that differs by more from the mean has moved, degrees (default). */
const MOVED_DEG = 4;

/** The feed after one more line. A reading whose length isn't what the device announced is unreadable. */
export function fed(feed: CurveFeed, line: CurveLine): CurveFeed {
  if (line.kind === 'hello') return { ...SILENT_FEED, device: line.device };
  if (line.kind === 'bye') return { ...feed, goodbye: line.reason };
  if (line.kind === 'press') return feed.reading === null ? feed : { ...feed, presses: feed.presses + 1 };
  const { device } = feed;
  if (line.kind === 'unreadable' || device === null || line.bendsDeg.length !== device.joints)
    return { ...feed, unreadable: feed.unreadable + 1 };
  const gap = feed.lastCount === null ? 0 : line.count - feed.lastCount - 1;
  const latest = { pitchMm: device.pitchMm, centreJoint: device.centreJoint, tiltDeg: line.tiltDeg, bendsDeg: line.bendsDeg };
  const recent = [...(moved(feed.reading, latest) ? [] : feed.recent), latest].slice(-STEADIED_OVER);
  return {
    ...feed,
    recent,
    received: feed.received + 1,
    lost: feed.lost + (gap > 0 && gap <= MOST_LOST ? gap : 0),
    lastCount: line.count,
    reading: meanReading(recent),
  };
}

function moved(before: BendsReading | null, latest: BendsReading): boolean {
  if (before === null || before.bendsDeg.length !== latest.bendsDeg.length) return true;
  const most = latest.bendsDeg.reduce(
    (m, b, i) => Math.max(m, Math.abs(b - before.bendsDeg[i]!)),
    Math.abs(latest.tiltDeg - before.tiltDeg),
  );
  return most > MOVED_DEG;
}

function meanReading(readings: readonly BendsReading[]): BendsReading {
  const mean = (of: (r: BendsReading) => number): number => readings.reduce((s, r) => s + of(r), 0) / readings.length;
  const first = readings[0]!;
  return { ...first, tiltDeg: mean((r) => r.tiltDeg), bendsDeg: first.bendsDeg.map((_, i) => mean((r) => r.bendsDeg[i]!)) };
}
