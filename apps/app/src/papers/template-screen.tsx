import { PAPERS_PHRASES } from '../words/papers-phrases';
import { type Saddle } from '@fulcra/contract';
import { type Page, type SectionStation, SHEET_SIZES, type SheetSize, templatePages, templateSvg } from '@fulcra/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { z } from 'zod';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { type DraftSpec } from '../platform/draft';
import { useDraft } from '../platform/use-draft';
import { useSaddles } from '../platform/use-views';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { EmptyState } from '../ui/empty-state';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Body, Small } from '../ui/text';
import { STATION_WORDS } from '../words/station-words';
import { download, fileName } from '../platform/download';
import { SheetPreview } from './sheet-preview';
import { type StationTemplate } from './template-of-choice';
import { templateOfVisit } from './template-of-visit';
import { writeTemplates } from './write-pdf';
import { useChosenTemplates } from './use-chosen-templates';
import { HeldBanner } from '../tack';
import { type LoadedVisit, useVisitPage, VisitBackline } from '../visit';

/** The paper that lies in this person's printer: chosen once, on this device. */
const PAPER: DraftSpec<SheetSize> = { version: 1, schema: z.enum(SHEET_SIZES as [SheetSize, ...SheetSize[]]) };
const SIZES = [
  { value: 'a4', label: 'A4' },
  { value: 'a3', label: 'A3' },
  { value: 'letter', label: PAPERS_PHRASES.letter },
] as const;

export interface TemplateScreenProps {
  readonly visitId: string;
  /** Of what was decided by the front section, or of the setting chosen in the fit room. */
  readonly of: 'decision' | 'chosen';
}

export function TemplateScreen({ visitId, of }: TemplateScreenProps) {
  const { loaded, problem } = useVisitPage(visitId);
  const saddles = useSaddles();
  if (loaded === null) return <LoadState problem={problem} />;
  if (saddles.data === null) return <LoadState problem={saddles.problem} />;
  return of === 'chosen' ? (
    <OfChoice visitId={visitId} loaded={loaded} saddles={saddles.data} />
  ) : (
    <OfDecision visitId={visitId} loaded={loaded} saddles={saddles.data} />
  );
}

interface OfProps {
  readonly visitId: string;
  readonly loaded: LoadedVisit;
  readonly saddles: readonly Saddle[];
}

function OfDecision({ visitId, loaded, saddles }: OfProps) {
  const { page, front, schools } = loaded;
  const saddle = saddles.find((s) => s.id === page.decision?.saddleId) ?? null;
  const template = templateOfVisit(page, front.consensus, front.takenAtMm, saddle, schools.nameOf);
  const back = () => router.navigate(`/visits/${visitId}`);
  if (template === null) {
    return (
      <Screen narrow title={page.horse.name} note={PAPERS_PHRASES.templateAtFull} onBack={back}>
        <EmptyState title={PAPERS_PHRASES.noSectionTo} text={PAPERS_PHRASES.aTemplateNeeds}>
          <Button kind="main" label={PAPERS_PHRASES.takeTheFront} onPress={() => router.replace(`/visits/${visitId}/trace/front`)} />
        </EmptyState>
      </Screen>
    );
  }
  return (
    <Sheets
      visitId={visitId}
      loaded={loaded}
      note={PAPERS_PHRASES.templateAtFull}
      onBack={back}
      templates={[{ station: 'front', template }]}
      caution={page.decision === null ? PAPERS_PHRASES.nothingIsDecided : null}
      saddleId={saddle?.id ?? null}
    />
  );
}

function OfChoice({ visitId, loaded, saddles }: OfProps) {
  const { page } = loaded;
  const { choice, rest, templates } = useChosenTemplates(loaded, saddles);
  if (choice === null || templates.length === 0) {
    return (
      <Screen
        narrow
        title={page.horse.name}
        note={PAPERS_PHRASES.templatesOfThe}
        onBack={() => router.navigate(`/visits/${visitId}/fit-room`)}
      >
        <EmptyState title={PAPERS_PHRASES.nothingChosenYet} text={PAPERS_PHRASES.chooseOneOf}>
          <Button kind="main" label={PAPERS_PHRASES.toTheFit} onPress={() => router.navigate(`/visits/${visitId}/fit-room`)} />
        </EmptyState>
      </Screen>
    );
  }
  return (
    <Sheets
      visitId={visitId}
      loaded={loaded}
      note={PAPERS_PHRASES.templates2(choice.saddle.name)}
      onBack={() => router.navigate(`/visits/${visitId}/specification`)}
      templates={templates}
      caution={rest === null ? PAPERS_PHRASES.thisSettingCant : null}
      saddleId={choice.saddle.id}
    />
  );
}

interface SheetsProps {
  readonly visitId: string;
  readonly loaded: LoadedVisit;
  readonly note: string;
  readonly onBack: () => void;
  readonly templates: readonly StationTemplate[];
  readonly caution: string | null;
  /** The saddle they are of; null where it isn't one of the stock. */
  readonly saddleId: string | null;
}

function Sheets({ visitId, loaded, note, onBack, templates, caution, saddleId }: SheetsProps) {
  const { page } = loaded;
  const [size, setSize] = useDraft('paper', PAPER, 'a4');
  const [only, setOnly] = useState<SectionStation | 'all'>('all');
  const shown = templates.filter((t) => only === 'all' || t.station === only);
  const sheets = shown.flatMap(({ template }) =>
    templatePages(template, size).map((sheet, i, all) => ({ sheet, label: template.words.sheetOf(i + 1, all.length) })),
  );
  const single = shown.length === 1 ? shown[0]! : null;
  const named = (ending: string) => fileName(single?.station ?? 'sections', page.horse.name, page.visit.startedOn, ending);
  const { busy, problem, make } = usePdf(shown, size, named(`${size}.pdf`));
  return (
    <Screen
      title={page.horse.name}
      note={note}
      onBack={onBack}
      top={<VisitBackline visitId={visitId} loaded={loaded} at={single?.station} />}
      bottom={
        <>
          <Button
            label={single === null ? PAPERS_PHRASES.svgOfOne : 'SVG'}
            off={single === null}
            onPress={() => single !== null && download(named('svg'), 'image/svg+xml', templateSvg(single.template))}
          />
          <Button
            grow
            kind="main"
            label={
              busy
                ? PAPERS_PHRASES.makingThePdf
                : PAPERS_PHRASES.pdf(sheets.length, SIZES.find((s) => s.value === size)!.label, sheets.length === 1 ? 'sheet' : 'sheets')
            }
            off={busy}
            onPress={make}
          />
        </>
      }
    >
      <XStack alignItems="center" gap="$m" flexWrap="wrap">
        <Small>{PAPERS_PHRASES.paper}</Small>
        <Choice label={PAPERS_PHRASES.paper} value={size} options={SIZES} onChange={setSize} />
        {templates.length > 1 ? (
          <Choice label={PAPERS_PHRASES.sections} value={only} options={sectionChoices(templates)} onChange={setOnly} />
        ) : null}
      </XStack>
      {problem ? <Banner tone="bad">{problem}</Banner> : null}
      <HeldBanner id={saddleId} />
      {caution === null ? null : <Banner tone="lookOut">{caution}</Banner>}
      <Body>{PAPERS_PHRASES.printAt100}</Body>
      <Previews sheets={sheets} />
    </Screen>
  );
}

const sectionChoices = (templates: readonly StationTemplate[]): { value: SectionStation | 'all'; label: string }[] => [
  { value: 'all', label: PAPERS_PHRASES.all },
  ...templates.map(({ station }) => ({ value: station, label: STATION_WORDS[station].peg })),
];

function usePdf(shown: readonly StationTemplate[], size: SheetSize, name: string) {
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const make = async (): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      const templates = shown.map((t) => t.template);
      download(name, 'application/pdf', await writeTemplates(templates, size));
    } catch (error) {
      const why = error instanceof Error ? error.message : PAPERS_PHRASES.unknownReason;
      setProblem(PAPERS_PHRASES.thePdfCould(why));
    } finally {
      setBusy(false);
    }
  };
  return { busy, problem, make: () => void make() };
}

interface PreviewsProps {
  readonly sheets: readonly { readonly sheet: Page; readonly label: string }[];
}

/** From here on sheets stand two beside each other, px. */
const PAIRED_PX = 700;
const WIDEST_PX = 620;

function Previews({ sheets }: PreviewsProps) {
  const [width, onLayout] = useMeasuredWidth();
  const each = Math.min(width, sheets.length > 1 && width > PAIRED_PX ? width / 2 - 12 : WIDEST_PX);
  return (
    <YStack onLayout={onLayout} gap="$m">
      {width > 0 ? (
        <XStack flexWrap="wrap" gap="$m">
          {sheets.map(({ sheet, label }, i) => (
            <SheetPreview key={i} page={sheet} widthPx={each} label={label} />
          ))}
        </XStack>
      ) : null}
    </YStack>
  );
}
