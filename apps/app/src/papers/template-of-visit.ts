import { type Decision, type Saddle, type VisitPage } from '@fulcra/contract';
import { type FrontTemplate, type Section, type TemplateWords, frontTemplate, schoolById } from '@fulcra/core';
import { dayWords } from '../words/measure-words';
import { archOfDecision, sectionOfDecision } from '../horses';

/** What stands on every sheet of any template. */
export const SHEET_WORDS = {
  near: 'N near',
  off: 'off O',
  spine: 'spine',
  proof: 'Measure both bars before use: each must be 100 mm. Print at 100 %.',
  barCaption: '100 mm',
  sheetOf: (number: number, count: number) => `Sheet ${number} of ${count}.`,
  joinHere: 'Lay the crosses on each other and glue.',
} as const;

/** The template of a visit: of its decision, or of the bare section until there is one. */
export function templateOfVisit(
  page: VisitPage,
  consensus: Section | null,
  takenAtMm: number,
  saddle: Saddle | null,
): FrontTemplate | null {
  const { decision } = page;
  const section = decision === null ? consensus : sectionOfDecision(decision);
  if (section === null) return null;
  const words = templateWords(page, decision, decision?.takenAtMm ?? takenAtMm, saddle);
  return frontTemplate(section, decision === null ? null : archOfDecision(decision), decision?.crownZMm ?? 0, words);
}

function templateWords(page: VisitPage, decision: Decision | null, takenAtMm: number, saddle: Saddle | null): TemplateWords {
  const { horse, visit } = page;
  return {
    title: `Front template: ${horse.name}`,
    lines: [
      `Horse: ${horse.name}${horse.kind ? `, ${horse.kind}` : ''}`,
      `Date: ${dayWords(visit.startedOn)}`,
      `Station: front, ${takenAtMm} mm behind the scapula`,
      `Fitter: ${visit.fitter}`,
      ...(decision === null ? ['Section only: nothing decided yet'] : settingLines(decision, saddle)),
    ],
    ...SHEET_WORDS,
    arch: decision === null ? '' : `inside of arch ${Math.round(decision.includedAngleDeg)}°`,
  };
}

const settingLines = (decision: Decision, saddle: Saddle | null): string[] => [
  `Front: ${Math.round(decision.includedAngleDeg)}° included, ${Math.round(decision.spanAt100Mm)} mm at 100, ${decision.shape}`,
  ...(saddle ? [`Saddle: ${saddle.name}`, `Maker and setting: ${saddle.maker}, “${decision.settingLabel}”`] : []),
  `School: ${schoolById(decision.schoolId).name} v${decision.schoolVersion}`,
];
