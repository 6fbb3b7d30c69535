import { type WorkerAsk, type WorkerReply } from './worker-client';

/** How a kind of question is answered: at once, or step by step, each step telling how far it is. */
export type Answering = Readonly<Record<string, (ask: never) => unknown>>;

/** How far it is, is told no more often than this, ms. */
const TELL_EVERY_MS = 60;

/** The worker's side of the one protocol. A question that throws is answered with why. */
export function answerAsks(answering: Answering, reply: (said: WorkerReply) => void): (event: MessageEvent<WorkerAsk>) => void {
  return ({ data: { id, kind, ask } }) => {
    try {
      const answer = answering[kind];
      if (answer === undefined) throw new Error(`this worker has no answer to ${kind}`);
      const said = answer(ask as never);
      reply({ id, state: 'done', answer: isJob(said) ? finished(said, (progress) => reply({ id, state: 'progress', progress })) : said });
    } catch (error) {
      reply({ id, state: 'failed', message: error instanceof Error ? error.message : String(error) });
    }
  };
}

const isJob = (said: unknown): said is Generator<unknown, unknown> => said instanceof Object && Symbol.iterator in said && 'next' in said;

function finished(job: Generator<unknown, unknown>, tell: (progress: unknown) => void): unknown {
  let toldAt = 0;
  for (let step = job.next(); ; step = job.next()) {
    if (step.done) return step.value;
    if (performance.now() - toldAt < TELL_EVERY_MS) continue;
    toldAt = performance.now();
    tell(step.value);
  }
}
