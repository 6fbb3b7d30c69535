import Svg, { Path } from 'react-native-svg';
import { HORSE_OUTLINE } from '../../drawings/horse-outline';
import { useMeasuredWidth } from '../../drawings/use-measured-width';
import { usePalette } from '../../ui/use-palette';
import { YStack } from 'tamagui';
import { OWNER_PHRASES } from '../../words/owner-phrases';

const BOX = { left: -48, top: 136, width: 160, height: 138 } as const;

/** How the horse fills the picture from the side; the outline is one's guide, nothing is recognised by it. */
export function SideOutline() {
  const palette = usePalette();
  const [width, onLayout] = useMeasuredWidth();
  const path = HORSE_OUTLINE.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x - BOX.left} ${BOX.top - y}`).join('');
  return (
    <YStack onLayout={onLayout} alignItems="center">
      {width === 0 ? null : (
        <Svg
          width={Math.min(width, 340)}
          height={(Math.min(width, 340) * BOX.height) / BOX.width}
          viewBox={`0 0 ${BOX.width} ${BOX.height}`}
          role="img"
          aria-label={OWNER_PHRASES.outlineSide}
        >
          <Path d={`${path}Z`} fill={palette.horse} stroke={palette.ink} strokeWidth={1.2} strokeLinejoin="round" />
        </Svg>
      )}
    </YStack>
  );
}
