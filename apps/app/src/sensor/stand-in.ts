import { SENSOR_PHRASES } from '../words/sensor-phrases';
import { type Station } from '@fulcra/core';

/** How the stand-in for a curve sensor may behave. */
export const STAND_IN_WAYS = [
  { value: 'steady', label: SENSOR_PHRASES.steady },
  { value: 'noisy', label: SENSOR_PHRASES.noisy },
  { value: 'dropouts', label: SENSOR_PHRASES.dropsLines },
  { value: 'reversed', label: SENSOR_PHRASES.wrongWayRound },
  { value: 'dies', label: SENSOR_PHRASES.dies },
] as const;
export type StandInWay = (typeof STAND_IN_WAYS)[number]['value'];

const SETTINGS: Readonly<Record<StandInWay, string>> = {
  steady: 'noise=0.1',
  noisy: 'noise=1.2',
  dropouts: 'noise=0.1&dropouts=0.5',
  reversed: 'noise=0.1&reversed=1',
  dies: 'noise=0.1&dies=40',
};

/** Address of the stand-in on our own server, for a station of one of the demo's backs. */
export const standInAddress = (station: Station, animal: number, way: StandInWay, seed: number): string =>
  `/api/stand-in/curve?station=${station}&animal=${animal}&seed=${seed}&${SETTINGS[way]}`;
