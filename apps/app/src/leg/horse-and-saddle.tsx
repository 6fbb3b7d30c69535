import { type LegOnHorse, type SaddleSeat } from '@fulcra/core';
import { memo } from 'react';
import { G, Path } from 'react-native-svg';
import { smoothPathOf } from '../drawings/path-of';
import { type Palette } from '../ui/tokens';
import { type KnownGround } from './leg-ground';
import { type SceneScale, type XZ, horseOutline, saddleShape } from './leg-scene';

interface HorseAndSaddleProps {
  readonly known: KnownGround;
  readonly seat: SaddleSeat;
  readonly bar: LegOnHorse['hangs']['bar'];
  readonly scale: SceneScale;
  readonly palette: Palette;
}

const PANEL_PX = 9;

/** Behind the leg: the horse as far as it was traced, and the saddle as it lies there. */
export const HorseAndSaddle = memo(function HorseAndSaddle({ known, seat, bar, scale, palette }: HorseAndSaddleProps) {
  const { barrel, saddle } = known.ground;
  const path = (points: readonly XZ[]): string => smoothPathOf(points.map(([x, z]) => [scale.x(x), scale.y(z)]));
  const { top, belly } = horseOutline((x) => known.backAt(x), barrel.widestBelowMm + barrel.halfDepthMm);
  const shape = saddleShape(seat, bar, saddle.seat, (x) => known.backAt(x));
  const body = `${path(top)}L${path(belly).slice(1)}Z`;
  return (
    <G>
      <Path d={body} fill={palette.horse} />
      <Path d={path(top)} fill="none" stroke={palette.ink} strokeWidth={2} />
      <Path d={path(belly)} fill="none" stroke={palette.ink} strokeWidth={2} />
      <Path
        d={`${path(shape.flap)}Z`}
        fill={palette.leather}
        fillOpacity={shape.flapMeasured ? 0.9 : 0.35}
        stroke={palette.ink}
        strokeWidth={shape.flapMeasured ? 1.2 : 1}
        strokeDasharray={shape.flapMeasured ? undefined : '5 4'}
      />
      <Path d={`${path(shape.seat)}L${path(shape.foot).slice(1)}Z`} fill={palette.leather} fillOpacity={0.75} />
      <Path d={path(shape.seat)} fill="none" stroke={palette.leather} strokeWidth={PANEL_PX} strokeLinecap="round" strokeLinejoin="round" />
    </G>
  );
});
