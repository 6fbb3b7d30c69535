import { DRAWINGS_PHRASES } from '../words/drawings-phrases';
import { pathOf } from './path-of';
import { type SectionStation } from '@fulcra/core';
import { Pressable } from 'react-native';
import Svg, { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { YStack } from 'tamagui';
import { DRAWING_FONT, type Palette } from '../ui/tokens';
import { usePalette } from '../ui/use-palette';
import { type BacklineLayout } from './backline-layout';

type PegState = 'open' | 'doubtful' | 'measured';
export interface Peg {
  readonly id: SectionStation;
  readonly label: string;
  readonly state: PegState;
  readonly here: boolean;
  readonly atMm: number;
}

export interface BacklineProps {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly layout: BacklineLayout;
  readonly pegs: readonly Peg[];
  readonly onPeg: (id: Peg['id']) => void;
  /** Something sore holds the visit: shown here, so that it is seen on every screen. */
  readonly held: boolean;
}

const FOOT_PX = 22;

/** Map, progress bar and navigation of a visit; head to the left, tail to the right. */
export function Backline({ widthPx, heightPx, layout, pegs, onPeg, held }: BacklineProps) {
  const palette = usePalette();
  const x = (mm: number) => layout.share(mm) * widthPx;
  const yOf = (share: number) => heightPx - FOOT_PX - 2 - layout.height(share) * (heightPx - 54);
  const y = (mm: number) => yOf(layout.share(mm));
  const line = pathOf(Array.from({ length: 81 }, (_, i) => [(i / 80) * widthPx, yOf(i / 80)]));
  const { restMm, forwardMm } = layout.scapula;
  const below = namesBelow(pegs, x);
  return (
    <YStack position="relative" width={widthPx} height={heightPx} role="navigation" aria-label={DRAWINGS_PHRASES.stationsAlongThe}>
      <Svg width={widthPx} height={heightPx} style={{ position: 'absolute' }} aria-hidden>
        <Path d={`${line}L${widthPx} ${heightPx - FOOT_PX}L0 ${heightPx - FOOT_PX}Z`} fill={palette.horse} />
        <Path d={line} fill="none" stroke={held ? palette.bad : palette.ink} strokeWidth={3} />
        <Line x1={0} x2={widthPx} y1={heightPx - FOOT_PX} y2={heightPx - FOOT_PX} stroke={palette.ruleStrong} strokeWidth={1} />
        {forwardMm === null ? null : (
          <Path
            d={`M${x(restMm)} ${heightPx - FOOT_PX}L${x(restMm)} ${y(restMm)}L${x(forwardMm)} ${heightPx - FOOT_PX}Z`}
            fill={palette.leather}
            opacity={0.35}
          />
        )}
        <Line x1={x(restMm)} x2={x(restMm)} y1={y(restMm)} y2={heightPx - FOOT_PX} stroke={palette.ink} strokeWidth={1.5} />
        <Foot text={DRAWINGS_PHRASES.head} at={8} anchor="start" heightPx={heightPx} palette={palette} />
        <Foot text={DRAWINGS_PHRASES.scapula} at={x(restMm)} anchor="middle" heightPx={heightPx} palette={palette} />
        <Foot text={DRAWINGS_PHRASES.tail} at={widthPx - 8} anchor="end" heightPx={heightPx} palette={palette} />
        {pegs.map((peg) => (
          <PegMark
            key={peg.id}
            peg={peg}
            x={x(peg.atMm)}
            y={y(peg.atMm)}
            foot={heightPx - FOOT_PX}
            below={below.has(peg.id)}
            palette={palette}
          />
        ))}
      </Svg>
      {pegs.map((peg) => (
        <Pressable
          key={peg.id}
          role="button"
          aria-label={`${peg.label}: ${STATE_WORDS[peg.state]}`}
          aria-current={peg.here ? 'step' : undefined}
          onPress={() => onPeg(peg.id)}
          style={{ position: 'absolute', left: x(peg.atMm) - TAP_PX / 2, top: 8, width: TAP_PX, height: heightPx - 16 }}
        />
      ))}
    </YStack>
  );
}

/** Two names closer than this would run into each other, px. */
const NAME_PX = 46;

/** Pegs whose names go below: those that follow one with its name above too closely. */
export function namesBelow<Id extends string>(
  pegs: readonly { readonly id: Id; readonly atMm: number }[],
  x: (mm: number) => number,
): ReadonlySet<Id> {
  const below = new Set<Id>();
  let lastAbove = -Infinity;
  for (const peg of [...pegs].sort((a, b) => a.atMm - b.atMm)) {
    if (x(peg.atMm) - lastAbove < NAME_PX) below.add(peg.id);
    else lastAbove = x(peg.atMm);
  }
  return below;
}

/** Two stations 50 mm apart stand about this far from each other on a phone. */
const TAP_PX = 30;
const STATE_WORDS: Readonly<Record<PegState, string>> = { open: DRAWINGS_PHRASES.notMeasured, doubtful: 'doubtful', measured: 'measured' };

interface FootProps {
  readonly text: string;
  readonly at: number;
  readonly anchor: 'start' | 'middle' | 'end';
  readonly heightPx: number;
  readonly palette: Palette;
}

const Foot = ({ text, at, anchor, heightPx, palette }: FootProps) => (
  <SvgText x={at} y={heightPx - 7} textAnchor={anchor} fontFamily={DRAWING_FONT} fontSize={13} fill={palette.muted}>
    {text}
  </SvgText>
);

interface PegMarkProps {
  /** Its name stands under it, where the one before has the room above. */
  readonly below: boolean;
  readonly peg: Peg;
  readonly x: number;
  readonly y: number;
  readonly foot: number;
  readonly palette: Palette;
}

function PegMark({ peg, x, y, foot, below, palette }: PegMarkProps) {
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
        y={below ? y + 24 : y - 15}
        textAnchor="middle"
        fontFamily={DRAWING_FONT}
        fontSize={14}
        fontWeight={peg.here ? '700' : '400'}
        fill={palette.ink}
      >
        {peg.label}
      </SvgText>
    </G>
  );
}
