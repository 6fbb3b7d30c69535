import { type Story } from '@fulcra/contract';
import Svg from 'react-native-svg';
import { asSection } from '../drawings/as-section';
import { paperScale, reachOf } from '../drawings/paper-scale';
import { SectionLines, SideNames } from '../drawings/section-lines';
import { usePalette } from '../ui/use-palette';
import { STORY_PHRASES, onDay } from '../words/story-phrases';

const WIDTH = 300;
const HEIGHT = 150;
type Visit = Story['visits'][number];

/** The front of this visit over the one before. */
export function StoryOutline({ visit, before }: { readonly visit: Visit; readonly before: Visit | null }) {
  const palette = usePalette();
  const section = asSection(visit.outline);
  const was = before === null ? null : asSection(before.outline);
  const scale = paperScale(WIDTH, HEIGHT, reachOf([...section.points, ...(was?.points ?? [])], 10));
  return (
    <Svg
      width={WIDTH}
      height={HEIGHT}
      role="img"
      aria-label={STORY_PHRASES.outline(onDay(visit.on), before === null ? null : onDay(before.on))}
      style={{ backgroundColor: palette.sheet }}
    >
      {was === null ? null : <SectionLines section={was} scale={scale} palette={palette} weight="take" />}
      <SectionLines section={section} scale={scale} palette={palette} />
      <SideNames scale={scale} palette={palette} />
    </Svg>
  );
}
