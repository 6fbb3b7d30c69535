import { type FrontTemplate, type SheetSize, templatePages, templateSvg } from '@fulcra/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { useSaddles } from '../sync/use-views';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { EmptyState } from '../ui/empty-state';
import { BODY_FILES, fontUrl } from '../ui/fonts';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Body, Small } from '../ui/text';
import { type LoadedVisit, useVisitPage } from '../visit/use-visit-page';
import { VisitBackline } from '../visit/visit-backline';
import { download, fileName } from './download';
import { SheetPreview } from './sheet-preview';
import { templateOfVisit } from './template-of-visit';

const SIZES = [
  { value: 'a4', label: 'A4' },
  { value: 'a3', label: 'A3' },
] as const;

export function TemplateScreen({ visitId }: { readonly visitId: string }) {
  const { loaded, problem } = useVisitPage(visitId);
  const saddles = useSaddles().data ?? [];
  if (loaded === null) return <LoadState problem={problem} />;
  const { page, front } = loaded;
  const saddle = saddles.find((s) => s.id === page.decision?.saddleId) ?? null;
  const template = templateOfVisit(page, front.consensus, front.takenAtMm, saddle);
  if (template === null) {
    return (
      <Screen narrow title={page.horse.name} note="Template at full scale" onBack={() => router.navigate(`/visits/${visitId}`)}>
        <EmptyState title="No section to print yet." text="A template needs a front section; with a decision it carries the arch too.">
          <Button kind="main" label="Take the front section" onPress={() => router.replace(`/visits/${visitId}/trace/front`)} />
        </EmptyState>
      </Screen>
    );
  }
  return <Ready visitId={visitId} loaded={loaded} template={template} />;
}

function Ready({
  visitId,
  loaded,
  template,
}: {
  readonly visitId: string;
  readonly loaded: LoadedVisit;
  readonly template: FrontTemplate;
}) {
  const { page } = loaded;
  const [size, setSize] = useState<SheetSize>('a4');
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const [width, onLayout] = useMeasuredWidth();
  const pages = templatePages(template, size);
  const named = (ending: string) => fileName(page.horse.name, page.visit.startedOn, ending);
  const pdf = async () => {
    setBusy(true);
    setProblem(null);
    try {
      download(named(`${size}.pdf`), 'application/pdf', await makePdf(template, size));
    } catch (error) {
      setProblem(
        `The PDF could not be made: ${error instanceof Error ? error.message : 'unknown reason'}. The SVG holds the same drawing.`,
      );
    } finally {
      setBusy(false);
    }
  };
  return (
    <Screen
      title={page.horse.name}
      note="Template at full scale"
      onBack={() => router.navigate(`/visits/${visitId}`)}
      top={<VisitBackline visitId={visitId} loaded={loaded} at="front" />}
      bottom={
        <>
          <Button label="SVG" onPress={() => download(named('svg'), 'image/svg+xml', templateSvg(template))} />
          <Button
            grow
            kind="main"
            label={busy ? 'Making the PDF…' : `PDF, ${pages.length} ${size.toUpperCase()} ${pages.length === 1 ? 'sheet' : 'sheets'}`}
            off={busy}
            onPress={() => void pdf()}
          />
        </>
      }
    >
      <XStack alignItems="center" gap="$m">
        <Small>Paper</Small>
        <Choice label="Paper" value={size} options={SIZES} onChange={setSize} />
      </XStack>
      {problem ? <Banner tone="bad">{problem}</Banner> : null}
      {page.decision === null ? (
        <Banner tone="lookOut">Nothing is decided yet: the template carries the section without an arch.</Banner>
      ) : null}
      <Body>Print at 100 %, no fitting to the page. Measure both bars on every sheet before use: each must be 100 mm.</Body>
      <YStack onLayout={onLayout} gap="$m">
        {width > 0 ? (
          <XStack flexWrap="wrap" gap="$m">
            {pages.map((sheet, i) => (
              <SheetPreview
                key={i}
                page={sheet}
                widthPx={Math.min(width, pages.length > 1 && width > 700 ? width / 2 - 12 : 620)}
                label={template.words.sheetOf(i + 1, pages.length)}
              />
            ))}
          </XStack>
        ) : null}
      </YStack>
    </Screen>
  );
}

/** The writer is large and only wanted here, so it is fetched when asked for. */
async function makePdf(template: FrontTemplate, size: SheetSize): Promise<Uint8Array> {
  const [{ templatePdf }, { textPicture }, regular, bold] = await Promise.all([
    import('./pdf'),
    import('./text-picture'),
    fetch(fontUrl(BODY_FILES.regular)).then((r) => r.arrayBuffer()),
    fetch(fontUrl(BODY_FILES.bold)).then((r) => r.arrayBuffer()),
  ]);
  return templatePdf(template, size, { regular, bold, picture: textPicture });
}
