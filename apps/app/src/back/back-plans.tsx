import { BACK_PHRASES } from '../words/back-phrases';
import { type BackSurface, type Landmarks, SIDES } from '@fulcra/core';
import { pathOf } from '../drawings/path-of';
import { type TrueScale, trueScale } from '../drawings/true-scale';
import Svg, { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { YStack } from 'tamagui';
import { Small } from '../ui/text';
import { DRAWING_FONT } from '../ui/tokens';
import { usePalette } from '../ui/use-palette';
import { planLines } from './plan-lines';

export interface BackPlansProps {
  readonly widthPx: number;
  readonly surface: BackSurface;
  readonly landmarks: Landmarks;
}

const DEPTHS_MM = [20, 40, 60, 80, 100, 120] as const;
const HALF_MM = 230;

/** What stands along the side view of the spine is drawn this high, px. */
const SIDE_PX = 120;
/** Where on the flank the blade's edge is marked, mm from the spine. */
const BLADE_MM = 120;

/** The back from above as lines of equal depth, and from the side as its spine; head to the left, near below the spine. */
export function BackPlans(props: BackPlansProps) {
  return (
    <YStack gap="$s">
      <FromAbove {...props} />
      <SpineFromNear {...props} />
      <Small>{BACK_PHRASES.linesFromThe(DEPTHS_MM.join(', '))}</Small>
    </YStack>
  );
}

const alongOf = ({ widthPx, surface: { ribbons } }: BackPlansProps) => {
  const [fromMm, toMm] = [ribbons.xMm[0]!, ribbons.xMm.at(-1)!];
  return { fromMm, toMm, pxPerMm: widthPx / (toMm - fromMm) };
};

function FromAbove(props: BackPlansProps) {
  const { widthPx, surface, landmarks } = props;
  const palette = usePalette();
  const { fromMm, pxPerMm } = alongOf(props);
  const { x, y } = trueScale(pxPerMm, fromMm, HALF_MM);
  const heightPx = 2 * HALF_MM * pxPerMm;
  const named = { x: 10, fontFamily: DRAWING_FONT, fontSize: 16, fontWeight: '700' } as const;
  return (
    <Svg width={widthPx} height={heightPx} role="img" aria-label={BACK_PHRASES.theBackFrom} style={{ backgroundColor: palette.sheet }}>
      {surface.stationsMm.map((mm) => (
        <Line key={mm} x1={x(mm)} x2={x(mm)} y1={0} y2={heightPx} stroke={palette.action} strokeWidth={1} opacity={0.6} />
      ))}
      <Line x1={0} x2={widthPx} y1={y(0)} y2={y(0)} stroke={palette.ink} strokeWidth={2} />
      {planLines(surface, DEPTHS_MM).map((line) => (
        <DepthLine key={`${line.side}${line.depthMm}`} line={line} scale={{ x, y }} />
      ))}
      {SIDES.map((side) => (
        <BladeMarks key={side} blade={landmarks.scapula[side]} yPx={y((side === 'off' ? 1 : -1) * BLADE_MM)} x={x} />
      ))}
      <SvgText y={heightPx - 10} fill={palette.near} {...named}>
        {BACK_PHRASES.nNear}
      </SvgText>
      <SvgText y={22} fill={palette.off} {...named}>
        {BACK_PHRASES.offO}
      </SvgText>
    </Svg>
  );
}

interface DepthLineProps {
  readonly line: ReturnType<typeof planLines>[number];
  readonly scale: Pick<TrueScale, 'x' | 'y'>;
}

/** One depth on one side; faint where no station stands near. */
function DepthLine({ line, scale: { x, y } }: DepthLineProps) {
  const palette = usePalette();
  return (
    <G>
      {line.pieces.map((piece, i) => (
        <Path
          key={i}
          d={pathOf(piece.points.map((p) => [x(p.xMm), y(p.yMm)]))}
          fill="none"
          stroke={line.side === 'near' ? palette.near : palette.off}
          strokeWidth={line.depthMm === 100 ? 3 : 1.6}
          opacity={piece.sparse ? 0.35 : 1}
          {...(piece.sparse ? { strokeDasharray: '2 6' } : line.side === 'off' && { strokeDasharray: '10 6' })}
        />
      ))}
    </G>
  );
}

interface BladeMarksProps {
  readonly blade: Landmarks['scapula']['near'];
  readonly yPx: number;
  readonly x: (mm: number) => number;
}

/** A dot at rest, a ring drawn forward. */
function BladeMarks({ blade: { restMm, forwardMm }, yPx, x }: BladeMarksProps) {
  const { leather } = usePalette();
  return (
    <G>
      {restMm === null ? null : <Circle cx={x(restMm)} cy={yPx} r={7} fill={leather} stroke={leather} strokeWidth={2} />}
      {forwardMm === null ? null : <Circle cx={x(forwardMm)} cy={yPx} r={5} fill="none" stroke={leather} strokeWidth={2} />}
    </G>
  );
}

function SpineFromNear(props: BackPlansProps) {
  const { widthPx, surface, landmarks } = props;
  const palette = usePalette();
  const { near, xMm } = surface.ribbons;
  const { fromMm, toMm, pxPerMm } = alongOf(props);
  const spine = xMm.map((mm, row) => ({ xMm: mm, zMm: near.z[row * near.count]! }));
  const { x, y } = trueScale(pxPerMm, fromMm, Math.max(...spine.map((p) => p.zMm)) + 24 / pxPerMm);
  const marks: readonly (readonly [string, number | null | undefined])[] = [
    ['low', landmarks.places.lowPoint],
    [BACK_PHRASES.lastRib, landmarks.lastRib.atMm],
    ['groove', landmarks.places.girthGroove],
  ];
  return (
    <Svg width={widthPx} height={SIDE_PX} role="img" aria-label={BACK_PHRASES.theSpineFrom} style={{ backgroundColor: palette.sheet }}>
      <Path d={pathOf(spine.map((p) => [x(p.xMm), y(p.zMm)]))} fill="none" stroke={palette.ink} strokeWidth={3} />
      {marks.map(([text, mm]) =>
        mm === null || mm === undefined || mm < fromMm || mm > toMm ? null : (
          <G key={text}>
            <Line x1={x(mm)} x2={x(mm)} y1={20} y2={SIDE_PX - 22} stroke={palette.ruleStrong} strokeWidth={1.5} />
            <SvgText x={x(mm)} y={SIDE_PX - 6} textAnchor="middle" fontFamily={DRAWING_FONT} fontSize={13} fill={palette.ink}>
              {text}
            </SvgText>
          </G>
        ),
      )}
    </Svg>
  );
}
