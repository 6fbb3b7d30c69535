import { type GirthFields } from '@fulcra/contract';
import { TACK_STATES, type TackState } from '@fulcra/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { Pressable } from 'react-native';
import { YStack } from 'tamagui';
import { v7 } from 'uuid';
import { useSend } from '../platform/use-send';
import { MARK } from '../ui/banner';
import { Button } from '../ui/button';
import { EmptyState } from '../ui/empty-state';
import { Field } from '../ui/field';
import { Icon } from '../ui/icons';
import { LoadState } from '../ui/load-state';
import { LongList } from '../ui/long-list';
import { Screen } from '../ui/screen';
import { Sheet } from '../ui/sheet';
import { Name, Small } from '../ui/text';
import { usePalette } from '../ui/use-palette';
import { useWide } from '../ui/use-wide';
import { dayWords } from '../words/measure-words';
import { TACK_PHRASES } from '../words/tack-phrases';
import { TACK_KIND_WORDS, TACK_STATE_TONE, TACK_STATE_WORDS, spotWords } from '../words/tack-words';
import { GirthForm } from './girth-form';
import { type TackThing, useTackThings } from './use-tack';

/** What is held stands first, then what is watched, then what nobody looked at. */
const FIRST: readonly TackState[] = ['unsafe', 'watch', 'lapsed', 'notChecked', 'sound'] satisfies readonly (typeof TACK_STATES)[number][];

/** Everything that is walked round, the held first. */
export function TackScreen() {
  const { things, problem } = useTackThings();
  const [search, setSearch] = useState('');
  const [adding, setAdding] = useState(false);
  const palette = usePalette();
  const wide = useWide();
  if (things === null) return <LoadState problem={problem} />;
  const wanted = search.trim().toLowerCase();
  const found = things.filter((t) => `${t.name} ${TACK_KIND_WORDS[t.kind]}`.toLowerCase().includes(wanted)).sort(byState);
  return (
    <Screen
      title={TACK_PHRASES.tack}
      note={TACK_PHRASES.everything}
      ownScroll
      onBack={() => router.navigate('/')}
      action={
        <Button round label={TACK_PHRASES.addAGirth} onPress={() => setAdding(true)}>
          <Icon name="plus" color={palette.ink} size={26} />
        </Button>
      }
    >
      <LongList
        items={found}
        keyOf={(t) => t.id}
        render={(thing) => <Row thing={thing} />}
        columns={wide ? 2 : 1}
        header={<Field hideLabel label={TACK_PHRASES.findTack} kind="search" value={search} onChange={setSearch} />}
        footer={found.length > 0 ? null : <Nothing search={search} onAll={() => setSearch('')} />}
      />
      <AddGirth open={adding} onClose={() => setAdding(false)} />
    </Screen>
  );
}

const byState = (a: TackThing, b: TackThing): number => FIRST.indexOf(a.shown) - FIRST.indexOf(b.shown) || a.name.localeCompare(b.name);

function AddGirth({ open, onClose }: { readonly open: boolean; readonly onClose: () => void }) {
  const send = useSend();
  const add = async (body: GirthFields): Promise<boolean> => {
    const girthId = v7();
    if (!(await send({ kind: 'girth', girthId, body }))) return false;
    onClose();
    router.push(`/tack/${girthId}`);
    return true;
  };
  return (
    <Sheet title={TACK_PHRASES.aGirth} open={open} onClose={onClose}>
      <GirthForm draft="new-girth" was={null} onDone={add} />
    </Sheet>
  );
}

function Nothing({ search, onAll }: { readonly search: string; readonly onAll: () => void }) {
  if (search.trim() === '') return <EmptyState title={TACK_PHRASES.nothingYet} text={TACK_PHRASES.nothingText} />;
  return (
    <EmptyState title={TACK_PHRASES.noMatch(search)} text={TACK_PHRASES.nothingText}>
      <Button label={TACK_PHRASES.showAll} onPress={onAll} />
    </EmptyState>
  );
}

function Row({ thing }: { readonly thing: TackThing }) {
  const { holds, latest, lastLookAt } = thing.standing;
  const tone = TACK_STATE_TONE[thing.shown];
  const why = [
    ...holds.map((h) => (h.fell ? TACK_PHRASES.fellHistory : spotWords(h))),
    ...latest.filter((f) => f.finding === 'watch').map(spotWords),
  ].concat(thing.heldBeside.map((t) => t.name));
  return (
    <Pressable role="link" testID="tack-row" aria-label={thing.name} onPress={() => router.push(`/tack/${thing.id}`)}>
      <YStack borderTopWidth={1} borderColor="$rule" paddingVertical="$m" gap="$xs">
        <Name>{thing.name}</Name>
        <Small color={tone === 'plain' ? '$muted' : `$${tone}`}>
          {MARK[tone]} {TACK_STATE_WORDS[thing.shown]}
          {why.length === 0 ? '' : `: ${why.join('; ').toLowerCase()}`}
        </Small>
        <Small>
          {TACK_KIND_WORDS[thing.kind]} ·{' '}
          {lastLookAt === null ? TACK_PHRASES.neverWalked : TACK_PHRASES.lastLook(dayWords(lastLookAt.slice(0, 10)))}
        </Small>
      </YStack>
    </Pressable>
  );
}
