/** How serious a sentence is. */
export type Tone = 'good' | 'lookOut' | 'bad' | 'plain';

/** Shape goes with colour, so that neither is needed alone. */
export const MARK: Readonly<Record<Tone, string>> = { good: '●', lookOut: '◆', bad: '▲', plain: '○' };
