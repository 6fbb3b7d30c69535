import { type Report, type ReportTack } from '@fulcra/contract';
import { sectionChange } from '@fulcra/core';
import { OWNER_PHRASES } from '../words/owner-phrases';
import { chosenLines, complaintLines, holesLines } from '../words/chosen-words';
import { dueWords, forecastWords } from '../words/due-words';
import { dayWords } from '../words/measure-words';
import { changeInPlainWords, reportHeadline } from '../words/report-words';
import { caveatWords, takenBackWords } from '../words/ride-words';
import { TACK_STATE_WORDS, spotWords } from '../words/tack-words';
import { asSection } from '../drawings/as-section';

/** One part of a report: a heading with paragraphs, and the drawing that belongs to it. */
export interface ReportPart {
  readonly title: string;
  readonly lines: readonly string[];
  readonly drawing: 'decided' | 'change' | null;
}

/** A report as it is read: the same on the screen, on paper, in the PDF and behind the link. */
export function reportParts(report: Report, today: string): { readonly headline: string; readonly parts: ReportPart[] } {
  const { visit, decision, due, saddle } = report;
  const parts: (ReportPart | null)[] = [
    visit === null || visit.said === '' ? null : part(OWNER_PHRASES.fitterSays, visit.said.split('\n')),
    visit === null ? null : part(OWNER_PHRASES.complaints, complaintLines(visit.complaints)),
    visit === null
      ? null
      : part(OWNER_PHRASES.whatWasFound, [...visit.ride.takenBack.map(takenBackWords), ...visit.ride.caveats.map(caveatWords)]),
    decision === null ? null : part(OWNER_PHRASES.howItLies, [OWNER_PHRASES.nearLeft], 'decided'),
    part(OWNER_PHRASES.decided, [
      ...chosenLines(report.chosen),
      ...(saddle === null || saddle.decidedHere ? [] : [OWNER_PHRASES.stillIn(saddle.name, dayWords(saddle.since))]),
      ...holesLines(report.holes),
    ]),
    visit === null || visit.watchFor === '' ? null : part(OWNER_PHRASES.watchFor, visit.watchFor.split('\n')),
    part(OWNER_PHRASES.tack, tackLines(report)),
    changePart(report),
    due === null ? null : part(OWNER_PHRASES.next, [dueWords(due, today), ...(due.forecast === null ? [] : [forecastWords(due.forecast)])]),
  ];
  return {
    headline: reportHeadline(report),
    parts: parts.filter((p): p is ReportPart => p !== null && (p.lines.length > 0 || p.drawing !== null)),
  };
}

const part = (title: string, lines: readonly string[], drawing: ReportPart['drawing'] = null): ReportPart => ({
  title,
  lines: lines.map((l) => l.trim()).filter((l) => l !== ''),
  drawing,
});

const tackLines = ({ tack }: Report): string[] => (tack.length === 0 ? [OWNER_PHRASES.tackNone] : tack.map((t) => tackLine(t)));

function tackLine(t: ReportTack): string {
  if (t.holds.length > 0) return OWNER_PHRASES.heldTack(t.name, t.holds.map((h) => spotWords(h).toLowerCase()).join('; '));
  if (t.fell) return OWNER_PHRASES.fellTack(t.name);
  if (t.lastLookOn === null) return OWNER_PHRASES.tackLine(t.name, TACK_STATE_WORDS[t.state]);
  if (t.state === 'lapsed') return OWNER_PHRASES.lapsedTack(t.name, dayWords(t.lastLookOn));
  const looked = `${TACK_STATE_WORDS[t.state]}, ${OWNER_PHRASES.lookedAt(dayWords(t.lastLookOn))}`;
  return OWNER_PHRASES.tackLine(t.name, t.lastsTo === null ? looked : OWNER_PHRASES.untilTack(looked, dayWords(t.lastsTo)));
}

function changePart({ outlines, due }: Report): ReportPart | null {
  const [first, last] = [outlines[0], outlines.at(-1)];
  if (first === undefined || last === undefined || first === last) return null;
  const change = sectionChange(asSection(first.section), asSection(last.section));
  const words = [
    changeInPlainWords(first.on, last.on, change, due?.forecast?.code === 'leaves' || due?.forecast?.code === 'alreadyOut'),
    OWNER_PHRASES.firstDashed(dayWords(first.on), dayWords(last.on)),
  ];
  return part(OWNER_PHRASES.change, words, 'change');
}
