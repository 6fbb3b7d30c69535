import { type BendsReading } from '../back';
import { type CurveDevice, type CurveLine } from './curve-lines';

/** What is known of a device from its lines so far. */
export interface CurveFeed {
  readonly device: CurveDevice | null;
  /** The last whole reading; null until there is one. */
  readonly reading: BendsReading | null;
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
  lastCount: null,
  received: 0,
  lost: 0,
  unreadable: 0,
  presses: 0,
  goodbye: null,
};

/** A gap larger than this is a device that started again, not lines that were lost. */
const MOST_LOST = 10_000;

/** The feed after one more line. A reading whose length isn't what the device announced is unreadable. */
export function fed(feed: CurveFeed, line: CurveLine): CurveFeed {
  if (line.kind === 'hello') return { ...SILENT_FEED, device: line.device };
  if (line.kind === 'bye') return { ...feed, goodbye: line.reason };
  if (line.kind === 'press') return feed.reading === null ? feed : { ...feed, presses: feed.presses + 1 };
  const { device } = feed;
  if (line.kind === 'unreadable' || device === null || line.bendsDeg.length !== device.joints)
    return { ...feed, unreadable: feed.unreadable + 1 };
  const gap = feed.lastCount === null ? 0 : line.count - feed.lastCount - 1;
  return {
    ...feed,
    received: feed.received + 1,
    lost: feed.lost + (gap > 0 && gap <= MOST_LOST ? gap : 0),
    lastCount: line.count,
    reading: { pitchMm: device.pitchMm, centreJoint: device.centreJoint, tiltDeg: line.tiltDeg, bendsDeg: line.bendsDeg },
  };
}
