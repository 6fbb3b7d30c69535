import { SADDLES_PHRASES } from '../words/saddles-phrases';
import { type Saddle, type SaddlePhoto } from '@fulcra/contract';
import { archOfSetting, configurationCount, neutralWidth, describedOf, unmeasuredOf } from '@fulcra/core';
import { router } from 'expo-router';
import { memo, useMemo, useState } from 'react';
import { Image, Pressable } from 'react-native';
import { XStack, YStack } from 'tamagui';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { useSend } from '../platform/use-send';
import { useSaddlePhotos, useSaddles } from '../platform/use-views';
import { download } from '../platform/download';
import { useSession } from '../platform/session-context';
import { Banner, MARK } from '../ui/banner';
import { Button } from '../ui/button';
import { FileButton } from '../ui/file-button';
import { EmptyState } from '../ui/empty-state';
import { Field } from '../ui/field';
import { Icon } from '../ui/icons';
import { LoadState } from '../ui/load-state';
import { LongList } from '../ui/long-list';
import { Screen } from '../ui/screen';
import { Name, Small } from '../ui/text';
import { useToast } from '../ui/toast';
import { usePalette } from '../ui/use-palette';
import { useWide } from '../ui/use-wide';
import { unmeasuredList } from '../words/saddle-measure-words';
import { TACK_STATE_TONE, TACK_STATE_WORDS } from '../words/tack-words';
import { type TackThing, useTackThings } from '../tack';
import { unsureWords } from './how-known';
import { SaddleDrawing } from './saddle-drawing';
import { saddlePhotoUrl } from './saddle-photos';
import { readStockFile, sameSaddle, stockFile } from './stock-file';
import { takeOver } from './take-over';
import { usePhotoUrl } from '../photos';

/** Takes a file in: whole or not at all, and only what isn't there yet. */
function useTakeIn(known: readonly Saddle[]) {
  const send = useSend();
  const { session } = useSession();
  const toast = useToast();
  const [refused, setRefused] = useState<string | null>(null);
  const takeIn = async (file: File) => {
    const read = readStockFile(await file.text());
    setRefused(read.ok ? null : read.message);
    if (!read.ok) return;
    const fresh = read.saddles.filter((s) => !known.some((k) => sameSaddle(k, s)));
    for (const saddle of fresh) if (!(await takeOver(send, session.person.name, saddle))) return;
    toast({ text: SADDLES_PHRASES.takenInWere(fresh.length, read.saddles.length - fresh.length) });
  };
  return { refused, takeIn };
}

/** The saddles of the practice: what they are, how they stand, where they are. */
export function StockScreen() {
  const { data, problem } = useSaddles();
  const photos = useSaddlePhotos().data;
  const lastPhoto = useMemo(() => new Map((photos ?? []).map((p) => [p.saddleId, p])), [photos]);
  const { things } = useTackThings();
  const standing = useMemo(() => new Map((things ?? []).map((t) => [t.id, t])), [things]);
  const palette = usePalette();
  const wide = useWide();
  const [search, setSearch] = useState('');
  const { refused, takeIn } = useTakeIn(data ?? []);
  if (data === null) return <LoadState problem={problem} />;
  const wanted = search.trim().toLowerCase();
  const found = data.filter((s) => `${s.name} ${s.maker} ${s.serial} ${s.whereabouts} ${s.note}`.toLowerCase().includes(wanted));
  return (
    <Screen
      title={SADDLES_PHRASES.theStock}
      note={SADDLES_PHRASES.saddlesOfThe}
      ownScroll
      onBack={() => router.navigate('/')}
      action={
        <Button round label={SADDLES_PHRASES.describeASaddle} onPress={() => router.push('/saddles/new')}>
          <Icon name="plus" color={palette.ink} size={26} />
        </Button>
      }
    >
      <LongList
        items={found}
        keyOf={(saddle) => saddle.id}
        render={(saddle) => <Row saddle={saddle} thing={standing.get(saddle.id) ?? null} photo={lastPhoto.get(saddle.id) ?? null} />}
        columns={wide ? 2 : 1}
        header={
          <>
            <Field hideLabel label={SADDLES_PHRASES.findASaddle} kind="search" value={search} onChange={setSearch} />
            <XStack flexWrap="wrap" gap="$s">
              <Button
                tight
                label={SADDLES_PHRASES.saveTheStock}
                off={data.length === 0}
                onPress={() =>
                  download(
                    'saddles.json',
                    'application/json',
                    `${JSON.stringify(
                      stockFile(data, (id) => standing.get(id)?.standing.state ?? 'notChecked'),
                      null,
                      2,
                    )}\n`,
                  )
                }
              />
              <FileButton label={SADDLES_PHRASES.takeAFile} onFile={(file) => void takeIn(file)} />
            </XStack>
            {refused === null ? null : <Banner tone="bad">{refused}</Banner>}
          </>
        }
        footer={found.length > 0 ? null : <NoSaddle search={search} onAll={() => setSearch('')} />}
      />
    </Screen>
  );
}

function NoSaddle({ search, onAll }: { readonly search: string; readonly onAll: () => void }) {
  if (search.trim() === '') {
    return (
      <EmptyState title={SADDLES_PHRASES.noSaddleYet} text={SADDLES_PHRASES.describeOneBy}>
        <Button kind="main" label={SADDLES_PHRASES.describeASaddle} onPress={() => router.push('/saddles/new')} />
      </EmptyState>
    );
  }
  return (
    <EmptyState title={SADDLES_PHRASES.noSaddleMatches(search)} text={SADDLES_PHRASES.searchLooksAt}>
      <Button label={SADDLES_PHRASES.showAll} onPress={onAll} />
    </EmptyState>
  );
}

interface RowProps {
  readonly saddle: Saddle;
  readonly thing: TackThing | null;
  /** The last one taken of it. */
  readonly photo: SaddlePhoto | null;
}

const Row = memo(function Row({ saddle, thing, photo }: RowProps) {
  const [width, onLayout] = useMeasuredWidth();
  const setting = saddle.front.settings[saddle.front.presentSetting] ?? saddle.front.settings[0]!;
  const { includedAngleDeg, spanAt100Mm } = neutralWidth(archOfSetting(saddle.front, setting));
  const state = thing?.shown ?? 'notChecked';
  const tone = TACK_STATE_TONE[state];
  const count = configurationCount(describedOf(saddle));
  const unknown = unmeasuredOf(saddle);
  return (
    <Pressable
      testID="saddle-row"
      role="link"
      aria-label={`${saddle.name}, ${saddle.maker}`}
      onPress={() => router.push(`/saddles/${saddle.id}`)}
    >
      <XStack borderTopWidth={1} borderColor="$rule" paddingVertical="$m" gap="$m" alignItems="center">
        <YStack width={120} onLayout={onLayout} gap="$xs">
          {width > 0 ? <SaddleDrawing widthPx={width} saddle={saddle} view="side" measure={null} plain /> : null}
          {photo === null ? null : <Thumb photo={photo} name={saddle.name} />}
        </YStack>
        <YStack flex={1} minWidth={0}>
          <Name>{saddle.name}</Name>
          <Small>
            {unknown.includes('includedAngleDeg')
              ? SADDLES_PHRASES.widthUnknown(saddle.maker, setting.label)
              : SADDLES_PHRASES.mmAt100(saddle.maker, setting.label, Math.round(includedAngleDeg), Math.round(spanAt100Mm))}
            ; {lengthOf(saddle)}
          </Small>
          {unknown.length === 0 ? null : <Small>{SADDLES_PHRASES.unmeasuredOf(unmeasuredList(unknown))}</Small>}
          <Small>
            {count === 1 ? SADDLES_PHRASES.asItIsNothing : SADDLES_PHRASES.waysToSet(count)}
            {saddle.serial === '' ? '' : `, ${saddle.serial}`}
            {saddle.whereabouts === '' ? '' : `; ${saddle.whereabouts}`}
          </Small>
          <Small color={tone === 'plain' ? '$muted' : `$${tone}`}>
            {MARK[tone]} {TACK_STATE_WORDS[state]}
          </Small>
        </YStack>
      </XStack>
    </Pressable>
  );
});

/** How long its tree is, as far as that is known. */
function lengthOf(saddle: Saddle): string {
  const known = saddle.build.unmeasured?.lengthMm;
  if (known === undefined) return SADDLES_PHRASES.long(saddle.build.frame.lengthMm);
  return known === 'default' ? SADDLES_PHRASES.lengthUnknown : SADDLES_PHRASES.longBetween(unsureWords(saddle, 'lengthMm', 'mm')!);
}

function Thumb({ photo, name }: { readonly photo: SaddlePhoto; readonly name: string }) {
  const url = usePhotoUrl(photo, saddlePhotoUrl(photo.saddleId, photo.id));
  return url === null ? null : (
    <Image source={{ uri: url }} accessibilityLabel={SADDLES_PHRASES.photoOf(name)} style={{ width: 120, height: 80, borderRadius: 8 }} />
  );
}
