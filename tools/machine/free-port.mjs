import { createServer } from 'node:net';

/** A port nobody listens on: the wished one if it is free, else any. */
export function freePort(wished = 0) {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', () => (wished === 0 ? reject(new Error('no free port')) : freePort(0).then(resolve, reject)));
    probe.listen(wished, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}
