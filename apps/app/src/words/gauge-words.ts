import { HIGH_WITHERS_ACROSS_MM, type TrustedGauges, type WidthGauge } from '@fulcra/core';

export const GAUGE_WORDS: Readonly<Record<WidthGauge['id'], string>> = { upper: 'Upper gauge', lower: 'Lower gauge' };

export const TRUST_WORDS: Readonly<Record<TrustedGauges['because'], string>> = {
  highWithers: `Trust the upper gauge: these withers are under ${HIGH_WITHERS_ACROSS_MM} mm at its first depth (default), so they are high.`,
  ordinaryWithers: 'Trust the lower gauge: it lies on the flank that the points rest on.',
  onlyOneReaches: 'Only one gauge reaches: trace further down for the other.',
  neitherReaches: 'The tracing ends above both gauges.',
};
