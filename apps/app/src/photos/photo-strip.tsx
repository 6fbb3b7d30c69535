import { type Photo, type PhotoWrite, photoViews } from '@fulcra/contract';
import { useEffect, useRef, useState } from 'react';
import { Image } from 'react-native';
import { XStack, YStack } from 'tamagui';
import { v7 } from 'uuid';
import { momentNow } from '../sync/clock';
import { photoStore } from '../sync/photo-store';
import { useSend } from '../sync/use-send';
import { Banner, MARK } from '../ui/banner';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Heading, Small } from '../ui/text';
import { preparePhoto } from './prepare-photo';

const VIEW_WORDS: Readonly<Record<PhotoWrite['view'], string>> = {
  behind: 'from behind',
  above: 'from above',
  nearSide: 'near side',
  offSide: 'off side',
  saddle: 'saddle',
  detail: 'detail',
};

/** Photos of a visit: taken or chosen, kept on this device at once, sent when there is signal. */
export function PhotoStrip({ visitId, photos }: { readonly visitId: string; readonly photos: readonly Photo[] }) {
  const send = useSend();
  const [view, setView] = useState<PhotoWrite['view']>('behind');
  const [problems, setProblems] = useState<readonly string[]>([]);
  const input = useRef<HTMLInputElement>(null);
  const take = async (files: readonly File[]) => {
    const found: string[] = [];
    for (const file of files) {
      const prepared = await preparePhoto(file);
      if (!prepared.ok) found.push(prepared.problem);
      else
        await send(
          { kind: 'photo', visitId, photoId: v7(), body: { view, note: '', takenAt: momentNow(), ...prepared.meta } },
          prepared.blob,
        );
    }
    setProblems(found);
  };
  return (
    <YStack gap="$s">
      <Heading>Photos</Heading>
      <Choice
        label="What the photo shows"
        value={view}
        options={photoViews.map((value) => ({ value, label: VIEW_WORDS[value] }))}
        onChange={setView}
      />
      <Button label={`Photo ${VIEW_WORDS[view]}`} onPress={() => input.current?.click()} />
      <input
        ref={input}
        type="file"
        accept="image/*"
        multiple
        aria-label="Choose photos"
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
      <XStack flexWrap="wrap" gap="$s" role="list" aria-label="Photos of this visit">
        {photos.map((photo) => (
          <Shown key={photo.id} photo={photo} />
        ))}
      </XStack>
      {photos.length === 0 ? <Small>From behind and above along the back, and square from the side: full horse, legs square.</Small> : null}
    </YStack>
  );
}

function Shown({ photo }: { readonly photo: Photo }) {
  const url = usePhotoUrl(photo);
  const sent = photo.heldBytes === photo.bytes;
  return (
    <YStack role="listitem" width={132} gap="$xs">
      {url === null ? null : (
        <Image
          source={{ uri: url }}
          accessibilityLabel={`Photo ${VIEW_WORDS[photo.view]}`}
          style={{ width: 132, height: 99, borderRadius: 8 }}
        />
      )}
      <Small color={sent ? '$good' : '$lookOut'}>
        {sent ? `${MARK.good} sent` : `${MARK.lookOut} kept here`}, {VIEW_WORDS[photo.view]}
      </Small>
    </YStack>
  );
}

/** From this device while it is here, else from the server. */
function usePhotoUrl(photo: Photo): string | null {
  const [url, setUrl] = useState<string | null>(null);
  const sent = photo.heldBytes === photo.bytes;
  useEffect(() => {
    let own: string | null = null;
    let left = false;
    void photoStore.get(photo.id).then((blob) => {
      if (left) return;
      own = blob === undefined ? null : URL.createObjectURL(blob);
      setUrl(own ?? (sent ? `/api/visits/${photo.visitId}/photos/${photo.id}/content` : null));
    });
    return () => {
      left = true;
      if (own !== null) URL.revokeObjectURL(own);
    };
  }, [photo.id, photo.visitId, sent]);
  return url;
}
