import { type LetterFile, type Saddle } from '@fulcra/contract';
import { useMemo } from 'react';
import { fileName } from '../platform/download';
import { useSaddles } from '../platform/use-views';
import { type LoadedVisit, useVisitPage } from '../visit';
import { specificationLines } from './specification-lines';
import { specificationText } from './specification-text';
import { templateOfVisit } from './template-of-visit';
import { useChosenTemplates } from './use-chosen-templates';
import { writeTemplates } from './write-pdf';

/** What a bench is sent with an order: the whole specification in words, and its templates at full scale. */
export interface OrderPapers {
  /** Empty where nothing was chosen in the fit room. */
  readonly specification: string;
  readonly templates: number;
  /** A4 at 100 %, as one file; empty where there is nothing to draw. */
  readonly files: () => Promise<readonly LetterFile[]>;
}

/** Visit and stock, once both are here. */
export function useOrderVisit(visitId: string): { readonly loaded: LoadedVisit; readonly saddles: readonly Saddle[] } | null {
  const { loaded } = useVisitPage(visitId);
  const saddles = useSaddles().data;
  return useMemo(() => (loaded === null || saddles === null ? null : { loaded, saddles }), [loaded, saddles]);
}

export function useOrderPapers(loaded: LoadedVisit, saddles: readonly Saddle[]): OrderPapers {
  const { page, front, schools } = loaded;
  const { choice, templates: chosen } = useChosenTemplates(loaded, saddles);
  const decided = saddles.find((s) => s.id === page.decision?.saddleId) ?? null;
  const plain = chosen.length > 0 ? null : templateOfVisit(page, front.consensus, front.takenAtMm, decided, schools.nameOf);
  const templates = plain === null ? chosen.map((t) => t.template) : [plain];
  const name = fileName('templates', page.horse.name, page.visit.startedOn, 'a4.pdf');
  return {
    specification: choice === null ? '' : specificationText(specificationLines(choice.saddle, choice.tried)),
    templates: templates.length,
    files: async () =>
      templates.length === 0 ? [] : [{ name, mediaType: 'application/pdf', base64: base64Of(await writeTemplates(templates, 'a4')) }],
  };
}

const CHUNK = 0x8000;

function base64Of(bytes: Uint8Array): string {
  let text = '';
  for (let at = 0; at < bytes.length; at += CHUNK) text += String.fromCharCode(...bytes.subarray(at, at + CHUNK));
  return btoa(text);
}
