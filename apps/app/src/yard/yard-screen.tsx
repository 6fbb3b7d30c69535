import { router } from 'expo-router';
import { useDeferredValue, useMemo, useState } from 'react';
import { XStack } from 'tamagui';
import { useSession } from '../platform/session-context';
import { type YardSort, type YardView, useYard } from '../platform/use-views';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { EmptyState } from '../ui/empty-state';
import { Field } from '../ui/field';
import { Icon } from '../ui/icons';
import { LoadState } from '../ui/load-state';
import { LongList } from '../ui/long-list';
import { Screen } from '../ui/screen';
import { Small } from '../ui/text';
import { usePalette } from '../ui/use-palette';
import { useWide } from '../ui/use-wide';
import { HorseRow } from './horse-row';
import { yardOrder } from './yard-order';

const ORDERS = [
  { value: 'name', label: 'By name' },
  { value: 'visited', label: 'By last visit' },
] as const satisfies readonly { readonly value: YardSort; readonly label: string }[];

export function YardScreen() {
  const { session, signOut } = useSession();
  const palette = usePalette();
  const wide = useWide();
  const [search, setSearch] = useState('');
  const [order, setOrder] = useState<YardSort>('name');
  const wanted = useDeferredValue(search.trim());
  const yard = useYard(wanted, order);
  const known = yard.data;
  const found = useMemo(() => (known === null ? [] : yardOrder(known, wanted, order)), [known, wanted, order]);
  if (known === null && wanted === '') return <LoadState problem={yard.problem} />;
  const open = found.find((h) => h.openVisitId !== null);
  return (
    <Screen
      title="The yard"
      note={session.practice.name}
      ownScroll
      action={
        <Button round label="Add a horse" onPress={() => router.push('/horses/new')}>
          <Icon name="plus" color={palette.ink} size={26} />
        </Button>
      }
      bottom={
        open ? (
          <Button grow kind="main" label={`Go on with ${open.horse.name}`} onPress={() => router.push(`/visits/${open.openVisitId}`)} />
        ) : undefined
      }
    >
      <LongList
        items={found}
        keyOf={(s) => s.horse.id}
        render={(summary) => <HorseRow summary={summary} />}
        columns={wide ? 2 : 1}
        onNearEnd={yard.more}
        header={
          <>
            <Field hideLabel label="Find a horse" kind="search" value={search} onChange={setSearch} />
            <XStack justifyContent="space-between" flexWrap="wrap">
              <Choice label="Order" value={order} options={ORDERS} onChange={setOrder} />
              <Button kind="quiet" label="The stock" onPress={() => router.push('/saddles')} />
              <Button kind="quiet" label="Sign out" onPress={() => void signOut()} />
            </XStack>
          </>
        }
        footer={found.length > 0 ? <ListEnd yard={yard} shown={found.length} /> : <Nobody search={search} onAll={() => setSearch('')} />}
      />
    </Screen>
  );
}

/** How far the list has been read. */
function ListEnd({ yard, shown }: { readonly yard: YardView; readonly shown: number }) {
  if (yard.loadingMore) return <Small role="status">More horses are coming…</Small>;
  return shown < yard.total ? <Button kind="quiet" label={`${shown} of ${yard.total} horses; show more`} onPress={yard.more} /> : null;
}

function Nobody({ search, onAll }: { readonly search: string; readonly onAll: () => void }) {
  if (search.trim() === '') {
    return (
      <EmptyState title="No horse yet." text="Add the first one: a name is enough, the rest can wait until you stand beside it.">
        <Button kind="main" label="Add a horse" onPress={() => router.push('/horses/new')} />
      </EmptyState>
    );
  }
  return (
    <EmptyState title={`No horse matches “${search}”.`} text="Search looks at names, types and notes.">
      <Button label="Show all" onPress={onAll} />
    </EmptyState>
  );
}
