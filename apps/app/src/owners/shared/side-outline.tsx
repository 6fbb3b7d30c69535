import { useEffect, useState } from 'react';
import { Image } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { YStack } from 'tamagui';
import { PLAIN } from '../../drawings/horse/form';
import { HorseFigure } from '../../drawings/horse/horse-figure';
import { WHOLE_HORSE, partPath } from '../../drawings/horse/paths';
import { useMeasuredWidth } from '../../drawings/use-measured-width';
import { usePalette } from '../../ui/use-palette';
import { OWNER_PHRASES } from '../../words/owner-phrases';
import { type ReadyPhoto } from './shared-api';

const BOX = { width: WHOLE_HORSE.right - WHOLE_HORSE.left, height: WHOLE_HORSE.top - WHOLE_HORSE.bottom } as const;
const MOST_WIDE = 340;
const PATH = partPath('body', PLAIN, WHOLE_HORSE);

/** How the horse fills the picture from the side, laid over the picture once there is one; nothing is recognised by it. */
export function SideOutline({ photo }: { readonly photo: ReadyPhoto | null }) {
  const palette = usePalette();
  const [width, onLayout] = useMeasuredWidth();
  const url = useBlobUrl(photo?.blob ?? null);
  const [w, h] = [Math.min(width, MOST_WIDE), (Math.min(width, MOST_WIDE) * BOX.height) / BOX.width];
  return (
    <YStack onLayout={onLayout} alignItems="center">
      {width === 0 ? null : (
        <YStack width={w} height={h} position="relative">
          {url === null ? null : (
            <Image
              source={{ uri: url }}
              accessibilityLabel={OWNER_PHRASES.sidePhoto}
              resizeMode="contain"
              style={{ position: 'absolute', width: w, height: h }}
            />
          )}
          <Svg width={w} height={h} viewBox={`0 0 ${BOX.width} ${BOX.height}`} role="img" aria-label={OWNER_PHRASES.outlineSide}>
            {url === null ? (
              <HorseFigure box={WHOLE_HORSE} />
            ) : (
              <Path d={PATH} fill="none" stroke={palette.lookOut} strokeWidth={1.4} strokeLinejoin="round" />
            )}
          </Svg>
        </YStack>
      )}
    </YStack>
  );
}

function useBlobUrl(blob: Blob | null): string | null {
  const [url, setUrl] = useState<string | null>(null);
  useEffect(() => {
    if (blob === null) return setUrl(null);
    const own = URL.createObjectURL(blob);
    setUrl(own);
    return () => URL.revokeObjectURL(own);
  }, [blob]);
  return url;
}
