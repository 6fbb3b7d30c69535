import { router } from 'expo-router';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Body } from '../ui/text';
import { dayWords } from '../words/measure-words';
import { TACK_PHRASES } from '../words/tack-phrases';
import { spotWords } from '../words/tack-words';
import { type TackThing, useTackThing } from './use-tack';

/** Stands wherever something held appears: that nobody rides in it, what was found, and the way to it. */
export function HeldBanner({ id }: { readonly id: string | null }) {
  const thing = useTackThing(id ?? '');
  if (thing === null || thing.shown !== 'unsafe') return null;
  const held = [...(thing.standing.state === 'unsafe' ? [thing] : []), ...thing.heldBeside];
  return (
    <Banner tone="bad">
      {held.map((item) => (
        <Held key={item.id} item={item} />
      ))}
    </Banner>
  );
}

function Held({ item: { id, name, standing } }: { readonly item: TackThing['heldBeside'][number] }) {
  return (
    <>
      {standing.holds.some((h) => !h.fell) ? <Body>{TACK_PHRASES.heldLine(name)}</Body> : null}
      {standing.holds.some((h) => h.fell) ? <Body>{TACK_PHRASES.fellLine(name)}</Body> : null}
      {standing.holds.map((h) => (
        <Body key={`${h.checkId}-${h.point}-${h.side}`}>
          {h.fell
            ? TACK_PHRASES.fellBy(dayWords(h.madeAt.slice(0, 10)), h.hand, h.source === 'owner')
            : TACK_PHRASES.heldBy(spotWords(h), dayWords(h.madeAt.slice(0, 10)), h.hand, h.source === 'owner')}
          {h.note === '' ? '' : `: ${h.note}`}
        </Body>
      ))}
      <Button kind="quiet" tight label={TACK_PHRASES.look} onPress={() => router.push(`/tack/${id}`)} />
    </>
  );
}
