import { type DecisionWrite, type Saddle } from '@fulcra/contract';
import {
  type MeasuredVisit,
  type TriedOnVisit,
  archOfSetting,
  bodyFrom,
  bodyInputOf,
  describedOf,
  judgeFront,
  laidFront,
  neutralWidth,
  sinkOfSchool,
  sinkOfSetting,
} from '@fulcra/core';
import { type LoadedVisit } from '../../visit';
import { criterionName } from '../../words/criterion-words';
import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { momentNow } from '../../platform/clock';
import { setupLine } from '../../words/setup-words';
import { unmeasuredSentence } from '../../words/saddle-measure-words';

/** What a chosen setting decides for this visit: the arch of the saddle in that setting; null where there is no front to lay it on. */
export function decisionOfChoice(
  { page, measured, schools }: Pick<LoadedVisit, 'page' | 'measured' | 'schools'>,
  saddle: Saddle,
  tried: TriedOnVisit,
): DecisionWrite | null {
  const front = frontOf(measured);
  const input = bodyInputOf(measured, page.facts);
  const body = bodyFrom(input);
  const described = describedOf(saddle);
  const setting = saddle.front.settings[tried.setup.width];
  const school = schools.of(tried.schoolId);
  if (school === null) return null;
  const { setup, rider } = tried;
  const sink = sinkOfSetting(input, school, { saddle: described, setup, rider }) ?? sinkOfSchool(school, setup.pad.thicknessMm);
  const laid = body.ok ? laidFront(body.value, described, tried.setup, sink) : null;
  if (front === null || setting === undefined || laid === null) return null;
  const arch = archOfSetting(saddle.front, setting, tried.setup.shape);
  const verdict = judgeFront(laid, school, front.takenAtMm);
  return {
    decidedAt: momentNow(),
    triedId: tried.id,
    saddleId: saddle.id,
    settingLabel: setting.label,
    shape: arch.shape,
    ...neutralWidth(arch),
    pointLengthMm: arch.pointLengthMm,
    crownZMm: laid.crownZMm,
    verdict: verdict.code,
    widthsOff: verdict.widthsOff,
    reasons: reasonsOf(saddle, tried),
    schoolId: tried.schoolId,
    schoolVersion: tried.schoolVersion,
    coreVersion: tried.coreVersion,
    takenAtMm: front.takenAtMm,
    section: front.section.points.map((p) => ({ yMm: p.yMm, zMm: p.zMm })),
  };
}

function frontOf({ sections }: MeasuredVisit) {
  const { consensus, takenAtMm } = sections.front;
  return consensus === null ? null : { section: consensus, takenAtMm };
}

/** What was said of the setting when it was tried, in a sentence for the record. */
function reasonsOf(saddle: Saddle, tried: TriedOnVisit): string {
  const names = (rows: TriedOnVisit['missed']): string => rows.map((m) => criterionName(m.id).toLowerCase()).join(', ');
  const stops = tried.missed.filter((m) => m.stops);
  const said =
    stops.length > 0
      ? FIT_ROOM_PHRASES.chosenThoughRefused(names(stops))
      : FIT_ROOM_PHRASES.chosenFor(tried.score.toFixed(0), tried.missed.length === 0 ? '' : names(tried.missed.slice(0, 3)));
  return [`${setupLine(describedOf(saddle), tried.setup)}. ${said}`, ...unmeasuredSentence(saddle)].join(' ');
}
