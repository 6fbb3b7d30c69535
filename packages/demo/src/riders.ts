import { type Rider } from '@fulcra/contract';
import { demoId } from './ids';

export const RIDER_IDS = { tamsin: demoId(401), wren: demoId(402) } as const;

/** Two riders of invented names; their leg measures come with the stirrup leathers. */
export const DEMO_RIDERS: readonly Rider[] = [
  { id: RIDER_IDS.tamsin, name: 'Tamsin Oake', heightMm: 1780, weightKg: 84, note: 'Rides the big ones; stiff right hip.' },
  { id: RIDER_IDS.wren, name: 'Wren Hollin', heightMm: 1640, weightKg: 58, note: 'Distances; likes a longer leather on the flat.' },
];
