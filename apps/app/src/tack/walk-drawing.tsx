import { type TackFinding, type TackItem, type TackSpot, sameTackSpot } from '@fulcra/core';
import { Pressable } from 'react-native';
import Svg, { Circle, G, Path, Rect, Text } from 'react-native-svg';
import { YStack } from 'tamagui';
import { type Palette } from '../ui/tokens';
import { usePalette } from '../ui/use-palette';
import { TACK_KIND_WORDS, FINDING_WORDS, spotWords } from '../words/tack-words';
import { TACK_PHRASES } from '../words/tack-phrases';
import { BOX, placeOf } from './walk-places';
import { WalkShape } from './walk-shapes';

/** A spot with what is known of it. */
export interface MarkedSpot extends TackSpot {
  /** Null: nobody looked. */
  readonly finding: TackFinding | null;
}

export interface WalkDrawingProps {
  readonly item: TackItem;
  readonly spots: readonly MarkedSpot[];
  readonly widthPx: number;
  /** The point under the hand. */
  readonly here: TackSpot | null;
  readonly onSpot?: ((spot: TackSpot) => void) | undefined;
}

/** Points grow a finger's width wherever the drawing is small, px. */
const TOUCH_PX = 44;

/** The item with every point of the walk where the hand is: open while nobody looked, filled where sound, a diamond to watch, a triangle unsafe. */
export function WalkDrawing({ item, spots, widthPx, here, onSpot }: WalkDrawingProps) {
  const palette = usePalette();
  const scale = widthPx / BOX.width;
  return (
    <YStack width={widthPx} height={BOX.height * scale} position="relative">
      <Svg
        width={widthPx}
        height={BOX.height * scale}
        viewBox={`0 0 ${BOX.width} ${BOX.height}`}
        role="img"
        aria-label={TACK_PHRASES.drawing(TACK_KIND_WORDS[item.kind])}
      >
        <WalkShape item={item} palette={palette} />
        <SideNames palette={palette} />
        {spots.map((spot) => (
          <Mark key={`${spot.point}-${spot.side}`} spot={spot} here={here !== null && spot.point === here.point} palette={palette} />
        ))}
      </Svg>
      {onSpot === undefined
        ? null
        : spots.map((spot) => <Touch key={`${spot.point}-${spot.side}`} spot={spot} scale={scale} onPress={() => onSpot(spot)} />)}
    </YStack>
  );
}

function SideNames({ palette }: { readonly palette: Palette }) {
  return (
    <>
      <Text x={8} y={18} fontSize={13} fontWeight="700" fill={palette.near}>
        {`N ${TACK_PHRASES.near.toLowerCase()}`}
      </Text>
      <Text x={BOX.width - 8} y={18} fontSize={13} fontWeight="700" textAnchor="end" fill={palette.off}>
        {`${TACK_PHRASES.off.toLowerCase()} O`}
      </Text>
    </>
  );
}

const R = 8;

function Mark({ spot, here, palette }: { readonly spot: MarkedSpot; readonly here: boolean; readonly palette: Palette }) {
  const { x, y } = placeOf(spot);
  return (
    <G>
      {here ? <Circle cx={x} cy={y} r={R + 6} fill="none" stroke={palette.action} strokeWidth={3} /> : null}
      <MarkShape x={x} y={y} finding={spot.finding} palette={palette} />
    </G>
  );
}

interface MarkShapeProps {
  readonly x: number;
  readonly y: number;
  readonly finding: TackFinding | null;
  readonly palette: Palette;
}

function MarkShape({ x, y, finding, palette }: MarkShapeProps) {
  if (finding === 'unsafe') return <Path d={`M${x} ${y - R - 2}L${x + R + 2} ${y + R}H${x - R - 2}Z`} fill={palette.bad} />;
  if (finding === 'watch')
    return <Rect x={x - 7} y={y - 7} width={14} height={14} transform={`rotate(45 ${x} ${y})`} fill={palette.lookOut} />;
  return <Circle cx={x} cy={y} r={R} fill={finding === 'sound' ? palette.good : palette.sheet} stroke={palette.ink} strokeWidth={2} />;
}

/** A finger's width over each mark, named for those who don't see it. */
function Touch({ spot, scale, onPress }: { readonly spot: MarkedSpot; readonly scale: number; readonly onPress: () => void }) {
  const { x, y } = placeOf(spot);
  const found = spot.finding === null ? TACK_PHRASES.notLooked : FINDING_WORDS[spot.finding];
  return (
    <Pressable
      role="button"
      aria-label={`${spotWords(spot)}: ${found}`}
      onPress={onPress}
      style={{ position: 'absolute', left: x * scale - TOUCH_PX / 2, top: y * scale - TOUCH_PX / 2, width: TOUCH_PX, height: TOUCH_PX }}
    />
  );
}

/** What was found last at each spot of a round. */
export const markedSpots = (spots: readonly TackSpot[], found: readonly (TackSpot & { readonly finding: TackFinding })[]): MarkedSpot[] =>
  spots.map((spot) => ({ ...spot, finding: found.findLast((f) => sameTackSpot(f, spot))?.finding ?? null }));
