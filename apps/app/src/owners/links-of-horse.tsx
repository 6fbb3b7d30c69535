import { type OwnerLink, ownerLinkSchema } from '@fulcra/contract';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { XStack, YStack } from 'tamagui';
import { z } from 'zod';
import { api } from '../platform/api';
import { clock } from '../platform/clock';
import { Button } from '../ui/button';
import { Body, Heading, Small } from '../ui/text';
import { OWNER_PHRASES } from '../words/owner-phrases';
import { dayWords } from '../words/measure-words';

/** Links that are out, and those that were; each can be taken back at once. */
export function LinksOfHorse({ horseId }: { readonly horseId: string }) {
  const queries = useQueryClient();
  const links = useQuery({
    queryKey: ['links', horseId],
    queryFn: async () => z.array(ownerLinkSchema).parse(await api.request('GET', `/api/horses/${horseId}/links`)),
  });
  const revoke = async (id: string) => {
    await api.request('DELETE', `/api/links/${id}`);
    await queries.invalidateQueries({ queryKey: ['links', horseId] });
  };
  if (links.data === undefined) return <Small>{links.error === null ? '' : OWNER_PHRASES.needsSignal}</Small>;
  return (
    <YStack>
      <Heading>{OWNER_PHRASES.links}</Heading>
      {links.data.length === 0 ? <Body color="$muted">{OWNER_PHRASES.noLinks}</Body> : null}
      {links.data.map((link) => (
        <Link key={link.id} link={link} onRevoke={() => void revoke(link.id)} />
      ))}
    </YStack>
  );
}

function Link({ link, onRevoke }: { readonly link: OwnerLink; readonly onRevoke: () => void }) {
  const open = link.revokedAt === null && Date.parse(link.expiresAt) > clock.now().getTime();
  const state = link.revokedAt !== null ? `, ${OWNER_PHRASES.revoked}` : open ? '' : `, ${OWNER_PHRASES.expired}`;
  return (
    <XStack alignItems="center" borderTopWidth={1} borderColor="$rule">
      <Body flex={1}>
        {OWNER_PHRASES.madeFor(link.ownerName, dayWords(link.expiresAt.slice(0, 10)))}
        {state}
      </Body>
      {open ? <Button kind="quiet" tight label={OWNER_PHRASES.revoke} onPress={onRevoke} /> : null}
    </XStack>
  );
}
