import { type StepId } from '@fulcra/core';

/** What the main button says where a step is the next thing. */
export const STEP_WORDS: Readonly<Record<Exclude<StepId, 'tracings'>, string>> = {
  intake: 'Begin with horse and complaint',
  feel: 'Feel the back',
  shape: 'Read the shape',
  landmarks: 'Mark the landmarks',
};
