import { XStack } from 'tamagui';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Body } from '../ui/text';
import { VISIT_PHRASES } from '../words/visit-phrases';
import { type LoadedVisit } from './use-visit-page';

/** Over the work of a closed visit: that it stays as it was, and the way to change it, which goes on record. */
export function ClosedVisit({ loaded: { closed, change } }: { readonly loaded: Pick<LoadedVisit, 'closed' | 'change'> }) {
  if (!closed) return null;
  return (
    <Banner tone="lookOut">
      <Body>{VISIT_PHRASES.closedStays}</Body>
      <XStack>
        <Button label={VISIT_PHRASES.openThisVisit} onPress={() => void change({ status: 'open' })} />
      </XStack>
    </Banner>
  );
}

/** For a screen's `closed`: the banner where the visit is closed, and nothing where it is open. */
export const closedBanner = (loaded: Pick<LoadedVisit, 'closed' | 'change'>) => (loaded.closed ? <ClosedVisit loaded={loaded} /> : null);
