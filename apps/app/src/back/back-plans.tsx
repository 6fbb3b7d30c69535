import { pathOf } from '../drawings/path-of';
import { type BackSurface, type Landmarks } from '@fulcra/core';
import Svg, { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { YStack } from 'tamagui';
import { Small } from '../ui/text';
import { BODY_FONT } from '../ui/tokens';
import { usePalette } from '../ui/use-palette';
import { planLines } from './plan-lines';

export interface BackPlansProps {
  readonly widthPx: number;
  readonly surface: BackSurface;
  readonly landmarks: Landmarks;
}

const DEPTHS_MM = [20, 40, 60, 80, 100, 120] as const;
const HALF_MM = 230;

/** The back from above as lines of equal depth, and from the side as its spine; head to the left, near below the spine. */
export function BackPlans({ widthPx, surface, landmarks }: BackPlansProps) {
  const palette = usePalette();
  const xs = surface.ribbons.xMm;
  const [from, to] = [xs[0]!, xs.at(-1)!];
  const px = widthPx / (to - from);
  const x = (mm: number) => (mm - from) * px;
  const topPx = 2 * HALF_MM * px;
  const y = (mm: number) => topPx / 2 - mm * px;
  const path = (points: readonly { xMm: number; yMm: number }[]) => pathOf(points.map((p) => [x(p.xMm), y(p.yMm)]));
  const { near } = surface.ribbons;
  const spine = xs.map((xMm, row) => ({ xMm, zMm: near.z[row * near.count]! }));
  const highest = Math.max(...spine.map((p) => p.zMm));
  const sidePx = 120;
  const z = (mm: number) => 24 + (highest - mm) * px;
  const marks: readonly (readonly [string, number | null | undefined])[] = [
    ['low', landmarks.places.lowPoint],
    ['last rib', landmarks.lastRib.atMm],
    ['groove', landmarks.places.girthGroove],
  ];
  return (
    <YStack gap="$s">
      <Svg
        width={widthPx}
        height={topPx}
        role="img"
        aria-label="The back from above, lines of equal depth below the spine"
        style={{ backgroundColor: palette.sheet }}
      >
        {surface.stationsMm.map((mm) => (
          <Line key={mm} x1={x(mm)} x2={x(mm)} y1={0} y2={topPx} stroke={palette.action} strokeWidth={1} opacity={0.6} />
        ))}
        <Line x1={0} x2={widthPx} y1={y(0)} y2={y(0)} stroke={palette.ink} strokeWidth={2} />
        {planLines(surface, DEPTHS_MM).map((line) => (
          <G key={`${line.side}${line.depthMm}`}>
            {line.pieces.map((piece, i) => (
              <Path
                key={i}
                d={path(piece.points)}
                fill="none"
                stroke={line.side === 'near' ? palette.near : palette.off}
                strokeWidth={line.depthMm === 100 ? 3 : 1.6}
                opacity={piece.sparse ? 0.35 : 1}
                {...(piece.sparse ? { strokeDasharray: '2 6' } : line.side === 'off' && { strokeDasharray: '10 6' })}
              />
            ))}
          </G>
        ))}
        {(['near', 'off'] as const).flatMap((side) => {
          const { restMm, forwardMm } = landmarks.scapula[side];
          const sign = side === 'off' ? 1 : -1;
          return [restMm, forwardMm].flatMap((mm, i) =>
            mm === null
              ? []
              : [
                  <Circle
                    key={`${side}${i}`}
                    cx={x(mm)}
                    cy={y(sign * 120)}
                    r={i === 0 ? 7 : 5}
                    fill={i === 0 ? palette.leather : 'none'}
                    stroke={palette.leather}
                    strokeWidth={2}
                  />,
                ],
          );
        })}
        <SvgText x={10} y={topPx - 10} fontFamily={BODY_FONT} fontSize={16} fontWeight="700" fill={palette.near}>
          N near
        </SvgText>
        <SvgText x={10} y={22} fontFamily={BODY_FONT} fontSize={16} fontWeight="700" fill={palette.off}>
          off O
        </SvgText>
      </Svg>
      <Svg width={widthPx} height={sidePx} role="img" aria-label="The spine from the near side" style={{ backgroundColor: palette.sheet }}>
        <Path d={pathOf(spine.map((p) => [x(p.xMm), z(p.zMm)]))} fill="none" stroke={palette.ink} strokeWidth={3} />
        {marks.map(([text, mm]) =>
          mm === null || mm === undefined || mm < from || mm > to ? null : (
            <G key={text}>
              <Line x1={x(mm)} x2={x(mm)} y1={20} y2={sidePx - 22} stroke={palette.ruleStrong} strokeWidth={1.5} />
              <SvgText x={x(mm)} y={sidePx - 6} textAnchor="middle" fontFamily={BODY_FONT} fontSize={13} fill={palette.ink}>
                {text}
              </SvgText>
            </G>
          ),
        )}
      </Svg>
      <Small>
        Lines from the spine outward: {DEPTHS_MM.join(', ')} mm below it; 100 mm is drawn strong. Dots: scapula at rest; rings: drawn
        forward.
      </Small>
    </YStack>
  );
}
