import { FEEL_PHRASES } from '../words/feel-phrases';
import { type FeltSpot, REACTIONS, type Reaction, SKIN_SIGNS, type SkinSign, nextPassUnder, spotState } from '@fulcra/core';
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
      title={spot === null ? '' : `${spot.side === 'near' ? FEEL_PHRASES.near : FEEL_PHRASES.off}, ${PLACE_WORDS[spot.place]}`}
      open={spot !== null}
      onClose={onClose}
    >
      {spot === null ? null : <Spot spot={spot} loaded={loaded} onClose={onClose} />}
    </Sheet>
  );
}

function Spot({ spot, loaded: { measured, note }, onClose }: FeelSheetProps & { readonly spot: FeltSpot }) {
  const { next: wanted, last, reaction: found } = spotState(spot, measured.feelings);
  const next = nextPassUnder(spot, measured.feelings, measured.hold.state === 'held');
  const [signs, setSigns] = useState<readonly SkinSign[]>([]);
  useEffect(() => setSigns([]), [spot]);
  const pass = next ?? last ?? 'light';
  const keep = async (reaction: Reaction) => {
    const kept = await note(
      { kind: 'feel', spots: [spot], pass, reaction, signs: [...signs] },
      FEEL_PHRASES.kept(PLACE_WORDS[spot.place], spot.side),
    );
    if (kept) onClose();
  };
  const toggle = (sign: SkinSign) => setSigns(signs.includes(sign) ? signs.filter((s) => s !== sign) : [...signs, sign]);
  return (
    <>
      {next === null && wanted !== null ? (
        <Banner tone="bad">{FEEL_PHRASES.heldNoFirmer}</Banner>
      ) : next === null ? (
        <Banner tone={found === 'none' ? 'good' : 'bad'}>
          {found === 'none' ? FEEL_PHRASES.allThreePasses : FEEL_PHRASES.underAHand(REACTION_WORDS[found], passName(pass).toLowerCase())}
        </Banner>
      ) : (
        <>
          <Strong>{passWords(next)}</Strong>
          {last === null ? null : <Small>{FEEL_PHRASES.thePassBrought(passName(last).toLowerCase())}</Small>}
        </>
      )}
      <Small>{FEEL_PHRASES.whatTheSkin}</Small>
      <XStack flexWrap="wrap" gap="$xs" role="group" aria-label={FEEL_PHRASES.skin}>
        {SKIN_SIGNS.map((sign) => (
          <ToggleChip key={sign} label={SIGN_WORDS[sign]} on={signs.includes(sign)} onPress={() => toggle(sign)} />
        ))}
      </XStack>
      {next === null ? (
        <Button kind="main" label={FEEL_PHRASES.keepWhatThe} off={signs.length === 0} onPress={() => void keep('none')} />
      ) : (
        <XStack flexWrap="wrap" gap="$s" role="group" aria-label={FEEL_PHRASES.reaction}>
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
