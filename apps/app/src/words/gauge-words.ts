import { lengthWords } from './person-unit';
import { HIGH_WITHERS_ACROSS_MM, type TrustedGauges, type WidthGauge } from '@fulcra/core';

export const GAUGE_WORDS: Readonly<Record<WidthGauge['id'], string>> = { upper: 'Upper gauge', lower: 'Lower gauge' };

export const TRUST_WORDS: Readonly<Record<TrustedGauges['because'], string>> = {
  shapeHigh: 'Trust the upper gauge: these withers are high by their shape.',
  shapeNotHigh: 'Trust the lower gauge: by their shape these withers are not high.',
  unknownWithers: 'The lower gauge, unless these withers are high: read their shape or trace the topline, and the pair follows.',
  highWithers: `Trust the upper gauge: these withers are under ${lengthWords(HIGH_WITHERS_ACROSS_MM)} at its first depth (default), so they are high.`,
  ordinaryWithers: 'Trust the lower gauge: it lies on the flank that the points rest on.',
  onlyOneReaches: 'Only one gauge reaches: trace further down for the other.',
  neitherReaches: 'The tracing ends above both gauges.',
};
