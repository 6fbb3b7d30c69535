import { type FeltSpot, REACTIONS, type Reaction, SKIN_SIGNS, type SkinSign, spotState } from '@fulcra/core';
import { useEffect, useState } from 'react';
import { XStack } from 'tamagui';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Sheet } from '../ui/sheet';
import { Small, Strong } from '../ui/text';
import { ToggleChip } from '../ui/toggle-chip';
import { PLACE_WORDS, REACTION_WORDS, SIGN_WORDS, passName, passWords } from '../words/feel-words';
import { type LoadedVisit } from '../visit';

export interface FeelSheetProps {
  readonly spot: FeltSpot | null;
  readonly loaded: LoadedVisit;
  readonly onClose: () => void;
}

/** One place under one pass: what the horse says, and what the skin shows. One tap keeps it. */
export function FeelSheet({ spot, loaded, onClose }: FeelSheetProps) {
  return (
    <Sheet
      title={spot === null ? '' : `${spot.side === 'near' ? 'Near' : 'Off'}, ${PLACE_WORDS[spot.place]}`}
      open={spot !== null}
      onClose={onClose}
    >
      {spot === null ? null : <Spot spot={spot} loaded={loaded} onClose={onClose} />}
    </Sheet>
  );
}

function Spot({ spot, loaded: { measured, note }, onClose }: FeelSheetProps & { readonly spot: FeltSpot }) {
  const { next, last, reaction: found } = spotState(spot, measured.feelings);
  const [signs, setSigns] = useState<readonly SkinSign[]>([]);
  useEffect(() => setSigns([]), [spot]);
  const pass = next ?? last ?? 'light';
  const keep = async (reaction: Reaction) => {
    const kept = await note(
      { kind: 'feel', spots: [spot], pass, reaction, signs: [...signs] },
      `${PLACE_WORDS[spot.place]}, ${spot.side}: kept.`,
    );
    if (kept) onClose();
  };
  const toggle = (sign: SkinSign) => setSigns(signs.includes(sign) ? signs.filter((s) => s !== sign) : [...signs, sign]);
  return (
    <>
      {next === null ? (
        <Banner tone={found === 'none' ? 'good' : 'bad'}>
          {found === 'none'
            ? 'All three passes brought nothing.'
            : `${REACTION_WORDS[found]} under a ${passName(pass).toLowerCase()} hand: no firmer pass here.`}
        </Banner>
      ) : (
        <>
          <Strong>{passWords(next)}</Strong>
          {last === null ? null : <Small>The {passName(last).toLowerCase()} pass brought nothing, so this one may follow.</Small>}
        </>
      )}
      <Small>What the skin shows, if anything</Small>
      <XStack flexWrap="wrap" gap="$xs" role="group" aria-label="Skin">
        {SKIN_SIGNS.map((sign) => (
          <ToggleChip key={sign} label={SIGN_WORDS[sign]} on={signs.includes(sign)} onPress={() => toggle(sign)} />
        ))}
      </XStack>
      {next === null ? (
        <Button kind="main" label="Keep what the skin shows" off={signs.length === 0} onPress={() => void keep('none')} />
      ) : (
        <XStack flexWrap="wrap" gap="$s" role="group" aria-label="Reaction">
          {REACTIONS.map((reaction) => (
            <Button
              key={reaction}
              kind={reaction === 'none' ? 'main' : 'second'}
              label={REACTION_WORDS[reaction]}
              onPress={() => void keep(reaction)}
            />
          ))}
        </XStack>
      )}
    </>
  );
}
