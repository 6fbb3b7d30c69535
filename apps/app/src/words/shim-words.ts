import { lengthWords } from './person-unit';
import { type BySideAndZone, type NearOff, type Zone, SIDES, ZONES } from '@fulcra/core';

/** One shim as it is cut and put in. */
export interface ShimPut {
  readonly side: NearOff;
  readonly zone: Zone;
  readonly mm: number;
}

/** Which way its curved edge goes: a front shim makes way for the shoulder blade, a rear one for the loin. */
const EDGE: Readonly<Record<Zone, string>> = {
  front: ', curved edge to the blade',
  middle: '',
  rear: ', curved edge to the tail',
};

/** Every shim that is put in, front to rear, near before off. */
export const shimsPut = (shims: BySideAndZone): ShimPut[] =>
  ZONES.flatMap((zone) => SIDES.flatMap((side) => (shims[side][zone] === 0 ? [] : [{ side, zone, mm: shims[side][zone] }])));

/** "3 mm, front off pocket, curved edge to the blade". */
export const shimWords = ({ side, zone, mm }: ShimPut): string => `${lengthWords(mm)}, ${zone} ${side} pocket${EDGE[zone]}`;

/** All of them in a line, short: "shims front off 3, rear near 6 mm"; nothing where there are none. */
export function shimsLine(shims: BySideAndZone): string | null {
  const put = shimsPut(shims);
  return put.length === 0 ? null : `shims ${lengthWords(put.map(({ side, zone, mm }) => `${zone} ${side} ${mm}`).join(', '))}`;
}
