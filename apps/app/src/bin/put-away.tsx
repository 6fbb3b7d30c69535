import { Button } from '../ui/button';
import { Body } from '../ui/text';
import { BIN_PHRASES } from '../words/bin-phrases';
import { type Thing, useBin } from './use-bin';

/** Out of sight for now; nothing is lost, and it is said. */
export function PutAway({ thing, onGone }: { readonly thing: Thing; readonly onGone?: () => void }) {
  const { putAway } = useBin();
  const press = async () => {
    if (await putAway(thing)) onGone?.();
  };
  return (
    <Button kind="quiet" label={BIN_PHRASES.putAwayName(thing.name)} onPress={() => void press()}>
      <Body textDecorationLine="underline">{BIN_PHRASES.putAway}</Body>
    </Button>
  );
}
