import { type Report, reportSchema } from '@fulcra/contract';
import { factsOfKind } from '@fulcra/core';
import { useQuery } from '@tanstack/react-query';
import { router } from 'expo-router';
import { useState } from 'react';
import { YStack } from 'tamagui';
import { z } from 'zod';
import { writePdf } from '../papers';
import { api } from '../platform/api';
import { NoAnswer } from '../platform/api-client';
import { dayNow } from '../platform/clock';
import { download, fileName } from '../platform/download';
import { type DraftSpec } from '../platform/draft';
import { useDraft } from '../platform/use-draft';
import { useWaiting } from '../platform/use-sync';
import { Button } from '../ui/button';
import { Columns } from '../ui/columns';
import { Field } from '../ui/field';
import { LoadState } from '../ui/load-state';
import { Locked } from '../ui/locked';
import { PrintStyle } from '../ui/print-style';
import { Screen } from '../ui/screen';
import { Sheet } from '../ui/sheet';
import { Heading, Small } from '../ui/text';
import { ClosedVisit, type LoadedVisit, useVisitPage } from '../visit';
import { OWNER_PHRASES } from '../words/owner-phrases';
import { watchProposals } from '../words/watch-words';
import { reportPages } from './report-pages';
import { ReportView } from './report-view';
import { ShareReport } from './share-sheet';

/** What the owner of a horse gets of a visit: read over, given words, printed and handed on. */
export function ReportScreen({ visitId }: { readonly visitId: string }) {
  const { loaded, problem } = useVisitPage(visitId);
  const waiting = useWaiting().length;
  const query = useQuery({
    // asked again when the server has heard what waited here
    queryKey: ['report', visitId, waiting],
    enabled: loaded !== null,
    placeholderData: (before: Report | undefined) => before,
    queryFn: async () => reportSchema.parse(await api.request('GET', `/api/visits/${visitId}/report`)),
  });
  if (loaded === null) return <LoadState problem={problem} />;
  if (query.data === undefined) {
    const why = query.error === null ? null : query.error instanceof NoAnswer ? OWNER_PHRASES.needsSignal : query.error.message;
    return <LoadState problem={why} />;
  }
  return <Shown visitId={visitId} loaded={loaded} report={withWords(query.data, loaded)} />;
}

/** With the words that were kept here, whether or not the server has heard them. */
function withWords(report: Report, { page }: LoadedVisit): Report {
  const words = factsOfKind(page.facts, 'forOwner').at(-1);
  if (words === undefined || report.visit === null) return report;
  return { ...report, visit: { ...report.visit, said: words.said, watchFor: words.watchFor } };
}

interface ShownProps {
  readonly visitId: string;
  readonly loaded: LoadedVisit;
  readonly report: Report;
}

function Shown({ visitId, loaded, report }: ShownProps) {
  const [sharing, setSharing] = useState(false);
  const pdf = async () => {
    const bytes = await writePdf(OWNER_PHRASES.reportOf(report.horse.name), reportPages(report, dayNow()));
    download(fileName('report', report.horse.name, report.visit?.on ?? dayNow(), 'pdf'), 'application/pdf', bytes);
  };
  return (
    <Screen
      title={OWNER_PHRASES.report}
      note={report.horse.name}
      onBack={() => router.navigate(`/visits/${visitId}`)}
      bottom={
        <>
          <Button label={OWNER_PHRASES.pdf} onPress={() => void pdf()} />
          <Button label={OWNER_PHRASES.print} onPress={() => window.print()} />
          <Button grow kind="main" label={OWNER_PHRASES.share} onPress={() => setSharing(true)} />
        </>
      }
    >
      <PrintStyle />
      <Columns shares={[3, 2]}>
        <ReportView report={report} />
        <WordsToOwner visitId={visitId} loaded={loaded} report={report} />
      </Columns>
      <Sheet title={OWNER_PHRASES.share} open={sharing} onClose={() => setSharing(false)}>
        <ShareReport report={report} />
      </Sheet>
    </Screen>
  );
}

interface Words {
  readonly said: string;
  readonly watchFor: string;
}
const DRAFT: DraftSpec<Words> = { version: 1, schema: z.object({ said: z.string(), watchFor: z.string() }) };

/** What the fitter writes to the owner; kept as it is typed, on record when it is kept. */
function WordsToOwner({ visitId, loaded, report }: ShownProps) {
  const last = factsOfKind(loaded.page.facts, 'forOwner').at(-1);
  const start: Words = { said: last?.said ?? '', watchFor: last?.watchFor ?? '' };
  const [words, put, forget] = useDraft(`for-owner-${visitId}`, DRAFT, start);
  const proposed = watchProposals(report).filter((line) => !words.watchFor.includes(line));
  const same = words.said === start.said && words.watchFor === start.watchFor;
  const keep = async () => {
    if (await loaded.note({ kind: 'forOwner', said: words.said.trim(), watchFor: words.watchFor.trim() }, OWNER_PHRASES.wordsKept))
      forget();
  };
  return (
    <YStack gap="$s" className="not-on-paper">
      <Heading>{OWNER_PHRASES.wordsTitle}</Heading>
      <ClosedVisit loaded={loaded} />
      <Locked when={loaded.closed}>
        <Field label={OWNER_PHRASES.said} value={words.said} lines={4} onChange={(said) => put({ ...words, said })} />
        <Field label={OWNER_PHRASES.watch} value={words.watchFor} lines={3} onChange={(watchFor) => put({ ...words, watchFor })} />
        {proposed.length === 0 ? null : (
          <YStack>
            <Small>{OWNER_PHRASES.suggested}</Small>
            {proposed.map((line) => (
              <Button
                key={line}
                kind="quiet"
                tight
                label={OWNER_PHRASES.addLine(line)}
                onPress={() => put({ ...words, watchFor: [words.watchFor.trim(), line].filter(Boolean).join('\n') })}
              />
            ))}
          </YStack>
        )}
        <Button label={OWNER_PHRASES.keepWords} off={same} onPress={() => void keep()} />
      </Locked>
    </YStack>
  );
}
