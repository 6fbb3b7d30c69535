import {
  type BendsReading,
  type Random,
  type SectionStation,
  type Station,
  bendsOfLine,
  isLine,
  normal,
  point,
  turnedRound,
} from '@fulcra/core';
import { type BackBuild, DEMO_ANIMALS, trueStation, trueTopline } from '@fulcra/demo';

/** How the stand-in behaves: set by the address it is reached at, so that every trouble can be had on purpose. */
export interface StandInSettings {
  /** Which demo back it lies on, 1 to 8. */
  readonly animal: number;
  readonly station: Station;
  /** Standard deviation of each bend, degrees. */
  readonly noiseDeg: number;
  /** Laid on with its near end on the off side. */
  readonly reversed: boolean;
}

const PITCH_MM = 20;
/** Degrees; the link at the spine knows its slope better than a joint its bend. */
const TILT_NOISE = 0.15;

/** What the device would say of a back: readings without end, each with its own noise. */
export function curveSource({ animal, station, noiseDeg, reversed }: StandInSettings, random: Random): () => BendsReading {
  const still = stillReading(DEMO_ANIMALS.find((a) => a.number === animal)!.back, station);
  const laid = reversed ? turnedRound(still) : still;
  return () => ({
    ...laid,
    tiltDeg: laid.tiltDeg + TILT_NOISE * normal(random),
    bendsDeg: laid.bendsDeg.map((b) => b + noiseDeg * normal(random)),
  });
}

function stillReading(build: BackBuild, station: Station): BendsReading {
  const along = trueTopline(build);
  const line = isLine(station)
    ? along.filter((p) => station === 'topline' || p.xMm <= 180).map((p) => point(p.xMm, p.zMm))
    : trueStation(build, station satisfies SectionStation);
  const centre = line.find((p) => Math.abs(p.yMm) < 1e-9)!;
  const reading = bendsOfLine(line, centre, PITCH_MM);
  if (reading === null) throw new Error(`the stand-in is longer than ${station}`);
  return reading;
}
