import { FEEL_PHRASES } from '../words/feel-phrases';
import { type Feeling, type FeltSpot, type SpotState, spotState } from '@fulcra/core';
import { Pressable } from 'react-native';
import Svg, { Circle, G, Path, Text as SvgText } from 'react-native-svg';
import { YStack } from 'tamagui';
import { DRAWING_FONT, type Palette } from '../ui/tokens';
import { usePalette } from '../ui/use-palette';
import { PLACE_WORDS, REACTION_WORDS, passName } from '../words/feel-words';
import { BACK_FROM_ABOVE, CHEST_FROM_BELOW, planSize } from '../drawings/horse/above';
import { HorsePlan } from '../drawings/horse/horse-plan';
import { type SpotPlace } from './spot-places';

export interface FeelDrawingProps {
  readonly heightPx: number;
  readonly view: 'above' | 'below';
  readonly places: readonly SpotPlace[];
  readonly feelings: readonly Feeling[];
  readonly onSpot: (spot: FeltSpot) => void;
}

const TAP_PX = 50;

/** The back seen from above, or the chest from below, near on the left; tap a place to feel it. */
export function FeelDrawing({ heightPx, view, places, feelings, onSpot }: FeelDrawingProps) {
  const palette = usePalette();
  const box = view === 'above' ? BACK_FROM_ABOVE : CHEST_FROM_BELOW;
  const { width, height } = planSize(box);
  const scale = heightPx / height;
  const widthPx = width * scale;
  const side = { fontFamily: DRAWING_FONT, fontSize: 16, fontWeight: '700', y: 22 } as const;
  return (
    <YStack position="relative" width={widthPx} height={heightPx} alignSelf="center">
      <Svg width={widthPx} height={heightPx} style={{ position: 'absolute' }} aria-hidden>
        <G transform={`scale(${scale})`}>
          <HorsePlan box={box} below={view === 'below'} />
        </G>
        <SvgText x={0} fill={palette.near} {...side}>
          {FEEL_PHRASES.nNear}
        </SvgText>
        <SvgText x={widthPx} textAnchor="end" fill={palette.off} {...side}>
          {FEEL_PHRASES.offO}
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
