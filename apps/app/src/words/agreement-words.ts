import { type StationMeasurement } from '@fulcra/core';
import { type Tone } from './tone';

/** What the takes say together, and what to do next. */
export function agreementWords(front: StationMeasurement): readonly [Tone, string] {
  const { state, odd, pairs, technicalErrorMm, widestMm, otherScale } = front.agreement;
  const numberOf = (id: string): number => front.takes.find((t) => t.id === id)?.number ?? 0;
  if (state === 'none') return ['plain', 'No take yet. Three that agree make it sure.'];
  if (state === 'single') return ['lookOut', 'One take can be believed, not proved. Take the whole section again.'];
  if (state === 'differ') {
    const worst = pairs.reduce((a, b) => (b.widthMm + b.rmsMm > a.widthMm + a.rmsMm ? b : a));
    return [
      'bad',
      `Takes ${numberOf(worst.a)} and ${numberOf(worst.b)} differ by ${worst.widthMm.toFixed(0)} mm in width and ${worst.angleDeg.toFixed(1)}°. One more take settles which is right.`,
    ];
  }
  const agree = `${front.accepted.length} takes agree: widths within ${(widestMm ?? 0).toFixed(1)} mm of each other, error of measurement ${(technicalErrorMm ?? 0).toFixed(1)} mm.`;
  const first = odd[0];
  if (first !== undefined) {
    const { shiftedMm, lyingMm, turnDeg } = first.differsBy;
    const lean = Math.abs(turnDeg) > 1.5 ? ' It leans: was the curve centred on the spine and held straight down?' : '';
    return [
      'lookOut',
      `Take ${numberOf(first.id)} is the odd one out: it lies ${lyingMm.toFixed(1)} mm off what the others say together, ${shiftedMm.toFixed(1)} mm of it in shape; it is left out.${lean} Take it again. ${agree}`,
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

/** A word for one take in the strip. */
export function takeWords(front: StationMeasurement, id: string): readonly [Tone, string] {
  const odd = front.agreement.odd.find((o) => o.id === id);
  if (odd !== undefined) return ['bad', `${odd.differsBy.lyingMm.toFixed(0)} mm off`];
  if (front.agreement.accepted.includes(id)) return front.agreement.state === 'single' ? ['plain', 'alone'] : ['good', 'agrees'];
  return ['lookOut', 'differs'];
}
