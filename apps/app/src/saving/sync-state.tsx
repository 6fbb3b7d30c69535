import { useQueryClient } from '@tanstack/react-query';
import { useState, useSyncExternalStore } from 'react';
import { XStack, YStack } from 'tamagui';
import { Body, Small, Strong } from '../ui/text';
import { Button } from '../ui/button';
import { Sheet } from '../ui/sheet';
import { MARK, type Tone } from '../ui/banner';
import { writeName } from '../words/write-words';
import { useSession } from '../platform/session-context';
import { flushSoon, flushState } from '../platform/flush';
import { ClashEntry } from './clash-entry';
import { DeviceWarnings, useDeviceTrouble } from './device-warnings';
import { type Waiting, outbox } from '../platform/outbox';
import { isFieldsWrite } from '../platform/write';

/** Small and honest: kept here, on its way, sent, or refused with the way out. */
export function SyncState() {
  const waiting = useSyncExternalStore(outbox.subscribe, outbox.waiting);
  const state = useSyncExternalStore(flushState.subscribe, flushState.now);
  const [open, setOpen] = useState(false);
  const refused = waiting.filter((w) => w.refused !== undefined);
  const trouble = useDeviceTrouble();
  const clashes = refused.filter((w) => w.refused?.clash !== undefined).length;
  const [tone, text] = summary(waiting.length - refused.length, refused.length - clashes, clashes, state, trouble);
  return (
    <>
      <Button kind="quiet" label={`Saving: ${text}`} onPress={() => setOpen(true)}>
        <XStack gap="$xs" maxWidth={108}>
          <Small color={tone === 'plain' ? '$muted' : `$${tone}`} aria-hidden>
            {MARK[tone]}
          </Small>
          <Small color={tone === 'plain' ? '$muted' : `$${tone}`}>{text}</Small>
        </XStack>
      </Button>
      <Sheet title="What is saved where" open={open} onClose={() => setOpen(false)}>
        <Body>{explanation(waiting.length, state)}</Body>
        <DeviceWarnings />
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

function summary(waiting: number, refused: number, clashes: number, state: string, trouble: string | null): [Tone, string] {
  if (refused > 0) return ['bad', `${refused} refused`];
  if (clashes > 0) return ['bad', `${clashes} to choose`];
  if (trouble !== null) return ['lookOut', trouble];
  if (waiting === 0) return ['good', 'saved'];
  if (state === 'sending') return ['plain', `sending ${waiting}`];
  return ['lookOut', `kept here, ${waiting} to send`];
}

function explanation(waiting: number, state: string): string {
  if (waiting === 0) return 'Everything is on this device and on the server.';
  if (state === 'signedOut') return `${waiting} entries are kept on this device. Sign in again and they are sent.`;
  return `${waiting} entries are kept on this device and sent as soon as the server answers. You can go on, reload or close the page.`;
}

function RefusedEntry({ entry }: { readonly entry: Waiting }) {
  const { session } = useSession();
  const queries = useQueryClient();
  const again = async () => {
    await outbox.mark(entry.id, undefined);
    flushSoon(session.practice.id, queries);
  };
  return (
    <YStack gap="$xs" borderTopWidth={1} borderColor="$rule" paddingTop="$m">
      <Strong>{writeName(entry.write)}</Strong>
      <Body>
        {entry.refused?.message} {entry.refused?.remedy}
      </Body>
      <XStack gap="$s" flexWrap="wrap">
        <Button label="Try again" onPress={() => void again()} />
        <Button kind="quiet" label="Let it go" onPress={() => void outbox.drop(entry.id)} />
      </XStack>
    </YStack>
  );
}
