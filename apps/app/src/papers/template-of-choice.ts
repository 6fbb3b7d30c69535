import { PAPERS_PHRASES } from '../words/papers-phrases';
import { type Saddle, type VisitPage } from '@fulcra/contract';
import {
  type FrontTemplate,
  type Pose,
  type SectionStation,
  type TemplateOutline,
  SECTION_STATIONS,
  SIDES,
  archOfSetting,
  neutralWidth,
  point,
  saddleCut,
  sectionTemplate,
  type TriedOnVisit,
  type MeasuredVisit,
  describedOf,
} from '@fulcra/core';
import { dayWords } from '../words/measure-words';
import { padWords } from '../words/setup-words';
import { STATION_WORDS } from '../words/station-words';
import { PAPER_CAUTION_LINES } from '../words/paper-caution';
import { unmeasuredOnSaddle } from '../words/saddle-measure-words';
import { SHEET_WORDS } from './template-of-visit';

export interface StationTemplate {
  readonly station: SectionStation;
  readonly template: FrontTemplate;
}

/**
 * A template for every measured section: the back, and the chosen saddle cut there as it settled on it.
 * @param pose where the saddle came to rest; null where it doesn't sit: then the sections stand alone
 * @param spineAtMm height of the spine at a place, as the saddle was settled on it
 */
export function templatesOfChoice(
  page: VisitPage,
  measured: Pick<MeasuredVisit, 'sections'>,
  saddle: Saddle,
  tried: TriedOnVisit,
  pose: Pose | null,
  spineAtMm: (xMm: number) => number,
  schoolName: string,
): StationTemplate[] {
  return SECTION_STATIONS.flatMap((station) => {
    const { consensus, takenAtMm } = measured.sections[station];
    if (consensus === null) return [];
    const outlines = pose === null ? [] : outlinesAt(saddle, tried, pose, takenAtMm, spineAtMm(takenAtMm));
    const words = wordsAt(page, station, takenAtMm, saddle, tried, outlines.length > 0, schoolName);
    return [{ station, template: sectionTemplate(consensus, outlines, words) }];
  });
}

/** A point every 2 mm or closer: no corner that a knife would follow. */
const POINTS_ON_PAPER = 201;

function outlinesAt(saddle: Saddle, { setup }: TriedOnVisit, pose: Pose, atMm: number, spineMm: number): TemplateOutline[] {
  const cut = Number.isFinite(spineMm) ? saddleCut(describedOf(saddle), setup, pose, atMm, POINTS_ON_PAPER) : null;
  if (cut === null) return [];
  const onSection = (line: readonly { readonly yMm: number; readonly zMm: number }[]) => line.map((p) => point(p.yMm, p.zMm - spineMm));
  return [
    { style: 'arch', points: onSection(cut.tree) },
    ...SIDES.map((side) => ({ style: 'panel' as const, points: onSection([...cut.panel[side], cut.panel[side][0]!]) })),
  ];
}

function wordsAt(
  page: VisitPage,
  station: SectionStation,
  atMm: number,
  saddle: Saddle,
  tried: TriedOnVisit,
  reaches: boolean,
  schoolName: string,
) {
  const { horse, visit } = page;
  const { setup } = tried;
  const setting = saddle.front.settings[setup.width] ?? saddle.front.settings[0]!;
  const width = neutralWidth(archOfSetting(saddle.front, setting, setup.shape));
  const { name } = STATION_WORDS[station];
  return {
    ...SHEET_WORDS,
    title: `${name}: ${horse.name}, ${saddle.name}`,
    lines: [
      PAPERS_PHRASES.horse(horse.name, horse.kind ? `, ${horse.kind}` : ''),
      PAPERS_PHRASES.date(dayWords(visit.startedOn)),
      PAPERS_PHRASES.mmBehindTheScapula(name, atMm, setup.placeMm),
      PAPERS_PHRASES.fitter(visit.fitter),
      PAPERS_PHRASES.frontIncludedMm(width.includedAngleDeg.toFixed(0), width.spanAt100Mm.toFixed(0), setting.label),
      PAPERS_PHRASES.treeCurveMm(setup.curveMm, setup.frontDepthMm, saddle.build.panel.depthMidMm, setup.rearDepthMm),
      ...unmeasuredOnSaddle(saddle),
      reaches ? PAPERS_PHRASES.asItSettled(padWords(setup.pad)) : PAPERS_PHRASES.theSaddleDoes,
      PAPERS_PHRASES.schoolV(schoolName, tried.schoolVersion),
      ...PAPER_CAUTION_LINES,
    ],
    arch: reaches ? PAPERS_PHRASES.lowerFaceOf : '',
  };
}
