import { Asset } from 'expo-asset';
import body400 from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf';
import body700 from '@expo-google-fonts/atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf';
import slab600 from '@expo-google-fonts/zilla-slab/600SemiBold/ZillaSlab_600SemiBold.ttf';
import zero400 from '@expo-google-fonts/public-sans/400Regular/PublicSans_400Regular.ttf';
import zero700 from '@expo-google-fonts/public-sans/700Bold/PublicSans_700Bold.ttf';
import { BODY_FONT, DRAWING_FONT, SLAB_FONT } from './tokens';

/** In running text a slashed zero catches the eye, and this face has no other: the open one is another face's. */
const ONLY_ZERO = 'U+30';

export const fontUrl = (font: number): string => Asset.fromModule(font).uri;
export const BODY_FILES = { regular: body400, bold: body700 };

/** Real weights, shipped with the application; the page shows at once in a fallback and settles when they are in. */
export async function loadFonts(): Promise<void> {
  const faces = [
    new FontFace(BODY_FONT, `url(${fontUrl(body400)})`, { weight: '400' }),
    new FontFace(BODY_FONT, `url(${fontUrl(body700)})`, { weight: '700' }),
    new FontFace(BODY_FONT, `url(${fontUrl(zero400)})`, { weight: '400', unicodeRange: ONLY_ZERO }),
    new FontFace(BODY_FONT, `url(${fontUrl(zero700)})`, { weight: '700', unicodeRange: ONLY_ZERO }),
    new FontFace(DRAWING_FONT, `url(${fontUrl(body400)})`, { weight: '400' }),
    new FontFace(DRAWING_FONT, `url(${fontUrl(body700)})`, { weight: '700' }),
    new FontFace(SLAB_FONT, `url(${fontUrl(slab600)})`, { weight: '600 700' }),
  ];
  for (const face of faces) document.fonts.add(await face.load());
}
