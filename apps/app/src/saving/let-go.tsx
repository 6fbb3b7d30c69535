import { useContext, useEffect, useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { DraftScope, draftsOf } from '../platform/draft-scope';
import { keeping } from '../platform/keeping';
import { dayPhotos } from '../platform/sync/photo-store';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Small } from '../ui/text';
import { SAVING_PHRASES } from '../words/saving-phrases';
import { draftName } from '../words/draft-words';
import { useNotKept } from './not-kept';

/** No smaller draft gives any room worth the tap, letters (default). */
const WORTH_LETTERS = 200;
const MOST_SHOWN = 8;

interface Kept {
  readonly key: string;
  readonly letters: number;
}

/** Half-entered things of this person by how much room they take; the one being typed is not among them. */
function largest(scope: string): Kept[] {
  return draftsOf(scope)
    .filter((key) => !keeping.failing().has(key))
    .map((key) => ({ key, letters: localStorage.getItem(key)?.length ?? 0 }))
    .filter(({ letters }) => letters >= WORTH_LETTERS)
    .sort((a, b) => b.letters - a.letters)
    .slice(0, MOST_SHOWN);
}

/** While this browser won't keep what is typed: what it means, and what can be let go to make room. */
export function LetGo() {
  const notKept = useNotKept();
  const scope = useContext(DraftScope);
  const [drafts, setDrafts] = useState<readonly Kept[]>([]);
  const [fetched, setFetched] = useState(0);
  useEffect(() => {
    if (!notKept) return;
    setDrafts(largest(scope));
    void dayPhotos.count().then(setFetched);
  }, [notKept, scope]);
  if (!notKept) return null;
  const dropDraft = (key: string) => {
    keeping.drop(key);
    setDrafts(largest(scope));
  };
  const dropFetched = () => void dayPhotos.clear().then(() => setFetched(0));
  return (
    <YStack gap="$s">
      <Banner tone="bad">{SAVING_PHRASES.typedNotKept}</Banner>
      <Small>{SAVING_PHRASES.toMakeRoom}</Small>
      {fetched === 0 ? null : <Button label={SAVING_PHRASES.letFetchedGo(fetched)} onPress={dropFetched} />}
      {drafts.map(({ key, letters }) => (
        <XStack key={key} alignItems="center" gap="$s">
          <Small flex={1}>{SAVING_PHRASES.halfEntered(draftName(key), letters)}</Small>
          <Button kind="quiet" label={SAVING_PHRASES.letGo(draftName(key))} onPress={() => dropDraft(key)}>
            <Small>{SAVING_PHRASES.letItGo}</Small>
          </Button>
        </XStack>
      ))}
    </YStack>
  );
}
