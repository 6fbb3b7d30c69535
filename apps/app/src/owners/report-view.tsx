import { type Report } from '@fulcra/contract';
import { YStack } from 'tamagui';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { dayNow } from '../platform/clock';
import { Body, Heading, Small, Title, Verdict } from '../ui/text';
import { OWNER_PHRASES } from '../words/owner-phrases';
import { dayWords } from '../words/measure-words';
import { ChangeDrawing, DecidedDrawing } from './report-drawings';
import { reportParts } from './report-parts';

const MOST_WIDE = 480;

/** What an owner reads: plain words, each with its drawing. */
export function ReportView({ report }: { readonly report: Report }) {
  const [width, onLayout] = useMeasuredWidth();
  const { headline, parts } = reportParts(report, dayNow());
  const { visit, decision } = report;
  const drawn = Math.min(width, MOST_WIDE);
  return (
    <YStack backgroundColor="$sheet" padding="$l" gap="$m" onLayout={onLayout} testID="report">
      <Title>{report.horse.name}</Title>
      {visit === null ? null : <Small>{OWNER_PHRASES.byOn(dayWords(visit.on), visit.fitter, report.practiceName)}</Small>}
      <Verdict>{headline}</Verdict>
      {parts.map((p) => (
        <YStack key={p.title} gap="$xs">
          <Heading>{p.title}</Heading>
          {p.drawing === 'decided' && decision !== null && visit !== null && drawn > 0 ? (
            <DecidedDrawing decision={decision} on={visit.on} widthPx={drawn - 32} />
          ) : null}
          {p.drawing === 'change' && drawn > 0 ? <ChangeDrawing outlines={report.outlines} widthPx={drawn - 32} /> : null}
          {p.lines.map((l, i) => (p.drawing === null ? <Body key={i}>{l}</Body> : <Small key={i}>{l}</Small>))}
        </YStack>
      ))}
      <Small>{OWNER_PHRASES.caution}</Small>
    </YStack>
  );
}
