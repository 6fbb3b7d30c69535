import { SAVING_PHRASES } from '../words/saving-phrases';
import { SetAsideList, useSetAside } from './set-aside-list';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { Body, Small, Strong } from '../ui/text';
import { Button } from '../ui/button';
import { Sheet } from '../ui/sheet';
import { Banner, MARK, type Tone } from '../ui/banner';
import { refusalWords, writeName } from '../words/write-words';
import { ownerOf } from '../platform/draft-scope';
import { useSession } from '../platform/session-context';
import { type SyncState as Sending } from '../platform/sync/sync-parts';
import { type Owner, type Waiting, isFieldsWrite, isOwn } from '../platform/sync/waiting';
import { useSync, useSyncState, useWaiting } from '../platform/use-sync';
import { SENDING_SHORT, SENDING_WORDS } from '../words/saving-words';
import { ClashEntry } from './clash-entry';
import { LetGo } from './let-go';
import { useNotKept } from './not-kept';
import { DeviceWarnings, useDeviceTrouble } from './device-warnings';

/** Small and honest: kept here, on its way, sent, or refused with the way out. */
export function SyncState() {
  const { session } = useSession();
  const all = useWaiting();
  const state = useSyncState();
  const owner = ownerOf(session);
  const waiting = all.filter((w) => isOwn(w, owner));
  const [open, setOpen] = useState(false);
  const refused = waiting.filter((w) => w.refused !== undefined);
  const deviceTrouble = useDeviceTrouble();
  const notKept = useNotKept();
  const setAsideHere = useSetAside().length > 0;
  const trouble = notKept ? SAVING_PHRASES.notKeptShort : setAsideHere ? SAVING_PHRASES.draftSetAside : deviceTrouble;
  const clashes = refused.filter((w) => w.refused?.clash !== undefined).length;
  const [tone, text] = summary(waiting.length - refused.length, refused.length - clashes, clashes, state, trouble);
  return (
    <>
      <Button kind="quiet" label={SAVING_PHRASES.saving(text)} onPress={() => setOpen(true)}>
        <XStack gap="$xs" maxWidth={108}>
          <Small color={tone === 'plain' ? '$muted' : `$${tone}`} aria-hidden>
            {MARK[tone]}
          </Small>
          <Small color={tone === 'plain' ? '$muted' : `$${tone}`}>{text}</Small>
        </XStack>
      </Button>
      <Sheet title={SAVING_PHRASES.whatIsSaved} open={open} onClose={() => setOpen(false)}>
        <Body>{explanation(waiting.length, state)}</Body>
        <LetGo />
        <DeviceWarnings />
        <SetAsideList />
        <OthersWaiting all={all} owner={owner} />
        {refused.map((entry) =>
          entry.refused?.clash && isFieldsWrite(entry.write) ? (
            <ClashEntry key={entry.id} entry={entry} write={entry.write} clash={entry.refused.clash} />
          ) : (
            <RefusedEntry key={entry.id} entry={entry} />
          ),
        )}
      </Sheet>
    </>
  );
}

function summary(waiting: number, refused: number, clashes: number, state: Sending, trouble: string | null): [Tone, string] {
  if (refused > 0) return ['bad', SAVING_PHRASES.refused(refused)];
  if (clashes > 0) return ['bad', SAVING_PHRASES.toChoose(clashes)];
  if (trouble !== null) return ['lookOut', trouble];
  if (waiting === 0) return ['good', 'saved'];
  if (state === 'sending') return ['plain', SAVING_PHRASES.sending(waiting)];
  return ['lookOut', SAVING_PHRASES.keptHere(waiting, SENDING_SHORT[state])];
}

function explanation(waiting: number, state: Sending): string {
  if (waiting === 0) return SAVING_PHRASES.everythingIsOn;
  const entries = waiting === 1 ? SAVING_PHRASES.n1EntryIs : SAVING_PHRASES.entriesAre(waiting);
  return SAVING_PHRASES.keptOnThis(entries, SENDING_WORDS[state]);
}

/** Entries of somebody else who uses this device: never sent under another's name. */
function OthersWaiting({ all, owner }: { readonly all: readonly Waiting[]; readonly owner: Owner }) {
  const others = all.filter((w) => !isOwn(w, owner)).length;
  if (others === 0) return null;
  return <Banner tone="plain">{SAVING_PHRASES.moreKeptHere(others)}</Banner>;
}

function RefusedEntry({ entry }: { readonly entry: Waiting }) {
  const { session } = useSession();
  const sync = useSync();
  const again = async () => {
    await sync.again(entry.id);
    sync.flushSoon(ownerOf(session));
  };
  return (
    <YStack gap="$xs" borderTopWidth={1} borderColor="$rule" paddingTop="$m">
      <Strong>{writeName(entry.write)}</Strong>
      <Body>
        {entry.refused?.message} {entry.refused?.remedy}
      </Body>
      {refusalWords(entry.refused?.problems ?? [], entry.refused?.fields ?? []).map((line) => (
        <Small key={line}>{line}</Small>
      ))}
      <XStack gap="$s" flexWrap="wrap">
        <Button label={SAVING_PHRASES.tryAgain} onPress={() => void again()} />
        <Button kind="quiet" label={SAVING_PHRASES.letItGo} onPress={() => void sync.drop(entry.id)} />
      </XStack>
    </YStack>
  );
}
