import { useRef } from 'react';
import { YStack } from 'tamagui';
import { Button } from '../../ui/button';
import { Small } from '../../ui/text';
import { OWNER_PHRASES } from '../../words/owner-phrases';
import { type ReadyPhoto, readyPhoto } from './shared-api';

interface PickerProps {
  readonly label: string;
  readonly view: ReadyPhoto['view'];
  readonly photos: readonly ReadyPhoto[];
  readonly onPhotos: (photos: readonly ReadyPhoto[]) => void;
  readonly onProblem: (problem: string) => void;
}

/** Takes or chooses pictures; large ones are made smaller here before they go. */
export function PhotoPicker({ label, view, photos, onPhotos, onProblem }: PickerProps) {
  const input = useRef<HTMLInputElement>(null);
  const take = async (files: readonly File[]) => {
    const ready: ReadyPhoto[] = [];
    for (const file of files) {
      const photo = await readyPhoto(file, view);
      if (typeof photo === 'string') onProblem(photo);
      else ready.push(photo);
    }
    if (ready.length > 0) onPhotos([...photos, ...ready]);
  };
  const own = photos.filter((p) => p.view === view).length;
  return (
    <YStack gap="$xs">
      <Button label={label} onPress={() => input.current?.click()} />
      <input
        ref={input}
        type="file"
        accept="image/*"
        multiple
        aria-label={label}
        style={{ display: 'none' }}
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          event.target.value = '';
          void take(files);
        }}
      />
      {own === 0 ? null : <Small>{OWNER_PHRASES.photoAdded(own)}</Small>}
    </YStack>
  );
}
