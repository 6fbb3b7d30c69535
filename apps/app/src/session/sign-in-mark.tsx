import Svg, { Path } from 'react-native-svg';
import { usePalette } from '../ui/use-palette';

/** Fulcra's own mark: a back on the edge it is balanced over. */
export function SignInMark() {
  const p = usePalette();
  return (
    <Svg width={96} height={44} viewBox="0 0 96 44" aria-hidden>
      <Path d="M2 16 C14 2 24 2 34 12 S58 26 70 16 S88 8 94 12" fill="none" stroke={p.ink} strokeWidth={3.5} strokeLinecap="round" />
      <Path d="M48 26 L58 42 L38 42 Z" fill={p.action} />
    </Svg>
  );
}
