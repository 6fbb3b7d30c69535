import {
  type BodyInput,
  type HorseBody,
  bodyFrom,
  lengthwiseFromPoints,
  resolveLandmarks,
  sectionFromPoints,
  WHOLE_SECTIONS,
} from '@fulcra/core';
import { type BackBuild, landmarkReadings, stationAtMm, trueStation, trueTopline } from './back-generator';

const SURE = { near: { sideAngleDeg: 0.5, halfWidthMm: 1 }, off: { sideAngleDeg: 0.5, halfWidthMm: 1 }, assumed: true } as const;

/** The back of an invented animal as it truly is, without any hand's error, as the engine takes it. */
export function trueBodyInput(build: BackBuild): BodyInput {
  const topline = lengthwiseFromPoints(trueTopline(build));
  if (!topline.ok) throw new Error('this back has no topline');
  return {
    stations: WHOLE_SECTIONS.map((station) => {
      const section = sectionFromPoints(trueStation(build, station));
      if (!section.ok) throw new Error(`this back has no ${station} section`);
      return { station, xMm: stationAtMm(build, station), section: section.value.section, spread: SURE };
    }),
    topline: topline.value,
    landmarks: resolveLandmarks(landmarkReadings(build)),
    liftMm: null,
  };
}

export function trueBody(build: BackBuild): HorseBody {
  const body = bodyFrom(trueBodyInput(build));
  if (!body.ok) throw new Error('this back makes no surface');
  return body.value;
}
