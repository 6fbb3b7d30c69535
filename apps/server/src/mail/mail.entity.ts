import { type MAIL_KINDS } from '@fulcra/contract';
import { EntitySchema } from 'typeorm';
import { idColumn, json, keyColumn, text } from '../platform/db/id-column';

export interface Attachment {
  readonly name: string;
  readonly mediaType: string;
  /** As it is, or as base64 where it is no text. */
  readonly text: string;
  readonly encoding?: 'base64';
}
export interface MailRow {
  id: string;
  practiceId: string;
  kind: (typeof MAIL_KINDS)[number];
  to: string;
  subject: string;
  text: string;
  attachments: readonly Attachment[];
  /** `boxed`: lies in the letter box of the demo or of development, and was sent to nobody. */
  state: 'queued' | 'sent' | 'boxed' | 'given up';
  tries: number;
  madeAt: Date;
  nextTryAt: Date;
  sentAt: Date | null;
  problem: string;
  /** The process that is sending it, and until when nobody else does. */
  leaseOwner: string | null;
  leaseUntil: Date | null;
}
export const MailEntity = new EntitySchema<MailRow>({
  name: 'mail_out',
  columns: {
    id: keyColumn,
    practiceId: { ...idColumn, name: 'practice_id' },
    kind: text(20),
    to: { ...text(200), name: 'to_address' },
    subject: text(200),
    text: { type: 'longtext' },
    attachments: json(),
    state: text(20),
    tries: { type: 'int' },
    madeAt: { type: 'datetime', precision: 3, name: 'made_at' },
    nextTryAt: { type: 'datetime', precision: 3, name: 'next_try_at' },
    sentAt: { type: 'datetime', precision: 3, name: 'sent_at', nullable: true },
    problem: text(300),
    leaseOwner: { ...idColumn, name: 'lease_owner', nullable: true },
    leaseUntil: { type: 'datetime', precision: 3, name: 'lease_until', nullable: true },
  },
});
