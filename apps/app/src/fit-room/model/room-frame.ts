import { type BackSurface, type Landmarks } from '@fulcra/core';

/** The stretch of back that all drawings of the room share, so that a place stands at the same place in each. */
export interface RoomFrame {
  readonly fromMm: number;
  readonly toMm: number;
}

const RIM_MM = 30;

export function roomFrame(surface: BackSurface, landmarks: Landmarks): RoomFrame {
  const xs = surface.ribbons.xMm;
  const ahead = Math.min(xs[0]!, -RIM_MM);
  const behind = Math.max(xs.at(-1)!, (landmarks.lastRib.atMm ?? 0) + RIM_MM);
  return { fromMm: ahead - 10, toMm: behind + 10 };
}
