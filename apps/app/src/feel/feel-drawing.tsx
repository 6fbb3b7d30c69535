import { FEEL_PHRASES } from '../words/feel-phrases';
import { type Feeling, type FeltSpot, type SpotState, spotState } from '@fulcra/core';
import { Pressable } from 'react-native';
import Svg, { Circle, G, Path, Text as SvgText } from 'react-native-svg';
import { YStack } from 'tamagui';
import { BODY_FONT, type Palette } from '../ui/tokens';
import { usePalette } from '../ui/use-palette';
import { PLACE_WORDS, REACTION_WORDS, passName } from '../words/feel-words';
import { type SpotPlace } from './spot-places';

export interface FeelDrawingProps {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly view: 'above' | 'below';
  readonly places: readonly SpotPlace[];
  readonly feelings: readonly Feeling[];
  readonly onSpot: (spot: FeltSpot) => void;
}

const TAP_PX = 50;

/** A back seen from above, or the chest from below, near on the left; tap a place to feel it. */
export function FeelDrawing({ widthPx, heightPx, view, places, feelings, onSpot }: FeelDrawingProps) {
  const palette = usePalette();
  const outline = view === 'above' ? backFromAbove(widthPx, heightPx) : chestFromBelow(widthPx, heightPx);
  return (
    <YStack position="relative" width={widthPx} height={heightPx}>
      <Svg width={widthPx} height={heightPx} style={{ position: 'absolute' }} aria-hidden>
        <Path d={outline} fill={palette.horse} stroke={palette.ink} strokeWidth={2} />
        <Path d={`M${widthPx / 2} ${heightPx * 0.04}V${heightPx * 0.96}`} stroke={palette.ink} strokeWidth={1.2} strokeDasharray="2 5" />
        <SvgText x={10} y={22} fontFamily={BODY_FONT} fontSize={16} fontWeight="700" fill={palette.near}>
          {FEEL_PHRASES.nNear}
        </SvgText>
        <SvgText x={widthPx - 10} y={22} textAnchor="end" fontFamily={BODY_FONT} fontSize={16} fontWeight="700" fill={palette.off}>
          {FEEL_PHRASES.offO}
        </SvgText>
        <SvgText x={widthPx / 2 + 8} y={16} fontFamily={BODY_FONT} fontSize={13} fill={palette.muted}>
          {view === 'above' ? 'head' : FEEL_PHRASES.fromBelowHead}
        </SvgText>
        {places.map(({ spot, x, y }) => (
          <SpotMark
            key={key(spot)}
            x={x * widthPx}
            y={y * heightPx}
            state={spotState(spot, feelings)}
            signs={signsAt(spot, feelings)}
            palette={palette}
          />
        ))}
      </Svg>
      {places.map(({ spot, x, y }) => (
        <Pressable
          key={key(spot)}
          role="button"
          aria-label={`${spot.side === 'near' ? FEEL_PHRASES.near : FEEL_PHRASES.off}, ${PLACE_WORDS[spot.place]}: ${stateWords(spotState(spot, feelings))}`}
          onPress={() => onSpot(spot)}
          style={{ position: 'absolute', left: x * widthPx - TAP_PX / 2, top: y * heightPx - TAP_PX / 2, width: TAP_PX, height: TAP_PX }}
        />
      ))}
    </YStack>
  );
}

const key = (spot: FeltSpot): string => `${spot.place}-${spot.side}`;
const signsAt = (spot: FeltSpot, feelings: readonly Feeling[]): boolean =>
  feelings.some((f) => f.signs.length > 0 && f.spots.some((s) => key(s) === key(spot)));

function stateWords({ last, reaction }: SpotState): string {
  if (last === null) return FEEL_PHRASES.notFelt;
  return reaction === 'none'
    ? FEEL_PHRASES.handNothing(passName(last).toLowerCase())
    : FEEL_PHRASES.hand(passName(last).toLowerCase(), REACTION_WORDS[reaction].toLowerCase());
}

const PASS_SHARE = { light: 1, medium: 2, firm: 3 } as const;

interface SpotMarkProps {
  readonly x: number;
  readonly y: number;
  readonly state: SpotState;
  readonly signs: boolean;
  readonly palette: Palette;
}

/** An open peg waits; it fills by thirds with each pass that brought nothing; a triangle is a reaction, a ring skin. */
function SpotMark({ x, y, state, signs, palette }: SpotMarkProps) {
  const r = 13;
  const filled = state.last === null ? 0 : PASS_SHARE[state.last];
  return (
    <G>
      {signs ? <Circle cx={x} cy={y} r={r + 5} fill="none" stroke={palette.lookOut} strokeWidth={3} strokeDasharray="4 3" /> : null}
      {state.reaction !== 'none' ? (
        <Path d={`M${x} ${y - r - 2}L${x + r + 1} ${y + r}H${x - r - 1}Z`} fill={palette.bad} stroke={palette.bad} strokeWidth={2} />
      ) : (
        <>
          <Circle cx={x} cy={y} r={r} fill={palette.sheet} stroke={palette.action} strokeWidth={2.5} />
          {filled > 0 ? <Circle cx={x} cy={y} r={(r * filled) / 3} fill={palette.action} /> : null}
        </>
      )}
    </G>
  );
}

/** Shoulders, waist of the back, ribs, loin and hips, as one closed line. */
function backFromAbove(w: number, h: number): string {
  const half = [0.05, 0.09, 0.16, 0.27, 0.31, 0.29, 0.31, 0.36, 0.38, 0.36, 0.3, 0.29, 0.34, 0.35];
  return closedBySides(w, h, half);
}

function chestFromBelow(w: number, h: number): string {
  const half = [0.06, 0.16, 0.27, 0.32, 0.31, 0.34, 0.38, 0.4];
  return closedBySides(w, h, half);
}

function closedBySides(w: number, h: number, half: readonly number[]): string {
  const y = (i: number): number => h * (0.05 + (0.9 * i) / (half.length - 1));
  const side = (sign: 1 | -1): readonly (readonly [number, number])[] => half.map((s, i) => [w / 2 + sign * s * w * 0.95, y(i)]);
  return `${smooth(side(-1))}${smooth([...side(1)].reverse()).replace('M', 'L')}Z`;
}

/** A curve through points by quadratic pieces between their middles. */
function smooth(points: readonly (readonly [number, number])[]): string {
  const start = points[0]!;
  const middle = points.slice(1, -1).map(([x, y], i) => {
    const next = points[i + 2]!;
    return `Q${x.toFixed(1)} ${y.toFixed(1)} ${((x + next[0]) / 2).toFixed(1)} ${((y + next[1]) / 2).toFixed(1)}`;
  });
  const end = points.at(-1)!;
  return `M${start[0].toFixed(1)} ${start[1].toFixed(1)}${middle.join('')}L${end[0].toFixed(1)} ${end[1].toFixed(1)}`;
}
