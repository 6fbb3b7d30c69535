import { type LegOnHorse, type RealLoad, perHoleMm, realLoad } from '@fulcra/core';
import { router } from 'expo-router';
import { REAL_LOAD_DRAFT, type RealLoads, realLoadKey } from '../fit-room';
import { useDraft } from '../platform/use-draft';
import { Button } from '../ui/button';
import { Body, Small } from '../ui/text';
import { LEG_PHRASES } from '../words/leg-phrases';
import { Panel } from './panel';
import { type Leg, type LegChosen, loadOf } from './use-leg';

interface LoadPanelProps {
  readonly visitId: string;
  readonly leg: Leg;
  readonly chosen: LegChosen;
  readonly place: LegOnHorse;
}

/** A hole of a usual pair where none was measured, mm (default). */
const HOLE_MM = 12.5;

/** What this rider is as a load: for the fit room, even and with one side a hole short. */
export function LoadPanel({ visitId, leg, chosen, place }: LoadPanelProps) {
  const [, keep] = useDraft<RealLoads | null>(realLoadKey(visitId), REAL_LOAD_DRAFT, null);
  const { pair, known } = chosen;
  const unevenMm = leg.plan.holes?.unevenMm ?? 0;
  const hole = pair === null ? HOLE_MM : perHoleMm(pair);
  const { massKg, stirrupShare, gait } = loadOf(known);
  const seatXMm = leg.known.ground.saddle.seat.xMm;
  const at = (offLowerMm: number): RealLoad => realLoad({ massKg, stirrupShare, gait, place, body: leg.body, offLowerMm, seatXMm });
  const [even, nearShort, offShort] = [at(unevenMm), at(unevenMm + hole), at(unevenMm - hole)];
  const take = () => {
    keep({ rider: known!.rider.name, even: even.load, nearShort: nearShort.load, offShort: offShort.load });
    router.push(`/visits/${visitId}/fit-room`);
  };
  return (
    <Panel title={LEG_PHRASES.loadTitle}>
      <Body>{LEG_PHRASES.load(even.load.massKg, even.load.alongMm ?? 0, even.load.offsetMm)}</Body>
      <Small>{LEG_PHRASES.loadShort(nearShort.load.offsetMm)}</Small>
      <Button label={LEG_PHRASES.takeLoad} onPress={take} />
    </Panel>
  );
}
