import { type Report } from '@fulcra/contract';
import { YStack } from 'tamagui';
import { WholeHorse } from '../drawings/horse/whole-horse';
import { DecisionDrawing } from '../drawings/decision-drawing';
import { OutlinesOver } from '../drawings/outlines-over';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { dayNow } from '../platform/clock';
import { Body, Heading, Small, Title, Verdict } from '../ui/text';
import { OWNER_PHRASES } from '../words/owner-phrases';
import { dayWords } from '../words/measure-words';
import { SHAPE_PHRASES } from '../words/shape-phrases';
import { formOfReport } from './form-of-report';
import { reportParts } from './report-parts';

const MOST_WIDE = 480;
const HEIGHT = 200;
const HORSE_WIDE = 300;

/** What an owner reads: plain words, each with its drawing. */
export function ReportView({ report }: { readonly report: Report }) {
  const [width, onLayout] = useMeasuredWidth();
  const { headline, parts } = reportParts(report, dayNow());
  const { visit, decision } = report;
  const horse = formOfReport(report);
  const drawn = Math.min(width, MOST_WIDE);
  return (
    <YStack backgroundColor="$sheet" padding="$l" gap="$m" onLayout={onLayout} testID="report">
      <Title>{report.horse.name}</Title>
      {visit === null ? null : <Small>{OWNER_PHRASES.byOn(dayWords(visit.on), visit.fitter, report.practiceName)}</Small>}
      {visit === null || visit.replaces === null ? null : (
        <Small color="$lookOut">{OWNER_PHRASES.versionOf(visit.version, dayWords(visit.replaces))}</Small>
      )}
      <Verdict>{headline}</Verdict>
      {horse === null || drawn === 0 ? null : (
        <HorseOfReport name={report.horse.name} horse={horse} widthPx={Math.min(drawn - 32, HORSE_WIDE)} />
      )}
      {parts.map((p) => (
        <YStack key={p.title} gap="$xs">
          <Heading>{p.title}</Heading>
          {p.drawing === 'decided' && decision !== null && visit !== null && drawn > 0 ? (
            <DecisionDrawing
              decision={decision}
              label={OWNER_PHRASES.sectionAlt(dayWords(visit.on))}
              widthPx={drawn - 32}
              heightPx={HEIGHT}
              sides
            />
          ) : null}
          {p.drawing === 'change' && drawn > 0 ? (
            <OutlinesOver
              now={report.outlines.at(-1)!.section}
              before={report.outlines[0]!.section}
              label={OWNER_PHRASES.outlinesAlt}
              widthPx={drawn - 32}
              heightPx={HEIGHT}
            />
          ) : null}
          {p.lines.map((l, i) => (p.drawing === null ? <Body key={i}>{l}</Body> : <Small key={i}>{l}</Small>))}
        </YStack>
      ))}
      <Small>{OWNER_PHRASES.caution}</Small>
      <Small>{OWNER_PHRASES.whoseWord}</Small>
    </YStack>
  );
}

interface HorseProps {
  readonly name: string;
  readonly horse: NonNullable<ReturnType<typeof formOfReport>>;
  readonly widthPx: number;
}

/** The owner's own horse, drawn as it was read and measured. */
const HorseOfReport = ({ name, horse: { form, said }, widthPx }: HorseProps) => (
  <YStack gap="$xs">
    <WholeHorse form={form} label={SHAPE_PHRASES.thisHorse(name)} widthPx={widthPx} />
    <Small>{said}</Small>
  </YStack>
);
