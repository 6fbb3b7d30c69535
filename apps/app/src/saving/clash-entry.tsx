import { SAVING_PHRASES } from '../words/saving-phrases';
import { useState } from 'react';
import { YStack } from 'tamagui';
import { ownerOf } from '../platform/draft-scope';
import { useSession } from '../platform/session-context';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Body, Small, Strong } from '../ui/text';
import { RECORD_FIELD_WORDS, fieldValueWords, writeName } from '../words/write-words';
import { clashesOf, settled } from '../platform/sync/clash';
import { useSync } from '../platform/use-sync';
import { type Refusal, type Waiting } from '../platform/sync/waiting';
import { type FieldsWrite } from '@fulcra/contract';

export interface ClashEntryProps {
  readonly entry: Waiting;
  readonly write: FieldsWrite;
  readonly clash: NonNullable<Refusal['clash']>;
}

/** Two people changed one field: both are shown, and a person chooses. */
export function ClashEntry({ entry, write, clash }: ClashEntryProps) {
  const { session } = useSession();
  const sync = useSync();
  const [mine, setMine] = useState<readonly string[]>([]);
  const clashes = clashesOf(write, clash);
  const settle = async () => {
    const next = settled(write, clash, mine);
    if (next === null) await sync.drop(entry.id);
    else await sync.again(entry.id, next);
    sync.flushSoon(ownerOf(session));
  };
  return (
    <YStack gap="$s" borderTopWidth={1} borderColor="$rule" paddingTop="$m">
      <Strong>{writeName(write)}</Strong>
      <Body>{SAVING_PHRASES.somebodyElseChanged}</Body>
      {clashes.map(({ field, mine: own, theirs }) => (
        <YStack key={field} gap="$xs">
          <Small>{RECORD_FIELD_WORDS[field] ?? field}</Small>
          <Choice
            label={SAVING_PHRASES.which(RECORD_FIELD_WORDS[field] ?? field)}
            value={mine.includes(field) ? 'mine' : 'theirs'}
            options={[
              { value: 'mine', label: SAVING_PHRASES.here(fieldValueWords(own)) },
              { value: 'theirs', label: SAVING_PHRASES.there(fieldValueWords(theirs)) },
            ]}
            onChange={(which) => setMine(which === 'mine' ? [...mine, field] : mine.filter((f) => f !== field))}
          />
        </YStack>
      ))}
      <Button kind="main" label={SAVING_PHRASES.letTheseStand} onPress={() => void settle()} />
    </YStack>
  );
}
