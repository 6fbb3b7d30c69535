import { type SitPicture } from '@fulcra/core';
import { useEffect, useRef } from 'react';
import { pressureImage, pressureSteps, rgbOf } from '../model/pressure-scale';

/** Left in the browser's own trace each time a map is drawn: what `npm run bench` counts. */
const DRAWN = 'pressure-map';

/** Drawn as pixels, one a cell: quick enough to follow a finger. */
export function PressureMap({
  picture,
  leftPx,
  topPx,
  px,
  gap,
}: {
  readonly picture: Pick<SitPicture, 'grid' | 'pressureKPa' | 'overlapMm' | 'asked'>;
  readonly leftPx: number;
  readonly topPx: number;
  readonly px: number;
  readonly gap: string;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { countX, countY, stepMm } = picture.grid;
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context) return;
    const pixels = pressureImage(
      picture.grid,
      picture.pressureKPa,
      picture.overlapMm,
      rgbOf(gap),
      pressureSteps(picture.asked.school.engine),
    );
    context.putImageData(new ImageData(pixels as Uint8ClampedArray<ArrayBuffer>, countX, countY), 0, 0);
    performance.mark(DRAWN);
    performance.clearMarks(DRAWN);
  }, [picture, countX, countY, gap]);
  const heightPx = countY * stepMm * px;
  return (
    <canvas
      ref={canvas}
      width={countX}
      height={countY}
      data-testid="pressure"
      aria-hidden
      style={{
        position: 'absolute',
        left: leftPx,
        top: topPx,
        width: countX * stepMm * px,
        height: heightPx,
        imageRendering: 'pixelated',
      }}
    />
  );
}
