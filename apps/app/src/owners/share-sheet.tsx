import { type MadeLink, type Report, LINK_DAYS, madeLinkSchema } from '@fulcra/contract';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { LetterForm } from '../letters';
import { api } from '../platform/api';
import { NoAnswer } from '../platform/api-client';
import { useSession } from '../platform/session-context';
import { useContacts, useHorse } from '../platform/use-views';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { Body, Heading, Small } from '../ui/text';
import { useToast } from '../ui/toast';
import { OWNER_PHRASES } from '../words/owner-phrases';
import { reportHeadline } from '../words/report-words';
import { LinksOfHorse } from './links-of-horse';
import { QrCode } from './qr-code';

const addressOf = (token: string): string => `${window.location.origin}/o/${token}`;

/** Gives the report to the owner: a link as text, code and letter, and the links that are out. */
export function ShareReport({ report }: { readonly report: Report }) {
  const { horse } = report;
  const [made, setMade] = useState<MadeLink | null>(null);
  return (
    <YStack gap="$m">
      <Small>{OWNER_PHRASES.linkText}</Small>
      {made === null ? <MakeLink horseId={horse.id} onMade={setMade} /> : <Made link={made} report={report} />}
      <LinksOfHorse horseId={horse.id} />
    </YStack>
  );
}

function MakeLink({ horseId, onMade }: { readonly horseId: string; readonly onMade: (link: MadeLink) => void }) {
  const horse = useHorse(horseId).data?.horse;
  const owner = useContacts().data?.find((c) => c.id === horse?.ownerId);
  const [typedName, setName] = useState<string | null>(null);
  const [days, setDays] = useState(String(LINK_DAYS.usual));
  const [problem, setProblem] = useState<string | null>(null);
  const queries = useQueryClient();
  const ownerName = typedName ?? owner?.name ?? '';
  const make = async () => {
    const open = Number(days);
    if (ownerName.trim() === '') return setProblem(OWNER_PHRASES.needsName);
    if (!Number.isInteger(open) || open < LINK_DAYS.least || open > LINK_DAYS.most)
      return setProblem(OWNER_PHRASES.needsDays(LINK_DAYS.least, LINK_DAYS.most));
    try {
      onMade(madeLinkSchema.parse(await api.request('POST', `/api/horses/${horseId}/links`, { ownerName: ownerName.trim(), days: open })));
      void queries.invalidateQueries({ queryKey: ['links', horseId] });
    } catch (error) {
      setProblem(error instanceof NoAnswer ? OWNER_PHRASES.needsSignal : error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <YStack gap="$s">
      <Field label={OWNER_PHRASES.ownerName} value={ownerName} onChange={setName} />
      <Field label={OWNER_PHRASES.forDays} value={days} onChange={setDays} kind="number" />
      {problem === null ? null : <Banner tone="bad">{problem}</Banner>}
      <Button kind="main" label={OWNER_PHRASES.makeLink} onPress={() => void make()} />
    </YStack>
  );
}

const QR_PX = 220;

function Made({ link, report }: { readonly link: MadeLink; readonly report: Report }) {
  const { session } = useSession();
  const toast = useToast();
  const horse = useHorse(report.horse.id).data?.horse;
  const owner = useContacts().data?.find((c) => c.id === horse?.ownerId);
  const [writing, setWriting] = useState(false);
  const address = addressOf(link.token);
  const copy = () => void navigator.clipboard.writeText(address).then(() => toast({ text: OWNER_PHRASES.copied }));
  const { name } = report.horse;
  return (
    <YStack gap="$s">
      <Heading>{OWNER_PHRASES.linkMade}</Heading>
      <Body selectable testID="link-address">
        {address}
      </Body>
      <XStack justifyContent="center">
        <QrCode text={address} sizePx={QR_PX} label={OWNER_PHRASES.qrAlt} />
      </XStack>
      <Small>{OWNER_PHRASES.qrText(name)}</Small>
      <XStack flexWrap="wrap" gap="$s">
        <Button label={OWNER_PHRASES.copy} onPress={copy} />
        <Button label={OWNER_PHRASES.mailIt} onPress={() => setWriting(!writing)} />
        <Button label={OWNER_PHRASES.print} onPress={() => window.print()} />
      </XStack>
      {writing ? (
        <LetterForm
          kind="report"
          start={{
            to: owner?.email ?? '',
            subject: OWNER_PHRASES.mailSubject(name),
            text: OWNER_PHRASES.mailText(link.ownerName, name, reportHeadline(report), address, session.practice.name),
          }}
          onSent={() => setWriting(false)}
        />
      ) : null}
    </YStack>
  );
}
