import Svg, { Path } from 'react-native-svg';

const STROKES = { back: 'M15 5 L8 12 L15 19', plus: 'M12 4 V20 M4 12 H20', minus: 'M4 12 H20' } as const;

/** The few signs the interface needs, drawn here. */
export function Icon({ name, color, size }: { readonly name: keyof typeof STROKES; readonly color: string; readonly size: number }) {
  return (
    <Svg width={size} height={size} viewBox="0 0 24 24" aria-hidden>
      <Path d={STROKES[name]} fill="none" stroke={color} strokeWidth={2.6} strokeLinecap="round" strokeLinejoin="round" />
    </Svg>
  );
}
