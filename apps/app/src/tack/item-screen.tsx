import { type TackHold, neededSpots } from '@fulcra/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { v7 } from 'uuid';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { useSession } from '../platform/session-context';
import { useSend } from '../platform/use-send';
import { useTackPhotos } from '../platform/use-views';
import { PhotoStrip } from '../photos';
import { Banner, MARK } from '../ui/banner';
import { Button } from '../ui/button';
import { Columns } from '../ui/columns';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Sheet } from '../ui/sheet';
import { Body, Heading, Small, Verdict } from '../ui/text';
import { useToast } from '../ui/toast';
import { dayWords } from '../words/measure-words';
import { capital } from '../words/letter-case';
import { TACK_PHRASES } from '../words/tack-phrases';
import { FINDING_TONE, TACK_KIND_WORDS, TACK_STATE_TONE, TACK_STATE_WORDS, spotWords } from '../words/tack-words';
import { GirthPart } from './girth-part';
import { HeldBanner } from './held-banner';
import { ItemHistory } from './item-history';
import { MendForm, type Mending } from './mend-form';
import { newCheck } from './new-check';
import { NotHere } from './not-here';
import { type TackThing, useTackThings } from './use-tack';
import { WalkDrawing, markedSpots } from './walk-drawing';

/** One saddle, pair or girth: how it stands, what holds it, and everything that was found on it. */
export function ItemScreen({ itemId }: { readonly itemId: string }) {
  const { things, problem } = useTackThings();
  if (things === null) return <LoadState problem={problem} />;
  const thing = things.find((t) => t.id === itemId);
  return thing === undefined ? <NotHere /> : <Item key={itemId} thing={thing} />;
}

function Item({ thing }: { readonly thing: TackThing }) {
  const [width, onLayout] = useMeasuredWidth();
  const { standing, item, id } = thing;
  const spots = markedSpots(neededSpots(item), [...standing.latest, ...standing.holds]);
  return (
    <Screen
      title={thing.name}
      note={TACK_KIND_WORDS[thing.kind]}
      onBack={() => router.navigate('/tack')}
      bottom={
        <>
          <Button label={TACK_PHRASES.monthly} onPress={() => router.push(`/tack/${id}/walk?round=monthly` as '/')} />
          <Button grow kind="main" label={TACK_PHRASES.walk} onPress={() => router.push(`/tack/${id}/walk`)} />
        </>
      }
    >
      <Columns>
        <YStack gap="$m">
          <Verdict color={thing.shown === 'unsafe' ? '$bad' : '$ink'}>
            {MARK[TACK_STATE_TONE[thing.shown]]} {capital(TACK_STATE_WORDS[thing.shown])}.
          </Verdict>
          <YStack onLayout={onLayout}>
            {width === 0 ? null : <WalkDrawing item={item} widthPx={Math.min(width, 560)} here={null} spots={spots} />}
          </YStack>
          <Looked thing={thing} />
          <Small>{TACK_PHRASES.states}</Small>
        </YStack>
        <YStack gap="$m">
          {thing.heldBeside.length > 0 ? <HeldBanner id={id} /> : null}
          <Holds thing={thing} />
          <ToWatch thing={thing} />
          {thing.kind === 'girth' ? <GirthPart girthId={id} /> : null}
          {thing.kind === 'saddle' ? <NoteFall thing={thing} /> : null}
          <ItemHistory thing={thing} />
          <Small>{TACK_PHRASES.caution}</Small>
        </YStack>
      </Columns>
    </Screen>
  );
}

const dayOf = (moment: string): string => dayWords(moment.slice(0, 10));

function Looked({ thing: { standing } }: { readonly thing: TackThing }) {
  const { lastFullAt, lastLookAt, lastsTo, state, unseen } = standing;
  return (
    <YStack>
      <Small>{lastFullAt === null ? TACK_PHRASES.neverWalked : TACK_PHRASES.lastWalk(dayOf(lastFullAt))}</Small>
      {lastsTo === null ? null : <Small color={state === 'lapsed' ? '$lookOut' : '$muted'}>{TACK_PHRASES.lasts(dayWords(lastsTo))}</Small>}
      {lastLookAt === null || lastLookAt === lastFullAt ? null : <Small>{TACK_PHRASES.lastLook(dayOf(lastLookAt))}</Small>}
      {lastLookAt !== null && unseen.length > 0 ? <Small>{TACK_PHRASES.unseen(unseen.length)}</Small> : null}
    </YStack>
  );
}

/** What holds it; each check is cleared for itself, by name and with what was done. */
function Holds({ thing }: { readonly thing: TackThing }) {
  const [mending, setMending] = useState<string | null>(null);
  const mend = useMend(thing);
  const checks = [...new Set(thing.standing.holds.filter((h) => !h.fell).map((h) => h.checkId))];
  if (thing.standing.holds.length === 0) return null;
  return (
    <YStack gap="$m">
      {thing.standing.holds.map((h) => (h.fell ? <Fell key={h.checkId} hold={h} /> : null))}
      {checks.map((checkId) => (
        <HeldBy
          key={checkId}
          checkId={checkId}
          holds={thing.standing.holds.filter((h) => h.checkId === checkId)}
          onMended={() => setMending(checkId)}
        />
      ))}
      <Sheet title={TACK_PHRASES.mendedTitle} open={mending !== null} onClose={() => setMending(null)}>
        {mending === null ? null : (
          <MendForm
            draft={`mend-${mending}`}
            onMended={async (said) => {
              const kept = await mend(mending, said);
              if (kept) setMending(null);
              return kept;
            }}
          />
        )}
      </Sheet>
    </YStack>
  );
}

/** After a fall the tree is looked at: a walk that knows of it answers it. */
const Fell = ({ hold }: { readonly hold: TackHold }) => (
  <Banner tone="bad">
    <Body fontWeight="700">{TACK_PHRASES.fellHistory}.</Body>
    <Body>{TACK_PHRASES.fellBy(dayOf(hold.madeAt), hold.hand, hold.source === 'owner')}</Body>
    <Body>{TACK_PHRASES.fellDo}</Body>
  </Banner>
);

/** What a rider tells beside the horse: from then on the saddle is held until its tree has been looked at. */
function NoteFall({ thing }: { readonly thing: TackThing }) {
  const send = useSend();
  const toast = useToast();
  const { session } = useSession();
  const note = async (): Promise<void> => {
    const fall = { horseId: null, wordId: null };
    const body = newCheck({ itemKind: thing.kind, itemId: thing.id }, { hand: session.person.name, found: [], fall });
    if (await send({ kind: 'tackCheck', tackCheckId: v7(), body })) toast({ text: TACK_PHRASES.fallNoted });
  };
  return (
    <XStack>
      <Button label={TACK_PHRASES.itFell} onPress={() => void note()} />
    </XStack>
  );
}

interface HeldByProps {
  readonly checkId: string;
  readonly holds: readonly TackHold[];
  readonly onMended: () => void;
}

function HeldBy({ checkId, holds, onMended }: HeldByProps) {
  return (
    <Banner tone="bad">
      <Body fontWeight="700">{TACK_PHRASES.held}</Body>
      {holds.map((h) => (
        <Body key={`${h.point}-${h.side}`}>
          {TACK_PHRASES.heldBy(spotWords(h), dayOf(h.madeAt), h.hand, h.source === 'owner')}
          {h.note === '' ? '' : `: ${h.note}`}
        </Body>
      ))}
      <Button label={TACK_PHRASES.mended} onPress={onMended} />
      <CheckPhotos checkId={checkId} name={TACK_PHRASES.photos(holds.map(spotWords).join('; '))} />
    </Banner>
  );
}

const tackPhotoUrl = (tackCheckId: string, photoId: string): string => `/api/tack-checks/${tackCheckId}/photos/${photoId}/content`;

function CheckPhotos({ checkId, name }: { readonly checkId: string; readonly name: string }) {
  const photos = useTackPhotos().data ?? [];
  return (
    <PhotoStrip
      name={name}
      hint={TACK_PHRASES.photoHint}
      views={['detail']}
      photos={photos.filter((p) => p.tackCheckId === checkId)}
      urlOf={(photoId) => tackPhotoUrl(checkId, photoId)}
      writeOf={(photoId, body) => ({ kind: 'tackPhoto', tackCheckId: checkId, photoId, body })}
    />
  );
}

function ToWatch({ thing }: { readonly thing: TackThing }) {
  const watched = thing.standing.latest.filter((f) => f.finding === 'watch');
  if (watched.length === 0) return null;
  return (
    <YStack gap="$xs">
      <Heading>{TACK_PHRASES.toWatch}</Heading>
      {watched.map((f) => (
        <YStack key={`${f.point}-${f.side}`} gap="$xs">
          <Body>
            {MARK[FINDING_TONE.watch]} {TACK_PHRASES.heldBy(spotWords(f), dayOf(f.madeAt), f.hand, f.source === 'owner')}
          </Body>
          {f.note === '' ? null : <Small>{f.note}</Small>}
        </YStack>
      ))}
    </YStack>
  );
}

/** A mending answers one check whole and says how each of its unsafe spots is now. */
function useMend(thing: TackThing): (checkId: string, said: Mending) => Promise<boolean> {
  const send = useSend();
  const toast = useToast();
  const { session } = useSession();
  return async (checkId, { by, what, now }) => {
    const spots = thing.standing.holds.filter((h) => h.checkId === checkId);
    const found = spots.map(({ point, side }) => ({ point, side, finding: now, note: '' }));
    const item = { itemKind: thing.kind, itemId: thing.id };
    const body = newCheck(item, { hand: session.person.name, found, mended: { by, what, clears: [checkId] } });
    const tackCheckId = v7();
    if (!(await send({ kind: 'tackCheck', tackCheckId, body }))) return false;
    const undo = () => void send({ kind: 'tackCheck', tackCheckId, body: { ...body, withdrawn: true, was: body } });
    toast({ text: TACK_PHRASES.cleared, undo });
    return true;
  };
}
