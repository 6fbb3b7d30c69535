import { type RiderLoad } from '@fulcra/core';
import { XStack } from 'tamagui';
import { Choice } from '../../ui/choice';
import { Body, Small } from '../../ui/text';
import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { REAL_LOADS, type RealLoads } from '../model/real-load';

export interface RealRiderProps {
  readonly real: RealLoads;
  readonly on: RiderLoad;
  readonly put: (load: RiderLoad) => void;
}

const CLOSE_MM = 0.05;
const near = (a: number | undefined, b: number | undefined): boolean => Math.abs((a ?? 0) - (b ?? 0)) < CLOSE_MM;

/** The rider as the leg has it: with the leathers as they are, and with one side a hole short. */
export function RealRider({ real, on, put }: RealRiderProps) {
  const options = REAL_LOADS.map((value) => ({ value, label: FIT_ROOM_PHRASES.realLoad[value] }));
  const now = REAL_LOADS.find(
    (l) => near(real[l].offsetMm, on.offsetMm) && near(real[l].alongMm, on.alongMm) && real[l].massKg === on.massKg,
  );
  return (
    <>
      <XStack alignItems="center" gap="$s" flexWrap="wrap">
        <Body color="$muted">{FIT_ROOM_PHRASES.leathersOf(real.rider)}</Body>
        <Choice
          label={FIT_ROOM_PHRASES.leathersOf(real.rider)}
          value={now ?? ''}
          options={options}
          onChange={(load) => put({ ...real[load], stirrupShare: on.stirrupShare, gait: on.gait })}
        />
      </XStack>
      <Small>{FIT_ROOM_PHRASES.realLoadNote}</Small>
    </>
  );
}
