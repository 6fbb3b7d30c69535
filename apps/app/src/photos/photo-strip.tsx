import { PHOTOS_PHRASES } from '../words/photos-phrases';
import { type Photo, type PhotoWrite } from '@fulcra/contract';
import { useRef, useState } from 'react';
import { Image, Pressable, useWindowDimensions } from 'react-native';
import { XStack, YStack } from 'tamagui';
import { v7 } from 'uuid';
import { momentNow } from '../platform/clock';
import { useSend } from '../platform/use-send';
import { type PictureWrite } from '../platform/sync/waiting';
import { Banner, MARK } from '../ui/banner';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Sheet } from '../ui/sheet';
import { Heading, Small } from '../ui/text';
import { PutAway } from '../bin';
import { preparePhoto } from './prepare-photo';
import { usePhotoUrl } from './use-photo-url';

const VIEW_WORDS: Readonly<Record<PhotoWrite['view'], string>> = {
  behind: PHOTOS_PHRASES.fromBehind,
  above: PHOTOS_PHRASES.fromAbove,
  nearSide: PHOTOS_PHRASES.nearSide,
  offSide: PHOTOS_PHRASES.offSide,
  saddle: 'saddle',
  detail: 'detail',
  under: PHOTOS_PHRASES.fromBelow,
};

/** A photo as far as it is shown. */
type ShownPhoto = Pick<Photo, 'id' | 'view' | 'bytes' | 'heldBytes'>;

export interface PhotoStripProps {
  readonly photos: readonly ShownPhoto[];
  /** Ways of looking that are wanted of this thing, the first one first. */
  readonly views: readonly PhotoWrite['view'][];
  /** What the list is called, and what to say while it is empty. */
  readonly name: string;
  readonly hint: string;
  /** Where the server has it. */
  readonly urlOf: (photoId: string) => string;
  readonly writeOf: (photoId: string, body: PhotoWrite) => PictureWrite;
  /** Whether one of these can be put into the bin. */
  readonly canPutAway?: boolean;
}

/** Photos taken or chosen, kept on this device at once, sent when there is signal. */
export function PhotoStrip({ photos, views, name, hint, urlOf, writeOf, canPutAway = false }: PhotoStripProps) {
  const send = useSend();
  const [view, setView] = useState<PhotoWrite['view']>(views[0]!);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const input = useRef<HTMLInputElement>(null);
  const take = async (files: readonly File[]) => {
    const found: string[] = [];
    for (const file of files) {
      const prepared = await preparePhoto(file);
      if (!prepared.ok) found.push(prepared.problem);
      else await send(writeOf(v7(), { view, note: '', takenAt: momentNow(), ...prepared.meta }), prepared.blob);
    }
    setProblems(found);
  };
  return (
    <YStack gap="$s">
      <Heading>{PHOTOS_PHRASES.photos}</Heading>
      {views.length === 1 ? null : (
        <Choice
          label={PHOTOS_PHRASES.whatThePhoto}
          value={view}
          options={views.map((value) => ({ value, label: VIEW_WORDS[value] }))}
          onChange={setView}
        />
      )}
      <Button label={PHOTOS_PHRASES.photo(VIEW_WORDS[view])} onPress={() => input.current?.click()} />
      <input
        ref={input}
        type="file"
        accept="image/*"
        multiple
        aria-label={PHOTOS_PHRASES.choosePhotos}
        style={{ display: 'none' }}
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          event.target.value = '';
          void take(files);
        }}
      />
      {problems.map((problem) => (
        <Banner key={problem} tone="bad">
          {problem}
        </Banner>
      ))}
      <XStack flexWrap="wrap" gap="$s" role="list" aria-label={name}>
        {photos.map((photo) => (
          <Shown key={photo.id} photo={photo} serverUrl={urlOf(photo.id)} away={canPutAway} />
        ))}
      </XStack>
      {photos.length === 0 ? <Small>{hint}</Small> : null}
    </YStack>
  );
}

interface ShownProps {
  readonly photo: ShownPhoto;
  readonly serverUrl: string;
  /** It can be put away; a picture of tack found unsafe stays. */
  readonly away: boolean;
}

/** A small picture; a tap opens it as large as the screen allows, where it can also be put away. */
function Shown({ photo, serverUrl, away }: ShownProps) {
  const [open, setOpen] = useState(false);
  const url = usePhotoUrl(photo, `${serverUrl}?size=small`);
  const { height } = useWindowDimensions();
  const sent = photo.heldBytes === photo.bytes;
  const name = PHOTOS_PHRASES.photo(VIEW_WORDS[photo.view]);
  return (
    <YStack role="listitem" width={132} gap="$xs">
      {url === null ? null : (
        <Pressable role="button" aria-label={PHOTOS_PHRASES.openPhoto(VIEW_WORDS[photo.view])} onPress={() => setOpen(true)}>
          <Image source={{ uri: url }} accessibilityLabel={name} style={{ width: 132, height: 99, borderRadius: 8 }} />
        </Pressable>
      )}
      <Small color={sent ? '$good' : '$lookOut'}>
        {sent ? PHOTOS_PHRASES.sent(MARK.good) : PHOTOS_PHRASES.keptHere(MARK.lookOut)}, {VIEW_WORDS[photo.view]}
      </Small>
      <Sheet title={name} open={open} onClose={() => setOpen(false)}>
        {open ? <Large photo={photo} serverUrl={serverUrl} name={PHOTOS_PHRASES.large(name)} heightPx={0.6 * height} /> : null}
        {away ? (
          <XStack>
            <PutAway thing={{ kind: 'photo', id: photo.id, name }} onGone={() => setOpen(false)} />
          </XStack>
        ) : null}
      </Sheet>
    </YStack>
  );
}

interface LargeProps extends Omit<ShownProps, 'away'> {
  readonly name: string;
  readonly heightPx: number;
}

/** The whole picture, fetched only once somebody opens it. */
function Large({ photo, serverUrl, name, heightPx }: LargeProps) {
  const url = usePhotoUrl(photo, serverUrl);
  if (url === null) return null;
  return <Image source={{ uri: url }} accessibilityLabel={name} resizeMode="contain" style={{ width: '100%', height: heightPx }} />;
}
