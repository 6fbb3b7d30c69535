import { Pressable } from 'react-native';
import Svg, { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { YStack } from 'tamagui';
import { BODY_FONT, type Palette } from '../ui/tokens';
import { usePalette } from '../ui/use-palette';

export type PegState = 'open' | 'doubtful' | 'measured';
export interface Peg {
  readonly id: 'front' | 'base' | 'low' | 'lastRib';
  readonly label: string;
  readonly state: PegState;
  readonly here: boolean;
}

export interface BacklineProps {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly pegs: readonly Peg[];
  readonly onPeg: (id: Peg['id']) => void;
}

/** Where each station stands along the plain line, as a share of the width: no scale until the topline is traced. */
const PLACE: Readonly<Record<Peg['id'], number>> = { front: 0.33, base: 0.48, low: 0.65, lastRib: 0.84 };
const SCAPULA = 0.22;

/** Height of the plain back, 0 to 1: withers, dip and loin of no horse in particular. */
const plainHeight = (t: number): number =>
  0.46 +
  0.42 * Math.exp(-(((t - 0.2) / 0.12) ** 2)) -
  0.14 * Math.exp(-(((t - 0.62) / 0.2) ** 2)) +
  0.16 * Math.exp(-(((t - 1) / 0.2) ** 2)) -
  0.3 * Math.exp(-((t / 0.09) ** 2));

/** Map, progress bar and navigation of a visit; head to the left, tail to the right. */
export function Backline({ widthPx, heightPx, pegs, onPeg }: BacklineProps) {
  const palette = usePalette();
  const y = (t: number) => heightPx - 24 - plainHeight(t) * (heightPx - 52);
  const steps = Array.from({ length: 81 }, (_, i) => i / 80);
  const line = steps.map((t, i) => `${i === 0 ? 'M' : 'L'}${(t * widthPx).toFixed(1)} ${y(t).toFixed(1)}`).join('');
  return (
    <YStack position="relative" width={widthPx} height={heightPx} role="navigation" aria-label="Stations along the back">
      <Svg width={widthPx} height={heightPx} style={{ position: 'absolute' }} aria-hidden>
        <Path d={`${line}L${widthPx} ${heightPx - 22}L0 ${heightPx - 22}Z`} fill={palette.horse} />
        <Path d={line} fill="none" stroke={palette.ink} strokeWidth={3} strokeDasharray="1 0" />
        <Line x1={0} x2={widthPx} y1={heightPx - 22} y2={heightPx - 22} stroke={palette.ruleStrong} strokeWidth={1} />
        <Line x1={SCAPULA * widthPx} x2={SCAPULA * widthPx} y1={y(SCAPULA)} y2={heightPx - 22} stroke={palette.ink} strokeWidth={1.5} />
        {[
          ['head', 8, 'start'],
          ['scapula', SCAPULA * widthPx, 'middle'],
          ['tail', widthPx - 8, 'end'],
        ].map(([text, x, anchor]) => (
          <SvgText
            key={text}
            x={x}
            y={heightPx - 8}
            textAnchor={anchor as 'start'}
            fontFamily={BODY_FONT}
            fontSize={13}
            fill={palette.muted}
          >
            {text}
          </SvgText>
        ))}
        {pegs.map((peg) => (
          <PegMark key={peg.id} peg={peg} x={PLACE[peg.id] * widthPx} y={y(PLACE[peg.id])} foot={heightPx - 22} palette={palette} />
        ))}
      </Svg>
      {pegs.map((peg) => (
        <Pressable
          key={peg.id}
          role="button"
          aria-label={`${peg.label}: ${STATE_WORDS[peg.state]}`}
          aria-current={peg.here ? 'step' : undefined}
          onPress={() => onPeg(peg.id)}
          style={{ position: 'absolute', left: PLACE[peg.id] * widthPx - 26, top: 8, width: 52, height: heightPx - 16 }}
        />
      ))}
    </YStack>
  );
}

const STATE_WORDS: Readonly<Record<PegState, string>> = { open: 'not measured', doubtful: 'doubtful', measured: 'measured' };

function PegMark({
  peg,
  x,
  y,
  foot,
  palette,
}: {
  readonly peg: Peg;
  readonly x: number;
  readonly y: number;
  readonly foot: number;
  readonly palette: Palette;
}) {
  const r = peg.here ? 10 : 8;
  return (
    <G>
      <Line x1={x} x2={x} y1={y} y2={foot} stroke={palette.ruleStrong} strokeWidth={1} />
      {peg.here ? <Circle cx={x} cy={y} r={15} fill="none" stroke={palette.action} strokeWidth={2} /> : null}
      <Circle
        cx={x}
        cy={y}
        r={r}
        fill={peg.state === 'measured' ? palette.action : palette.sheet}
        stroke={palette.action}
        strokeWidth={2.5}
      />
      {peg.state === 'doubtful' ? <Path d={`M${x} ${y - r}A${r} ${r} 0 0 0 ${x} ${y + r}Z`} fill={palette.action} /> : null}
      <SvgText
        x={x}
        y={y - 19}
        textAnchor="middle"
        fontFamily={BODY_FONT}
        fontSize={14}
        fontWeight={peg.here ? '700' : '400'}
        fill={palette.ink}
      >
        {peg.label}
      </SvgText>
    </G>
  );
}
