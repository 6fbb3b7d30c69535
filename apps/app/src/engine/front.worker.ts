import { frontAnswerOf } from '@fulcra/core';
import { type Answered, type Asked } from './front-protocol';

self.onmessage = ({ data }: MessageEvent<Asked>) => {
  const reply = (answered: Answered): void => self.postMessage(answered);
  try {
    reply({ id: data.id, ok: true, answer: frontAnswerOf(data.question) });
  } catch (error) {
    reply({ id: data.id, ok: false, message: error instanceof Error ? error.message : String(error) });
  }
};
