import { SECTION_PHRASES } from '../words/section-phrases';
import { router } from 'expo-router';
import { YStack } from 'tamagui';
import { type History } from '../platform/use-history';
import { Button } from '../ui/button';
import { Body, Small } from '../ui/text';
import { type NextStep, type LoadedVisit } from '../visit';

export interface TakesBottomProps {
  readonly visitId: string;
  readonly loaded: LoadedVisit;
  readonly history: Pick<History, 'undoes' | 'redoes' | 'undo' | 'redo'>;
  /** Takes enough: what comes next is proposed instead of another take. */
  readonly enough: boolean;
  readonly next: NextStep;
  readonly keepLabel: string;
  readonly keepOff: boolean;
  readonly onKeep: () => void;
}

/** What the thumb reaches while a station is measured. A closed visit's takes stand as they are until it is opened again. */
export function TakesBottom({ visitId, loaded, history, enough, next, keepLabel, keepOff, onKeep }: TakesBottomProps) {
  if (loaded.closed) {
    return <Button grow kind="main" label={SECTION_PHRASES.openThisVisit} onPress={() => void loaded.change({ status: 'open' })} />;
  }
  return (
    <>
      <TakeBack does={history.undoes} word={SECTION_PHRASES.undo} said={SECTION_PHRASES.undoes} onPress={history.undo} />
      {history.redoes === null ? null : (
        <TakeBack does={history.redoes} word={SECTION_PHRASES.redo} said={SECTION_PHRASES.redoes} onPress={history.redo} />
      )}
      {enough ? (
        <Button grow kind="main" label={next.label} onPress={() => router.push(`/visits/${visitId}/${next.path}`)} />
      ) : (
        <Button grow kind="main" label={keepLabel} off={keepOff} onPress={onKeep} />
      )}
    </>
  );
}

interface TakeBackProps {
  /** What it does, or null where there is nothing to do. */
  readonly does: string | null;
  readonly word: string;
  readonly said: (what: string) => string;
  readonly onPress: () => void;
}

/** Undo or redo, with what it takes back under it. */
const TakeBack = ({ does, word, said, onPress }: TakeBackProps) => (
  <Button tight label={does === null ? word : said(does)} off={does === null} onPress={onPress}>
    <YStack alignItems="center" maxWidth={110}>
      <Body fontWeight="700">{word}</Body>
      {does === null ? null : (
        <Small numberOfLines={1} lineHeight={16}>
          {does}
        </Small>
      )}
    </YStack>
  </Button>
);
