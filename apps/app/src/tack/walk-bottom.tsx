import { XStack } from 'tamagui';
import { Button } from '../ui/button';
import { TACK_PHRASES } from '../words/tack-phrases';
import { type WalkDraft, type WalkStop, restSound } from './walk-draft';

export interface WalkBottomProps {
  readonly stops: readonly WalkStop[];
  readonly draft: WalkDraft;
  readonly keep: (draft: WalkDraft) => void;
  /** What the last button says. */
  readonly finish: string;
  readonly onFinish: () => void;
}

/** One tap a point where all is sound. */
export function WalkBottom({ stops, draft, keep, finish, onFinish }: WalkBottomProps) {
  const stop = stops[draft.at];
  const back = () => keep({ ...draft, at: draft.at - 1 });
  if (stop === undefined) {
    return (
      <>
        <Button label={TACK_PHRASES.before} onPress={back} />
        <Button grow kind="main" label={finish} off={draft.found.length === 0} onPress={onFinish} />
      </>
    );
  }
  const open = stop.spots.filter((s) => !draft.found.some((f) => f.point === s.point && f.side === s.side)).length;
  const other = stop.point.endsWith('Other');
  const label = open === 0 || other ? TACK_PHRASES.next : open === 2 ? TACK_PHRASES.bothSound : TACK_PHRASES.sound;
  const on = () => keep({ ...(other ? draft : restSound(draft, stop)), at: draft.at + 1 });
  return (
    <XStack flex={1} gap="$s">
      <Button label={TACK_PHRASES.before} off={draft.at === 0} onPress={back} />
      <Button grow kind="main" label={label} onPress={on} />
    </XStack>
  );
}
