import { type Report } from '@fulcra/contract';
import { sectionChange } from '@fulcra/core';
import { OWNER_PHRASES } from '../words/owner-phrases';
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
  const { visit, decision, due } = report;
  const parts: (ReportPart | null)[] = [
    visit === null || visit.said === '' ? null : part(OWNER_PHRASES.fitterSays, visit.said.split('\n')),
    visit === null
      ? null
      : part(OWNER_PHRASES.whatWasFound, [...visit.ride.takenBack.map(takenBackWords), ...visit.ride.caveats.map(caveatWords)]),
    decision === null ? null : part(OWNER_PHRASES.howItLies, [OWNER_PHRASES.nearLeft], 'decided'),
    decision === null ? null : part(OWNER_PHRASES.decided, decision.reasons.split('\n')),
    visit === null || visit.watchFor === ''
      ? null
      : part(
          OWNER_PHRASES.watchFor,
          visit.watchFor.split('\n').map((l) => `○ ${l}`),
        ),
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

const tackLines = ({ tack }: Report): string[] =>
  tack.length === 0
    ? [OWNER_PHRASES.tackNone]
    : tack.map((t) =>
        t.state === 'unsafe'
          ? OWNER_PHRASES.heldTack(t.name, t.holds.map((h) => spotWords(h).toLowerCase()).join('; '))
          : OWNER_PHRASES.tackLine(
              t.name,
              t.lastLookOn === null
                ? TACK_STATE_WORDS[t.state]
                : `${TACK_STATE_WORDS[t.state]}, ${OWNER_PHRASES.lookedAt(dayWords(t.lastLookOn))}`,
            ),
      );

function changePart({ outlines }: Report): ReportPart | null {
  const [first, last] = [outlines[0], outlines.at(-1)];
  if (first === undefined || last === undefined || first === last) return null;
  const change = sectionChange(asSection(first.section), asSection(last.section));
  const words = [changeInPlainWords(first.on, last.on, change), OWNER_PHRASES.firstDashed(dayWords(first.on), dayWords(last.on))];
  return part(OWNER_PHRASES.change, words, 'change');
}
