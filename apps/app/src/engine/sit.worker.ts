import { JOBS, QUICK, ReadyBody } from '@fulcra/core';
import { type SitMessage, type SitReply } from './sit-protocol';

/** The horse that is being fitted; a worker serves one at a time. */
let ready: { readonly key: string; readonly body: ReadyBody } | null = null;
/** A job tells how far it is no more often than this, ms. */
const TELL_EVERY_MS = 60;

const reply = (message: SitReply): void => self.postMessage(message);

self.onmessage = ({ data }: MessageEvent<SitMessage>) => {
  if (data.kind === 'body') {
    ready = { key: data.key, body: new ReadyBody(data.input) };
    return;
  }
  try {
    if (ready === null || ready.key !== data.key) throw new Error('the horse was not sent before the question');
    if (data.kind in QUICK) {
      const answer = QUICK[data.kind as keyof typeof QUICK](ready.body, data.ask as never);
      reply({ id: data.id, state: 'done', answer });
    } else run(data.id, JOBS[data.kind as keyof typeof JOBS](ready.body, data.ask as never));
  } catch (error) {
    reply({ id: data.id, state: 'failed', message: error instanceof Error ? error.message : String(error) });
  }
};

function run(id: number, job: Generator<unknown, unknown>): void {
  let toldAt = 0;
  let step = job.next();
  while (!step.done) {
    if (performance.now() - toldAt > TELL_EVERY_MS) {
      toldAt = performance.now();
      reply({ id, state: 'progress', progress: step.value });
    }
    step = job.next();
  }
  reply({ id, state: 'done', answer: step.value });
}
