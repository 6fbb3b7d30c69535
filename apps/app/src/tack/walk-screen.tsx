import { TREE_POINTS, type TackRound, spotsOf } from '@fulcra/core';
import { router, useLocalSearchParams } from 'expo-router';
import { YStack } from 'tamagui';
import { v7 } from 'uuid';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { useSession } from '../platform/session-context';
import { useDraft } from '../platform/use-draft';
import { useSend } from '../platform/use-send';
import { Banner } from '../ui/banner';
import { Columns } from '../ui/columns';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { useToast } from '../ui/toast';
import { dayWords } from '../words/measure-words';
import { TACK_PHRASES } from '../words/tack-phrases';
import { ROUND_WORDS } from '../words/tack-words';
import { newCheck } from './new-check';
import { NotHere } from './not-here';
import { type TackThing, useTackThings } from './use-tack';
import { WalkBottom } from './walk-bottom';
import { NEW_WALK, WALK_DRAFT, keptFound, stopsOf } from './walk-draft';
import { WalkDrawing, markedSpots } from './walk-drawing';
import { WalkFound, WalkStopPanel } from './walk-panels';

/** A walk round one item, point by point, with the hand that holds nothing. */
export function WalkScreen({ itemId }: { readonly itemId: string }) {
  const { things, problem } = useTackThings();
  const { round } = useLocalSearchParams<{ round?: string }>();
  if (things === null) return <LoadState problem={problem} />;
  const thing = things.find((t) => t.id === itemId);
  return thing === undefined ? <NotHere /> : <Walk key={itemId} thing={thing} round={round === 'monthly' ? 'monthly' : 'full'} />;
}

interface WalkProps {
  readonly thing: TackThing;
  readonly round: TackRound;
}

function Walk({ thing, round }: WalkProps) {
  const [draft, keep, forget] = useDraft(walkKey(thing.id, round), WALK_DRAFT, NEW_WALK);
  const [width, onLayout] = useMeasuredWidth();
  const finish = useFinish(thing, round, forget);
  const stops = stopsOf(thing.item, round);
  const stop = stops[draft.at] ?? null;
  const go = (at: number): void => keep({ ...draft, at });
  return (
    <Screen
      title={thing.name}
      note={ROUND_WORDS[round]}
      onBack={() => router.navigate(`/tack/${thing.id}`)}
      bottom={
        <WalkBottom
          stops={stops}
          draft={draft}
          keep={keep}
          finish={TACK_PHRASES.finish}
          onFinish={() => void finish(keptFound(draft, stops))}
        />
      }
    >
      {thing.standing.holds.map((h) =>
        h.fell ? (
          <Banner key={h.checkId} tone="bad">
            {TACK_PHRASES.answersFall(dayWords(h.madeAt.slice(0, 10)))}
          </Banner>
        ) : null,
      )}
      <Columns>
        <YStack onLayout={onLayout}>
          {width === 0 ? null : (
            <WalkDrawing
              item={thing.item}
              widthPx={Math.min(width, 560)}
              here={stop?.spots[0] ?? null}
              spots={markedSpots(spotsOf(thing.item, round), draft.found)}
              onSpot={(spot) => go(stops.findIndex((s) => s.point === spot.point))}
            />
          )}
        </YStack>
        {stop === null ? (
          <WalkFound stops={stops} draft={draft} onStop={go} onAgain={() => keep(NEW_WALK)} />
        ) : (
          <WalkStopPanel stop={stop} at={draft.at} of={stops.length} draft={draft} keep={keep} />
        )}
      </Columns>
    </Screen>
  );
}

const walkKey = (itemId: string, round: TackRound): string => `walk-${itemId}-${round}`;

function useFinish(thing: TackThing, round: TackRound, forget: () => void) {
  const send = useSend();
  const toast = useToast();
  const { session } = useSession();
  return async (found: ReturnType<typeof keptFound>): Promise<void> => {
    // only the falls that this device knows of, and only where the whole tree was looked at
    const tree = TREE_POINTS.every((point) => found.some((f) => f.point === point));
    const answers = tree ? thing.standing.holds.filter((h) => h.fell).map((h) => h.checkId) : [];
    const body = newCheck({ itemKind: thing.kind, itemId: thing.id }, { hand: session.person.name, round, found, answers });
    if (!(await send({ kind: 'tackCheck', tackCheckId: v7(), body }))) return;
    forget();
    toast({ text: TACK_PHRASES.kept });
    router.navigate(`/tack/${thing.id}`);
  };
}
