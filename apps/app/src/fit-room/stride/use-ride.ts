import { type StrideGaitId, STRIDE_GAITS } from '@fulcra/core';
import { useState } from 'react';
import { useSitJob } from '../../engine/use-sit-job';
import { type FitRoom } from '../model/use-room';

/** What is ridden unless someone chooses. */
const FIRST_GAITS: readonly StrideGaitId[] = ['walk', 'trotSitting', 'canterNear', 'canterOff'];

/** A ride through the chosen gaits, kept while other parts of the room are looked at. */
export interface Ride {
  readonly gaits: readonly StrideGaitId[];
  readonly toggle: (gait: StrideGaitId) => void;
  readonly job: ReturnType<typeof useSitJob<'ridden'>>['job'];
  readonly start: () => void;
  readonly stop: () => void;
  /** What was ridden is no longer what stands there. */
  readonly stale: boolean;
}

export function useRide({ asked, input }: Pick<FitRoom, 'asked' | 'input'>): Ride {
  const [gaits, setGaits] = useState<readonly StrideGaitId[]>(FIRST_GAITS);
  const [ridden, setRidden] = useState<string | null>(null);
  const { job, start, stop } = useSitJob('ridden', input);
  const now = JSON.stringify(asked);
  return {
    gaits,
    job,
    stop,
    toggle: (gait) => setGaits(STRIDE_GAITS.filter((g) => (g === gait ? !gaits.includes(g) : gaits.includes(g)))),
    start: () => {
      setRidden(now);
      start({ ...asked, gaits });
    },
    stale: ridden !== now,
  };
}
