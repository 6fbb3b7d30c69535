import { type TackCheckKept } from '@fulcra/contract';
import { XStack, YStack } from 'tamagui';
import { useSend } from '../platform/use-send';
import { MARK } from '../ui/banner';
import { Button } from '../ui/button';
import { Body, Heading, Small } from '../ui/text';
import { dayWords } from '../words/measure-words';
import { TACK_PHRASES } from '../words/tack-phrases';
import { FINDING_TONE, FINDING_WORDS, ROUND_WORDS, spotWords } from '../words/tack-words';
import { type TackThing } from './use-tack';

/** Everything that was found on it and done to it, the newest first; an unsafe finding is never taken away. */
export function ItemHistory({ thing }: { readonly thing: TackThing }) {
  const newest = [...thing.checks].sort((a, b) => (a.madeAt < b.madeAt ? 1 : -1));
  return (
    <YStack gap="$xs">
      <Heading>{TACK_PHRASES.history}</Heading>
      {newest.length === 0 ? <Body>{TACK_PHRASES.neverWalked}</Body> : null}
      {newest.map((check) => (
        <Check key={check.id} check={check} />
      ))}
    </YStack>
  );
}

function Check({ check }: { readonly check: TackCheckKept }) {
  const send = useSend();
  const { id: tackCheckId, ...was } = check;
  const toggle = () => void send({ kind: 'tackCheck', tackCheckId, body: { ...was, withdrawn: !was.withdrawn, was } });
  const stays = check.fall !== null || check.found.some((f) => f.finding === 'unsafe');
  return (
    <XStack borderTopWidth={1} borderColor="$rule" paddingVertical="$s" alignItems="flex-start">
      <YStack flex={1} gap="$xs">
        <Body fontWeight="700">
          {dayWords(check.madeAt.slice(0, 10))}, {check.source === 'owner' ? TACK_PHRASES.byOwner(check.hand) : check.hand}
          {check.withdrawn ? `, ${TACK_PHRASES.withdrawn}` : ''}
        </Body>
        <Found check={check} />
      </YStack>
      {stays ? null : (
        <Button kind="quiet" tight label={check.withdrawn ? TACK_PHRASES.bringBack : TACK_PHRASES.withdraw} onPress={toggle} />
      )}
    </XStack>
  );
}

function Found({ check: { found, mended, fall, round } }: { readonly check: TackCheckKept }) {
  const sound = found.filter((f) => f.finding === 'sound').length;
  const rest = found.filter((f) => f.finding !== 'sound');
  const counted = sound === found.length ? TACK_PHRASES.allSound(sound) : TACK_PHRASES.soundOf(sound, found.length);
  if (fall !== null) return <Body color="$bad">{TACK_PHRASES.fellHistory}</Body>;
  return (
    <>
      {mended === null ? (
        <Small>
          {ROUND_WORDS[round]}: {counted}
        </Small>
      ) : (
        <Body>{TACK_PHRASES.mendedLine(mended.by, mended.what)}</Body>
      )}
      {rest.map((f) => (
        <Body key={`${f.point}-${f.side}`} color={f.finding === 'unsafe' ? '$bad' : '$lookOut'}>
          {MARK[FINDING_TONE[f.finding]]} {spotWords(f)}: {FINDING_WORDS[f.finding]}
          {f.note === '' ? '' : `. ${f.note}`}
        </Body>
      ))}
    </>
  );
}
