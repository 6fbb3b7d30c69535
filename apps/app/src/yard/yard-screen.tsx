import { router } from 'expo-router';
import { Icon } from '../ui/icons';
import { useState } from 'react';
import { XStack } from 'tamagui';
import { useSession } from '../platform/session-context';
import { useHorses } from '../platform/use-views';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { EmptyState } from '../ui/empty-state';
import { Field } from '../ui/field';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { usePalette } from '../ui/use-palette';
import { useWide } from '../ui/use-wide';
import { HorseRow } from './horse-row';
import { type YardOrder, yardOrder } from './yard-order';

const ORDERS = [
  { value: 'name', label: 'By name' },
  { value: 'lastVisit', label: 'By last visit' },
] as const;

export function YardScreen() {
  const { session, signOut } = useSession();
  const palette = usePalette();
  const wide = useWide();
  const horses = useHorses();
  const [search, setSearch] = useState('');
  const [order, setOrder] = useState<YardOrder>('name');
  if (horses.data === null) return <LoadState problem={horses.problem} />;
  const found = yardOrder(horses.data, search, order);
  const open = horses.data.find((h) => h.openVisitId !== null);
  return (
    <Screen
      title="The yard"
      note={session.practice.name}
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
      <Field hideLabel label="Find a horse" kind="search" value={search} onChange={setSearch} />
      <XStack justifyContent="space-between" flexWrap="wrap">
        <Choice label="Order" value={order} options={ORDERS} onChange={setOrder} />
        <Button kind="quiet" label="The stock" onPress={() => router.push('/saddles')} />
        <Button kind="quiet" label="Sign out" onPress={() => void signOut()} />
      </XStack>
      <XStack role="list" flexWrap="wrap" columnGap="$xxl">
        {found.map((summary) => (
          <HorseRow key={summary.horse.id} summary={summary} half={wide} />
        ))}
      </XStack>
      {horses.data.length === 0 ? (
        <EmptyState title="No horse yet." text="Add the first one: a name is enough, the rest can wait until you stand beside it.">
          <Button kind="main" label="Add a horse" onPress={() => router.push('/horses/new')} />
        </EmptyState>
      ) : found.length === 0 ? (
        <EmptyState title={`No horse matches “${search}”.`} text="Search looks at names, types and notes.">
          <Button label="Show all" onPress={() => setSearch('')} />
        </EmptyState>
      ) : null}
    </Screen>
  );
}
