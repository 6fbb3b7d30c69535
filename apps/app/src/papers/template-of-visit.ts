import { PAPER_CAUTION_LINES } from '../words/paper-caution';
import { PAPERS_PHRASES } from '../words/papers-phrases';
import { type Decision, type Saddle, type VisitPage } from '@fulcra/contract';
import { type FrontTemplate, type Section, type TemplateWords, frontTemplate } from '@fulcra/core';
import { unmeasuredOnSaddle } from '../words/saddle-measure-words';
import { dayWords } from '../words/measure-words';
import { archOfDecision, sectionOfDecision } from '../drawings/decision-shapes';

/** What stands on every sheet of any template. */
export const SHEET_WORDS = {
  near: PAPERS_PHRASES.nNear,
  off: PAPERS_PHRASES.offO,
  spine: 'spine',
  proof: PAPERS_PHRASES.measureBothBars,
  barCaption: PAPERS_PHRASES.n100Mm,
  sheetOf: (number: number, count: number) => PAPERS_PHRASES.sheetOf(number, count),
  joinHere: PAPERS_PHRASES.layTheCrosses,
} as const;

/** The template of a visit: of its decision, or of the bare section until there is one. */
export function templateOfVisit(
  page: VisitPage,
  consensus: Section | null,
  takenAtMm: number,
  saddle: Saddle | null,
  schoolNameOf: (id: Decision['schoolId']) => string,
): FrontTemplate | null {
  const { decision } = page;
  const section = decision === null ? consensus : sectionOfDecision(decision);
  if (section === null) return null;
  const words = templateWords(page, decision, decision?.takenAtMm ?? takenAtMm, saddle, schoolNameOf);
  return frontTemplate(section, decision === null ? null : archOfDecision(decision), decision?.crownZMm ?? 0, words);
}

function templateWords(
  page: VisitPage,
  decision: Decision | null,
  takenAtMm: number,
  saddle: Saddle | null,
  schoolNameOf: (id: Decision['schoolId']) => string,
): TemplateWords {
  const { horse, visit } = page;
  return {
    title: PAPERS_PHRASES.frontTemplate(horse.name),
    lines: [
      PAPERS_PHRASES.horse(horse.name, horse.kind ? `, ${horse.kind}` : ''),
      PAPERS_PHRASES.date(dayWords(visit.startedOn)),
      PAPERS_PHRASES.stationFrontMm(takenAtMm),
      PAPERS_PHRASES.fitter(visit.fitter),
      ...(decision === null ? [PAPERS_PHRASES.sectionOnlyNothing] : settingLines(decision, saddle, schoolNameOf(decision.schoolId))),
      ...PAPER_CAUTION_LINES,
    ],
    ...SHEET_WORDS,
    arch: decision === null ? '' : PAPERS_PHRASES.insideOfArch(Math.round(decision.includedAngleDeg)),
  };
}

const settingLines = (decision: Decision, saddle: Saddle | null, schoolName: string): string[] => [
  PAPERS_PHRASES.frontIncludedMmAt(Math.round(decision.includedAngleDeg), Math.round(decision.spanAt100Mm), decision.shape),
  ...(saddle
    ? [
        PAPERS_PHRASES.saddle(saddle.name),
        PAPERS_PHRASES.makerAndSetting(saddle.maker, decision.settingLabel),
        ...unmeasuredOnSaddle(saddle),
      ]
    : []),
  PAPERS_PHRASES.schoolV(schoolName, decision.schoolVersion),
];
