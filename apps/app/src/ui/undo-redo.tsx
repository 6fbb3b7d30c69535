import { YStack } from 'tamagui';
import { UI_PHRASES } from '../words/ui-phrases';
import { Button } from './button';
import { Body, Small } from './text';

export interface UndoRedoProps {
  /** The history of the screen: what the next step back or forth does, in words. */
  readonly of: {
    readonly undoes: string | null;
    readonly redoes: string | null;
    readonly undo: () => void;
    readonly redo: () => void;
  };
}

/** One step back, and where something was taken back one step forth; each says what it does. */
export const UndoRedo = ({ of }: UndoRedoProps) => (
  <>
    <TakeBack does={of.undoes} word={UI_PHRASES.undo} said={UI_PHRASES.undoes} onPress={of.undo} />
    {of.redoes === null ? null : <TakeBack does={of.redoes} word={UI_PHRASES.redo} said={UI_PHRASES.redoes} onPress={of.redo} />}
  </>
);

interface TakeBackProps {
  /** What it does, or null where there is nothing to do. */
  readonly does: string | null;
  readonly word: string;
  readonly said: (what: string) => string;
  readonly onPress: () => void;
}

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
