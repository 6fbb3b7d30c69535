import { type Mail } from '@fulcra/contract';
import { addMinutes } from 'date-fns';
import { type DataSource } from 'typeorm';
import { v7 } from 'uuid';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type Attachment, MailEntity, type MailRow } from './mail.entity';

/** What became of a letter that was taken. */
export type Delivered = 'sent' | 'boxed';
/** Hands a letter on. Throws where it isn't taken. */
export type Deliver = (letter: Pick<MailRow, 'id' | 'practiceId' | 'to' | 'subject' | 'text' | 'attachments'>) => Promise<Delivered>;

/** A mail server said that this letter will never be taken: there is no use in trying again. */
export class NeverTaken extends Error {}

/** Minutes until it is tried again after each failure; after the last it is given up, and said (default). */
const WAITS_MIN = [1, 5, 15, 60, 180, 360, 720, 1440, 1440] as const;
const MOST_AT_ONCE = 20;
const MOST_PROBLEM = 300;
/** A letter is its process's own for so long: longer than a mail server may take (see `smtp`), so that one killed meanwhile holds it up no longer. */
const LEASED_MIN = 3;

interface Letter {
  readonly kind: MailRow['kind'];
  readonly to: string;
  readonly subject: string;
  readonly text: string;
  readonly attachments: readonly Attachment[];
}

/** Letters wait in the database until a mail server has taken them: one that is down costs time, and nothing else. */
export interface PostOffice {
  queue(practiceId: string, letter: Letter, now: Date): Promise<Mail>;
  list(practiceId: string): Promise<Mail[]>;
  /** One that was given up is queued once more. */
  again(practiceId: string, id: string, now: Date): Promise<Mail>;
  /** Sends what is due, one after the other. @returns how many were taken */
  sendDue(deliver: Deliver, now: Date): Promise<number>;
}

const sentOut = ({
  practiceId: _,
  text: __,
  attachments: ___,
  leaseOwner: ____,
  leaseUntil: _____,
  madeAt,
  nextTryAt,
  sentAt,
  ...mail
}: MailRow): Mail => ({
  ...mail,
  madeAt: madeAt.toISOString(),
  nextTryAt: nextTryAt.toISOString(),
  sentAt: sentAt?.toISOString() ?? null,
});

export function postOffice(db: DataSource): PostOffice {
  const table = db.getRepository(MailEntity);
  const find = async (practiceId: string, id: string): Promise<MailRow> => {
    const row = await table.findOneBy({ id, practiceId });
    if (row === null) throw new FulcraError('NOT_FOUND');
    return row;
  };
  return {
    queue: async (practiceId, letter, now) => {
      const row: MailRow = {
        ...{ id: v7(), practiceId, ...letter, state: 'queued', tries: 0 },
        ...{ madeAt: now, nextTryAt: now, sentAt: null, problem: '', leaseOwner: null, leaseUntil: null },
      };
      await table.insert(row);
      return sentOut(row);
    },
    list: async (practiceId) =>
      (await table.find({ where: { practiceId }, order: { madeAt: 'DESC', id: 'DESC' }, take: 200 })).map(sentOut),
    again: async (practiceId, id, now) => {
      const row = await find(practiceId, id);
      if (row.state === 'given up') await table.update({ id }, { state: 'queued', tries: 0, nextTryAt: now });
      return sentOut(await find(practiceId, id));
    },
    sendDue: async (deliver, now) => {
      let taken = 0;
      for (let i = 0; i < MOST_AT_ONCE; i++) {
        const row = await leased(db, now);
        if (row === null) break;
        if (await tryOne(db, row, deliver, now)) taken++;
      }
      return taken;
    },
  };
}

/** The next letter that is due, this process's own until it is sent or the lease runs out; null where there is none. */
async function leased(db: DataSource, now: Date): Promise<MailRow | null> {
  const lease = v7();
  await db.query(
    `UPDATE mail_out SET lease_owner = ?, lease_until = ?
      WHERE state = 'queued' AND next_try_at <= ? AND (lease_until IS NULL OR lease_until <= ?)
      ORDER BY next_try_at, id LIMIT 1`,
    [lease, addMinutes(now, LEASED_MIN), now, now],
  );
  return db.getRepository(MailEntity).findOneBy({ leaseOwner: lease });
}

async function tryOne(db: DataSource, row: MailRow, deliver: Deliver, now: Date): Promise<boolean> {
  const table = db.getRepository(MailEntity);
  const free = { leaseOwner: null, leaseUntil: null };
  const ours = { id: row.id, leaseOwner: row.leaseOwner! };
  try {
    const state = await deliver(row);
    await table.update(ours, { ...free, state, sentAt: state === 'sent' ? now : null, tries: row.tries + 1, problem: '' });
    return true;
  } catch (error) {
    const wait = error instanceof NeverTaken ? undefined : WAITS_MIN[row.tries];
    await table.update(ours, {
      ...free,
      tries: row.tries + 1,
      problem: (error instanceof Error ? error.message : String(error)).slice(0, MOST_PROBLEM),
      ...(wait === undefined ? { state: 'given up' as const } : { nextTryAt: addMinutes(now, wait) }),
    });
    return false;
  }
}
