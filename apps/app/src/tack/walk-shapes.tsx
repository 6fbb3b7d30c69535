import { type TackItem } from '@fulcra/core';
import { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { type Palette } from '../ui/tokens';
import { BOX } from './walk-places';

const MIDDLE = BOX.width / 2;
/** Both sides of a shape: drawn for the off side and once more for the near. */
function BothSides({ children }: { readonly children: React.ReactNode }) {
  return (
    <>
      <G>{children}</G>
      <G transform={`translate(${BOX.width} 0) scale(-1 1)`}>{children}</G>
    </>
  );
}

/** Seen from above, head up: panels, channel, bars, and the straps laid out to the side. */
function EnglishSaddle({ palette }: { readonly palette: Palette }) {
  const leather = { stroke: palette.leather, strokeWidth: 2 } as const;
  return (
    <>
      <BothSides>
        <Path
          d="M186 24 C214 14 236 34 236 62 C236 96 222 120 222 150 C222 184 214 216 196 222 C190 196 188 120 186 24 Z"
          fill={palette.horse}
          {...leather}
        />
        <Path d="M236 58 C300 62 336 100 332 150 C300 156 256 140 226 118 Z" fill="none" strokeDasharray="5 4" {...leather} />
        <Path d="M238 58 L246 58 L246 104 L238 104" fill="none" stroke={palette.muted} strokeWidth={5} />
        <Path d="M240 128 L332 190 M236 140 L306 196" fill="none" stroke={palette.leather} strokeWidth={9} strokeLinecap="round" />
        {[0, 1, 2, 3].map((i) => (
          <G key={i}>
            <Circle cx={300 + i * 9} cy={168 + i * 6} r={1.8} fill={palette.sheet} />
            <Circle cx={276 + i * 9} cy={172 + i * 7} r={1.8} fill={palette.sheet} />
          </G>
        ))}
      </BothSides>
      <Path
        d={`M${MIDDLE - 40} 44 Q${MIDDLE} 14 ${MIDDLE + 40} 44`}
        fill="none"
        stroke={palette.leather}
        strokeWidth={7}
        strokeLinecap="round"
      />
      <Line x1={MIDDLE} y1={52} x2={MIDDLE} y2={214} stroke={palette.muted} strokeDasharray="2 5" />
    </>
  );
}

/** Bars, swell and cantle from above, rigging rings and cinch straps to the side. */
function WesternSaddle({ palette }: { readonly palette: Palette }) {
  const leather = { stroke: palette.leather, strokeWidth: 2 } as const;
  return (
    <>
      <BothSides>
        <Path
          d="M190 20 C232 22 250 60 246 110 C242 160 238 200 226 230 L204 230 C198 160 192 90 190 20 Z"
          fill={palette.horse}
          {...leather}
        />
        <Rect x={232} y={72} width={22} height={24} rx={4} fill="none" stroke={palette.muted} strokeWidth={3} />
        <Circle cx={264} cy={118} r={9} fill="none" stroke={palette.muted} strokeWidth={4} />
        <Path d="M268 124 L318 162" stroke={palette.leather} strokeWidth={10} strokeLinecap="round" />
        {[0, 1, 2].map((i) => (
          <Circle key={i} cx={296 + i * 9} cy={145 + i * 7} r={2} fill={palette.sheet} />
        ))}
      </BothSides>
      <Path d={`M${MIDDLE - 34} 40 Q${MIDDLE} 12 ${MIDDLE + 34} 40 Q${MIDDLE} 56 ${MIDDLE - 34} 40 Z`} fill={palette.leather} />
      <Path
        d={`M${MIDDLE - 40} 166 Q${MIDDLE} 196 ${MIDDLE + 40} 166`}
        fill="none"
        stroke={palette.leather}
        strokeWidth={9}
        strokeLinecap="round"
      />
    </>
  );
}

/** The pair hanging from its bars. */
function Leathers({ palette }: { readonly palette: Palette }) {
  return (
    <BothSides>
      <Line x1={226} y1={14} x2={286} y2={14} stroke={palette.muted} strokeWidth={6} strokeLinecap="round" />
      <Path d="M240 16 L250 172 M272 16 L262 172" stroke={palette.leather} strokeWidth={10} strokeLinecap="round" />
      <Rect x={258} y={32} width={24} height={18} rx={3} fill="none" stroke={palette.muted} strokeWidth={4} />
      {[0, 1, 2, 3, 4].map((i) => (
        <Circle key={i} cx={269 - i * 0.8} cy={66 + i * 15} r={2.2} fill={palette.sheet} />
      ))}
      <Path d="M244 176 Q256 164 268 176 L282 216 L230 216 Z" fill="none" stroke={palette.muted} strokeWidth={6} strokeLinejoin="round" />
    </BothSides>
  );
}

/** The girth laid out, buckles at its ends. */
function Girth({ palette, elastic }: { readonly palette: Palette; readonly elastic: boolean }) {
  return (
    <>
      <Path d="M46 92 Q180 74 314 92 L314 132 Q180 154 46 132 Z" fill={palette.horse} stroke={palette.leather} strokeWidth={2} />
      <BothSides>
        <Rect x={318} y={92} width={26} height={17} rx={3} fill="none" stroke={palette.muted} strokeWidth={4} />
        <Rect x={318} y={115} width={26} height={17} rx={3} fill="none" stroke={palette.muted} strokeWidth={4} />
        {elastic ? <Path d="M262 90 l8 10 l-8 10 l8 10 l-8 12" fill="none" stroke={palette.ink} strokeWidth={2} /> : null}
        <Path d="M296 92 L296 132" stroke={palette.leather} strokeWidth={2} strokeDasharray="4 3" />
      </BothSides>
    </>
  );
}

/** What is walked round, as it lies before one. */
export function WalkShape({ item, palette }: { readonly item: TackItem; readonly palette: Palette }) {
  if (item.kind === 'leather') return <Leathers palette={palette} />;
  if (item.kind === 'girth') return <Girth palette={palette} elastic={item.elastic !== false} />;
  return item.build === 'western' ? <WesternSaddle palette={palette} /> : <EnglishSaddle palette={palette} />;
}
