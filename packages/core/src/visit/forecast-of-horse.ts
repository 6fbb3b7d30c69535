import { type Section } from '../back';
import { type FitOnDay, type FitValue, TREE_CRITERIA } from '../care';
import { dayNumber } from '../change';
import { frontToleranceMm, layArch, paddingOfSaddle, paddingOfSchool, prepareSection, wantedTipMinusTopMm } from '../front';
import { judgeSitting, laidFront } from '../judge';
import { type DescribedSaddle, type FrontArch, type SaddleSetup } from '../saddle';
import { type School } from '../schools';
import { type RiderLoad, CELL_MM, sit } from '../sit';
import { bodyInputOf } from './body-input';
import { type VisitRecord, measuredVisit } from './measured-visit';
import { ReadyBody } from './ready-body';
import { measuredTakes } from './recorded';

/** A visit of the past, as far as it was measured. */
export interface PastVisit extends VisitRecord {
  readonly on: string;
}

/** What the horse goes in now: an arch that was decided on, and the whole setting where one was chosen. */
export interface PresentTree {
  readonly arch: FrontArch;
  readonly chosen: { readonly saddle: DescribedSaddle; readonly setup: SaddleSetup; readonly rider: RiderLoad | null } | null;
}

/** The present tree carried through the front and the sitting of every visit that was measured. */
export const fitsOfHorse = (visits: readonly PastVisit[], tree: PresentTree, school: School): FitOnDay[] =>
  visits.flatMap((visit) => {
    const values = fitOf(visit, tree, school);
    return values.length === 0 ? [] : [{ day: dayNumber(visit.on), values }];
  });

function fitOf(visit: PastVisit, tree: PresentTree, school: School): FitValue[] {
  const measured = measuredVisit({ ...visit, takes: measuredTakes(visit.takes) });
  const section = measured.sections.front.consensus;
  if (section === null) return [];
  const front = frontValues(section, tree, school);
  const sitting = tree.chosen === null ? [] : sittingValues(new ReadyBody(bodyInputOf(measured, visit.facts)), tree.chosen, school);
  return [...sitting, ...front.filter((f) => !sitting.some((s) => s.id === f.id))];
}

/** What the front alone says of a section: all there is where the back behind it wasn't measured. */
export function frontValues(section: Section, { arch, chosen }: PresentTree, school: School): FitValue[] {
  const padding = chosen === null ? paddingOfSchool(school) : paddingOfSaddle(chosen.saddle.front, school);
  const laid = layArch(prepareSection(section), arch, padding);
  if (!laid.ok) return [];
  const deviation = (laid.value.near.tipMinusTopMm + laid.value.off.tipMinusTopMm) / 2 - wantedTipMinusTopMm(school, arch, padding);
  const tolerance = frontToleranceMm(school, arch, padding);
  const { least, most } = school.rules.withersOver;
  return [
    { id: 'frontEven', value: deviation, least: -tolerance, most: tolerance },
    { id: 'withersOver', value: laid.value.loadedMm, least, most },
  ];
}

function sittingValues(ready: ReadyBody, { saddle, setup, rider }: NonNullable<PresentTree['chosen']>, school: School): FitValue[] {
  if (!ready.body.ok) return [];
  const body = ready.body.value;
  const question = { body, saddle, setup, rider, pose: 'resting' as const, strapPullN: school.engine.strapPullN };
  const sitting = sit(question, ready.bench(body, 'resting', school, CELL_MM.search));
  if (!sitting.ok || sitting.value.settled.state !== 'settled') return [];
  const judged = { body, saddle, setup, sitting: sitting.value, laid: laidFront(body, saddle, setup), ridden: null };
  const { rows } = judgeSitting(judged, school, ready.errorsOf(body, saddle, school));
  return TREE_CRITERIA.flatMap((id) => {
    const row = rows.find((r) => r.id === id);
    return row === undefined || row.value === null || row.verdict === 'noOpinion'
      ? []
      : [{ id, value: row.value, least: row.least, most: row.most }];
  });
}
