import { type DescribedSaddle, type SaddleSetup } from '../../saddle/saddle-setup';
import { type Underside } from '../../saddle/underside';
import { type StrideGait } from '../../schools/stride';
import { radFromDeg } from '../../units';
import { type SaddleForce } from '../contact/panel-cells';
import { type StrapPull } from '../girth';
import { GRAVITY_N_PER_KG, type RiderLoad, girthLoads, weightPoints } from '../loads';

interface Ridden {
  readonly saddle: DescribedSaddle;
  readonly setup: SaddleSetup;
  readonly rider: RiderLoad;
  readonly pulls: readonly StrapPull[];
  readonly under: Pick<Underside, 'roofAt'>;
}

/**
 * The loads of one instant, in the frame of the back, W the weight of rider and saddle: along W (fore-aft + vertical sin pitch),
 * across W vertical sin roll, down W vertical. The rider's part comes down where the stride moves it; the girth isn't multiplied.
 */
export function loadsAtInstant({ saddle, setup, rider, pulls, under }: Ridden, { rows }: StrideGait, instant: number): SaddleForce[] {
  const at = (row: keyof StrideGait['rows']): number => rows[row].values[instant]!;
  const up = at('verticalFactor');
  const along = at('foreAftFactor') + up * Math.sin(radFromDeg(at('backPitchDeg')));
  const across = up * Math.sin(radFromDeg(at('barrelRollDeg')));
  const points = weightPoints(saddle, setup, { ...rider, stirrupShare: at('stirrupShare') }, under);
  const forces = points.map(({ what, xMm, yMm, zMm, massKg }): SaddleForce => {
    const n = massKg * GRAVITY_N_PER_KG;
    return {
      xMm: xMm + (what === 'seat' ? at('riderShiftMm') : 0),
      yMm: yMm + (what === 'saddle' ? 0 : at('riderSwayMm')),
      zMm,
      forceX: n * along,
      forceY: n * across,
      forceZ: -n * up,
    };
  });
  return [...forces, ...girthLoads(pulls, under.roofAt(0))];
}
