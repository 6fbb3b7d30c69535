import { create } from 'qrcode';
import Svg, { Path, Rect } from 'react-native-svg';

/** A quiet rim of so many modules belongs to the code. */
const RIM = 4;

/** The dark modules of a code as one path, a unit a module. */
export function qrPath(text: string): { readonly size: number; readonly path: string } {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  const dark: string[] = [];
  for (let row = 0; row < modules.size; row++)
    for (let column = 0; column < modules.size; column++) if (modules.get(row, column)) dark.push(`M${column + RIM} ${row + RIM}h1v1h-1z`);
  return { size: modules.size + 2 * RIM, path: dark.join('') };
}

/** Black on white whatever the theme, because a camera reads it. */
export function QrCode({ text, sizePx, label }: { readonly text: string; readonly sizePx: number; readonly label: string }) {
  const { size, path } = qrPath(text);
  return (
    <Svg width={sizePx} height={sizePx} viewBox={`0 0 ${size} ${size}`} role="img" aria-label={label}>
      <Rect width={size} height={size} fill="#FFFFFF" />
      <Path d={path} fill="#000000" />
    </Svg>
  );
}
