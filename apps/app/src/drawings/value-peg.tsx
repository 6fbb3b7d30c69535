import { G, Rect, Text as SvgText } from 'react-native-svg';
import { DRAWING_FONT, type Palette } from '../ui/tokens';

/** A number where it is true, kept inside the drawing. */
export function ValuePeg({
  x,
  y,
  text,
  palette,
  widthPx,
}: {
  readonly x: number;
  readonly y: number;
  readonly text: string;
  readonly palette: Palette;
  readonly widthPx: number;
}) {
  const width = 14 + text.length * 7.6;
  const middle = Math.max(15, y);
  const left = Math.max(2, Math.min(widthPx - width - 2, x - width / 2));
  return (
    <G>
      <Rect x={left} y={middle - 13} width={width} height={26} rx={13} fill={palette.sheet} stroke={palette.ink} strokeWidth={1.2} />
      <SvgText
        x={left + width / 2}
        y={middle + 5}
        textAnchor="middle"
        fontFamily={DRAWING_FONT}
        fontSize={14}
        fontWeight="700"
        fill={palette.ink}
      >
        {text}
      </SvgText>
    </G>
  );
}
