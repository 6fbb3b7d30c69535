import { TACK_FINDINGS, type TackSpot } from '@fulcra/core';
import { XStack, YStack } from 'tamagui';
import { MARK } from '../ui/banner';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { Body, Heading, Small } from '../ui/text';
import { ToggleChip } from '../ui/toggle-chip';
import { TACK_PHRASES } from '../words/tack-phrases';
import { FINDING_TONE, FINDING_WORDS, POINT_WORDS, spotWords } from '../words/tack-words';
import { type WalkDraft, type WalkStop, findingAt, keptFound, withFinding, withNote } from './walk-draft';

interface StopPanelProps {
  readonly stop: WalkStop;
  readonly at: number;
  readonly of: number;
  readonly draft: WalkDraft;
  readonly keep: (draft: WalkDraft) => void;
}

/** What the hands do at this point, and what they found on each side. */
export function WalkStopPanel({ stop, at, of, draft, keep }: StopPanelProps) {
  const words = POINT_WORDS[stop.point];
  return (
    <YStack gap="$s">
      <XStack alignItems="baseline" gap="$s">
        <Heading flex={1}>{words.name}</Heading>
        <Small>{TACK_PHRASES.point(at + 1, of)}</Small>
      </XStack>
      <Body>{words.how}</Body>
      <Small>
        {MARK.bad} {TACK_PHRASES.unsafeWhen(words.unsafe)}
      </Small>
      {stop.spots.map((spot) => (
        <SpotRow key={String(spot.side)} spot={spot} draft={draft} keep={keep} />
      ))}
    </YStack>
  );
}

const SIDE_NAMES = { near: TACK_PHRASES.near, off: TACK_PHRASES.off } as const;

function SpotRow({ spot, draft, keep }: { readonly spot: TackSpot; readonly draft: WalkDraft; readonly keep: (d: WalkDraft) => void }) {
  const found = findingAt(draft, spot);
  const side = spot.side === null ? null : SIDE_NAMES[spot.side];
  return (
    <YStack gap="$xs">
      <XStack role="group" aria-label={spotWords(spot)} alignItems="center" gap="$s" flexWrap="wrap">
        {side === null ? null : (
          <Body width={48} fontWeight="700" color={spot.side === 'near' ? '$near' : '$off'}>
            {side}
          </Body>
        )}
        {TACK_FINDINGS.map((finding) => (
          <ToggleChip
            key={finding}
            label={FINDING_WORDS[finding]}
            on={found?.finding === finding}
            onPress={() => keep(withFinding(draft, spot, finding))}
          />
        ))}
      </XStack>
      {found === null || found.finding === 'sound' ? null : (
        <Field
          label={side === null ? TACK_PHRASES.whatIsIt : TACK_PHRASES.whatIs(side.toLowerCase())}
          value={found.note}
          onChange={(note) => keep(withNote(draft, spot, note))}
        />
      )}
    </YStack>
  );
}

interface FoundProps {
  readonly stops: readonly WalkStop[];
  readonly draft: WalkDraft;
  readonly onStop: (at: number) => void;
  readonly onAgain: () => void;
}

/** At the end: what isn't sound, what was left out, before it is kept. */
export function WalkFound({ stops, draft, onStop, onAgain }: FoundProps) {
  const found = keptFound(draft, stops);
  const left = stops.flatMap((s) => s.spots.filter((spot) => !spot.point.endsWith('Other') && findingAt(draft, spot) === null)).length;
  const sound = found.filter((f) => f.finding === 'sound').length;
  return (
    <YStack gap="$s">
      <Heading>{TACK_PHRASES.review}</Heading>
      {found.length === 0 ? <Body>{TACK_PHRASES.nothingFound}</Body> : <Body>{TACK_PHRASES.soundOf(sound, found.length)}</Body>}
      <Small color={left > 0 ? '$lookOut' : '$muted'}>{TACK_PHRASES.leftOut(left)}</Small>
      {found
        .filter((f) => f.finding !== 'sound')
        .map((f) => (
          <Button
            key={`${f.point}-${f.side}`}
            kind="quiet"
            label={`${spotWords(f)}: ${FINDING_WORDS[f.finding]}`}
            onPress={() => onStop(stops.findIndex((s) => s.point === f.point))}
          >
            <YStack flex={1}>
              <Body color={`$${FINDING_TONE[f.finding]}` as '$bad'}>
                {MARK[FINDING_TONE[f.finding]]} {spotWords(f)}: {FINDING_WORDS[f.finding]}
              </Body>
              {f.note === '' ? null : <Small>{f.note}</Small>}
            </YStack>
          </Button>
        ))}
      <XStack>
        <Button kind="quiet" tight label={TACK_PHRASES.startOver} onPress={onAgain} />
      </XStack>
    </YStack>
  );
}
