import { type BodyInput, JOBS, QUICK, ReadyBody } from '@fulcra/core';
import { answerAsks } from './answer-asks';

/** The horse that is being fitted; a worker serves one. */
let ready: ReadyBody | null = null;

function horse(): ReadyBody {
  if (ready === null) throw new Error('the horse was not sent before the question');
  return ready;
}

const aboutTheHorse = Object.entries({ ...QUICK, ...JOBS }).map(
  ([kind, answer]) => [kind, (ask: never) => (answer as (body: ReadyBody, ask: never) => unknown)(horse(), ask)] as const,
);

self.onmessage = answerAsks(
  {
    body: (input: BodyInput) => {
      ready = new ReadyBody(input);
    },
    ...Object.fromEntries(aboutTheHorse),
  },
  (said) => self.postMessage(said),
);
