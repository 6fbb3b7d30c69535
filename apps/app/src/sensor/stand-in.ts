import { type Station } from '@fulcra/core';

/** How the stand-in for a curve sensor may behave. */
export const STAND_IN_WAYS = [
  { value: 'steady', label: 'steady' },
  { value: 'noisy', label: 'noisy' },
  { value: 'dropouts', label: 'drops lines' },
  { value: 'reversed', label: 'wrong way round' },
  { value: 'dies', label: 'dies' },
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
