/** How serious a sentence is. */
export type Tone = 'good' | 'lookOut' | 'bad' | 'plain';
