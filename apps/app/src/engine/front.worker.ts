import { type FrontQuestion, frontAnswerOf } from '@fulcra/core';
import { answerAsks } from './answer-asks';

self.onmessage = answerAsks({ front: (question: FrontQuestion) => frontAnswerOf(question) }, (said) => self.postMessage(said));
