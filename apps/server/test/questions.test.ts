import { type DataSource, type Logger } from 'typeorm';
import { demoFitter } from './journeys';
import { type Running, type Visitor, startServer } from './running-server';

const WHOLE_VISIT = '019b8b1f-2400-7000-8000-000000000130';
let running: Running;
let fitter: Visitor;
const asked: string[] = [];
const listening: Logger = {
  logQuery: (question) => void asked.push(question),
  logQueryError: () => undefined,
  logQuerySlow: () => undefined,
  logSchemaBuild: () => undefined,
  logMigration: () => undefined,
  log: () => undefined,
};
beforeAll(async () => {
  running = await startServer();
  fitter = await demoFitter(running);
  (running.db as { logger: DataSource['logger'] }).logger = listening;
});
afterAll(() => running.stop());
beforeEach(() => void asked.splice(0));

/** Who asks is one of them. */
it.each([
  ['the page of a visit', `/api/visits/${WHOLE_VISIT}`, 5],
  ['the yard', '/api/horses', 2],
  ['the yard, further down', '/api/horses?from=1', 2],
  ['a search that fits on one page', '/api/horses?search=corrie', 2],
  ['a search that goes on', '/api/horses?search=e&limit=1', 3],
])('%s takes so many questions to the database, and no more', async (_, url, most) => {
  expect((await fitter.send('GET', url)).status).toBe(200);
  expect(asked).toHaveLength(most);
});
