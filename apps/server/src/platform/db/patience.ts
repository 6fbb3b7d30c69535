import { type Pool, type PoolConnection } from 'mysql2';
import { type DataSource } from 'typeorm';

/** How long the server waits for its database; each a default. */
export interface Patience {
  /** For a free connection, ms: all are taken, or the database takes none. */
  readonly connectionMs: number;
  /** For the answer to one question, ms; then the database ends it itself. */
  readonly answerMs: number;
  /** For a database that doesn't even do that, ms; then the connection is given up with the question. */
  readonly hungMs: number;
  /** For another write's lock, s; then the write is begun again. */
  readonly lockS: number;
}
export const PATIENCE: Patience = { connectionMs: 10_000, answerMs: 15_000, hungMs: 20_000, lockS: 5 };

/** The code of the error where no connection came free in time. */
const NO_CONNECTION = 'FULCRA_NO_CONNECTION';
/** The driver's own word. */
const NO_ANSWER = 'PROTOCOL_SEQUENCE_TIMEOUT';
/** A question that took longer than it may. Source: MariaDB's error codes; the driver has no word for it. */
const ENDED_BY_THE_DATABASE = 1969;

/** Whether something was given up because the database took too long. */
export const ranOutOfPatience = ({ code, errno }: { readonly code?: string; readonly errno?: number }): boolean =>
  code === NO_CONNECTION || code === NO_ANSWER || errno === ENDED_BY_THE_DATABASE;

type Given = (error: NodeJS.ErrnoException | null, connection: PoolConnection) => void;
const none = undefined as unknown as PoolConnection;

/** Bounds the wait for a connection, and has each prepared before its first use. */
export function waitOnly(db: DataSource, patience: Patience): void {
  const { pool } = db.driver as unknown as { readonly pool: Pool };
  const get = pool.getConnection.bind(pool);
  const prepared = new WeakSet<PoolConnection>();
  pool.getConnection = (given: Given): void => {
    const first = onlyOnce(given, patience.connectionMs);
    get((error, connection) => {
      if (error || prepared.has(connection)) return first(error, connection);
      prepare(connection, patience, (failed) => {
        if (failed === null) prepared.add(connection);
        first(failed, connection);
      });
    });
  };
}

/** The first outcome counts: the connection, or that there was none in time; one that comes later goes back at once. */
function onlyOnce(given: Given, withinMs: number): Given {
  let late = false;
  const timer = setTimeout(() => {
    late = true;
    given(Object.assign(new Error(`no connection to the database in ${withinMs} ms`), { code: NO_CONNECTION }), none);
  }, withinMs);
  return (error, connection) => {
    clearTimeout(timer);
    if (!late) given(error, connection);
    else if (!error) connection.release();
  };
}

/** The database is told to end by itself what runs too long; where it hangs, the connection is cut, for what it says later belongs to nobody. */
function prepare(
  connection: PoolConnection,
  { answerMs, hungMs, lockS }: Patience,
  done: (failed: NodeJS.ErrnoException | null) => void,
): void {
  const ask = connection.query.bind(connection) as (...question: unknown[]) => unknown;
  const cutting = (...question: unknown[]): unknown => {
    const answered = question.pop() as (error: NodeJS.ErrnoException | null, ...answer: unknown[]) => void;
    return ask(...question, (error: NodeJS.ErrnoException | null, ...answer: unknown[]) => {
      if (error?.code === NO_ANSWER) connection.destroy();
      answered(error, ...answer);
    });
  };
  connection.query = cutting as PoolConnection['query'];
  const limits = `SET SESSION max_statement_time = ${answerMs / 1000}, innodb_lock_wait_timeout = ${lockS}`;
  cutting({ sql: limits, timeout: hungMs }, (error: NodeJS.ErrnoException | null) => done(error));
}
