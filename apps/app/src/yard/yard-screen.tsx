import { YARD_PHRASES } from '../words/yard-phrases';
import { router } from 'expo-router';
import { useDeferredValue, useMemo, useState } from 'react';
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
import { useRowTack } from './use-row-tack';
import { yardOrder } from './yard-order';

const ORDERS = [
  { value: 'name', label: YARD_PHRASES.byName },
  { value: 'visited', label: YARD_PHRASES.byLastVisit },
] as const satisfies readonly { readonly value: YardSort; readonly label: string }[];

export function YardScreen() {
  const { session } = useSession();
  const palette = usePalette();
  const wide = useWide();
  const tackOf = useRowTack();
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
      title={YARD_PHRASES.theYard}
      note={session.practice.name}
      ownScroll
      action={
        <Button round label={YARD_PHRASES.addAHorse} onPress={() => router.push('/horses/new')}>
          <Icon name="plus" color={palette.ink} size={26} />
        </Button>
      }
      bottom={
        open ? (
          <Button
            grow
            kind="main"
            label={YARD_PHRASES.goOnWith(open.horse.name)}
            onPress={() => router.push(`/visits/${open.openVisitId}`)}
          />
        ) : undefined
      }
    >
      <LongList
        items={found}
        keyOf={(s) => s.horse.id}
        render={(summary) => <HorseRow summary={summary} tack={tackOf(summary)} />}
        columns={wide ? 2 : 1}
        onNearEnd={yard.more}
        header={
          <>
            <Field hideLabel label={YARD_PHRASES.findAHorse} kind="search" value={search} onChange={setSearch} />
            <Choice label={YARD_PHRASES.order} value={order} options={ORDERS} onChange={setOrder} />
          </>
        }
        footer={found.length > 0 ? <ListEnd yard={yard} shown={found.length} /> : <Nobody search={search} onAll={() => setSearch('')} />}
      />
    </Screen>
  );
}

/** How far the list has been read. */
function ListEnd({ yard, shown }: { readonly yard: YardView; readonly shown: number }) {
  if (yard.loadingMore) return <Small role="status">{YARD_PHRASES.moreHorsesAre}</Small>;
  return shown < yard.total ? <Button kind="quiet" label={YARD_PHRASES.ofHorsesShow(shown, yard.total)} onPress={yard.more} /> : null;
}

function Nobody({ search, onAll }: { readonly search: string; readonly onAll: () => void }) {
  if (search.trim() === '') {
    return (
      <EmptyState title={YARD_PHRASES.noHorseYet} text={YARD_PHRASES.addTheFirst}>
        <Button kind="main" label={YARD_PHRASES.addAHorse} onPress={() => router.push('/horses/new')} />
      </EmptyState>
    );
  }
  return (
    <EmptyState title={YARD_PHRASES.noHorseMatches(search)} text={YARD_PHRASES.searchLooksAt}>
      <Button label={YARD_PHRASES.showAll} onPress={onAll} />
    </EmptyState>
  );
}
