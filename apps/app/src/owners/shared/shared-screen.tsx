import { type SharedPage, sharedPageSchema } from '@fulcra/contract';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { YStack } from 'tamagui';
import { api } from '../../platform/api';
import { Refused } from '../../platform/api-client';
import { useTapeUnit } from '../../platform/use-tape-unit';
import { Button } from '../../ui/button';
import { EmptyState } from '../../ui/empty-state';
import { PrintStyle } from '../../ui/print-style';
import { Screen } from '../../ui/screen';
import { Body, Heading, Small } from '../../ui/text';
import { UnitChoice } from '../../ui/unit-choice';
import { OWNER_PHRASES } from '../../words/owner-phrases';
import { dayWords } from '../../words/measure-words';
import { ownerWordWords } from '../../words/report-words';
import { ReportView } from '../report-view';
import { AskForm, ChangedForm } from './say-forms';
import { HomeForm } from './home-form';
import { MonthlyLook } from './monthly-look';

type Doing = 'reading' | 'monthly' | 'changed' | 'ask' | 'home';

/** What a link opens for an owner, without an account: the report, the monthly look, and saying something. */
export function SharedScreen({ token }: { readonly token: string }) {
  const query = useQuery({
    queryKey: ['shared', token],
    retry: false,
    queryFn: async () => sharedPageSchema.parse(await api.request('GET', `/api/shared/${token}`)),
  });
  if (query.data !== undefined) return <Shared key={token} token={token} page={query.data} again={() => void query.refetch()} />;
  if (query.error === null) return null;
  const gone = query.error instanceof Refused && query.error.status < 429;
  return (
    <Screen narrow title={OWNER_PHRASES.report}>
      <EmptyState
        title={gone ? OWNER_PHRASES.linkGone : OWNER_PHRASES.tryAgain}
        text={gone ? OWNER_PHRASES.linkGoneText : OWNER_PHRASES.noAnswer}
      >
        {gone ? null : <Button kind="main" label={OWNER_PHRASES.tryAgain} onPress={() => void query.refetch()} />}
      </EmptyState>
    </Screen>
  );
}

interface SharedProps {
  readonly token: string;
  readonly page: SharedPage;
  readonly again: () => void;
}

function Shared({ token, page, again }: SharedProps) {
  const [doing, setDoing] = useState<Doing>('reading');
  const done = () => {
    setDoing('reading');
    again();
  };
  const back = () => setDoing('reading');
  switch (doing) {
    case 'monthly':
      return <MonthlyLook token={token} tack={page.report.tack} onBack={back} onDone={done} />;
    case 'changed':
      return <ChangedForm token={token} onBack={back} onDone={done} />;
    case 'ask':
      return <AskForm token={token} onBack={back} onDone={done} />;
    case 'home':
      return <HomeForm token={token} onBack={back} onDone={done} />;
    case 'reading':
      return <Reading page={page} onDo={setDoing} />;
  }
}

function Reading({ page, onDo }: { readonly page: SharedPage; readonly onDo: (doing: Doing) => void }) {
  const [unit, setUnit] = useTapeUnit();
  return (
    <Screen
      narrow
      title={page.report.horse.name}
      note={OWNER_PHRASES.hello(page.ownerName)}
      bottom={
        <>
          <Button label={OWNER_PHRASES.ask} onPress={() => onDo('ask')} />
          <Button grow kind="main" label={OWNER_PHRASES.monthly} onPress={() => onDo('monthly')} />
        </>
      }
    >
      <PrintStyle />
      <ReportView key={unit} report={page.report} />
      <YStack gap="$s">
        <Button label={OWNER_PHRASES.changed} onPress={() => onDo('changed')} />
        <Button label={OWNER_PHRASES.home} onPress={() => onDo('home')} />
        <UnitChoice unit={unit} onChange={setUnit} />
      </YStack>
      {page.words.length === 0 ? null : (
        <YStack gap="$s">
          <Heading>{OWNER_PHRASES.saidBefore}</Heading>
          {page.words.map((w) => (
            <YStack key={w.id} borderTopWidth={1} borderColor="$rule" paddingTop="$s">
              <Body>{ownerWordWords(w.body)}</Body>
              <Small>
                {dayWords(w.madeAt.slice(0, 10))}
                {w.takenUp === null ? '' : `, ${OWNER_PHRASES.takenUpBy(w.takenUp.by, dayWords(w.takenUp.at.slice(0, 10)))}`}
              </Small>
            </YStack>
          ))}
        </YStack>
      )}
    </Screen>
  );
}
