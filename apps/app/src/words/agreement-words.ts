import { lengthWords } from './person-unit';
import { type LineTake, type StationMeasurement, type Take } from '@fulcra/core';
import { dayWords } from './measure-words';
import { type Tone } from './tone';

/** What the takes say together, and what to do next. */
export function agreementWords(front: StationMeasurement): readonly [Tone, string] {
  const { state, odd, pairs, technicalErrorMm, widestMm, otherScale } = front.agreement;
  const numberOf = (id: string): number => front.takes.find((t) => t.id === id)?.number ?? 0;
  const asLast = asOn(front.accepted[0]);
  if (asLast !== null)
    return ['lookOut', `As on ${dayWords(asLast)}, not measured today: everything that rests on it says so. A take puts it aside.`];
  if (state === 'none') return ['plain', 'No take yet. Three that agree make it sure.'];
  if (state === 'single') return ['lookOut', 'One take can be believed, not proved. Take the whole section again.'];
  if (state === 'differ') {
    const worst = pairs.reduce((a, b) => (b.widthMm + b.rmsMm > a.widthMm + a.rmsMm ? b : a));
    return [
      'bad',
      `Takes ${numberOf(worst.a)} and ${numberOf(worst.b)} differ by ${lengthWords(worst.widthMm.toFixed(0))} in width and ${worst.angleDeg.toFixed(1)}°. One more take settles which is right.`,
    ];
  }
  const agree = `${front.accepted.length} takes agree: widths within ${lengthWords((widestMm ?? 0).toFixed(1))} of each other, error of measurement ${lengthWords((technicalErrorMm ?? 0).toFixed(1))}.`;
  const first = odd[0];
  if (first !== undefined) {
    const { shiftedMm, lyingMm, turnDeg } = first.differsBy;
    const lean = Math.abs(turnDeg) > 1.5 ? ' It leans: was the curve centred on the spine and held straight down?' : '';
    return [
      'lookOut',
      `Take ${numberOf(first.id)} is the odd one out: it lies ${lengthWords(lyingMm.toFixed(1))} off what the others say together, ${lengthWords(shiftedMm.toFixed(1))} of it in shape; it is left out.${lean} Take it again. ${agree}`,
    ];
  }
  const scaled = otherScale[0];
  if (scaled !== undefined) {
    const share = Math.round(100 * Math.abs(scaled.ratio - 1));
    return [
      'lookOut',
      `${agree} But take ${numberOf(scaled.id)} is ${share} % ${scaled.ratio > 1 ? 'longer' : 'shorter'}: drawn ${scaled.ratio > 1 ? 'further' : 'less far'} down, or in another scale? Measure its bar.`,
    ];
  }
  return front.accepted.length >= 3 ? ['good', agree] : ['lookOut', `${agree} A third makes it sure.`];
}

/** The day that a take was said to be as on; null where it was taken. */
const asOn = (take: Take | LineTake | undefined): string | null => (take !== undefined && 'asLast' in take ? (take.asLast ?? null) : null);

/** A word for one take in the strip. */
export function takeWords(front: StationMeasurement, id: string): readonly [Tone, string] {
  if (asOn(front.accepted.find((t) => t.id === id)) !== null) return ['lookOut', 'as last time'];
  const odd = front.agreement.odd.find((o) => o.id === id);
  if (odd !== undefined) return ['bad', `${lengthWords(odd.differsBy.lyingMm.toFixed(0))} off`];
  if (front.agreement.accepted.includes(id)) return front.agreement.state === 'single' ? ['plain', 'alone'] : ['good', 'agrees'];
  return ['lookOut', 'differs'];
}
