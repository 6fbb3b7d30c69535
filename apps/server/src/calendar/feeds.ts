import { PRACTICE_DEFAULTS } from '@fulcra/contract';
import { type DataSource } from 'typeorm';
import { hashOf, linkSecret } from '../platform/auth/secrets';
import { type SignedIn } from '../platform/auth/session.repository';
import { FulcraError } from '../platform/errors/fulcra-error';
import { PersonEntity, PracticeEntity } from '../practice/practice.entity';
import { AppointmentEntity } from '../appointments/appointment.entity';
import { type Collections } from '../stores/collections';
import { CalendarFeedEntity } from './feed.entity';
import { type NamedAppointment, calendarOf } from './ics';

/** A calendar as a file that goes with a letter. */
interface CalendarFile {
  readonly name: string;
  readonly mediaType: string;
  readonly text: string;
}

/** A fitter's calendar for other programs, under a secret address that can be taken back. */
export interface Feeds {
  /** A new secret; the one before opens nothing any more. */
  renew(who: SignedIn, now: Date): Promise<string>;
  revoke(who: SignedIn): Promise<void>;
  /** @throws LINK_UNKNOWN */
  read(token: string, now: Date): Promise<string>;
  one(practiceId: string, appointmentId: string, now: Date): Promise<string>;
  asAttachment(practiceId: string, appointmentId: string): Promise<CalendarFile>;
}

export function feeds(db: DataSource, stores: Collections): Feeds {
  const table = db.getRepository(CalendarFeedEntity);
  const named = async (practiceId: string): Promise<NamedAppointment[]> => {
    const all = await db.getRepository(AppointmentEntity).find({ where: { practiceId }, order: { id: 'ASC' } });
    const horses = new Map((await stores.horse.list(practiceId)).map((h) => [h.id, h]));
    const yards = new Map((await stores.yard.list(practiceId)).map((y) => [y.id, y]));
    return all.map((a) => {
      const horse = horses.get(a.horseId);
      const yard = horse?.yardId == null ? undefined : yards.get(horse.yardId);
      return {
        ...a,
        revision: a.revision ?? 0,
        horseName: horse?.name ?? '',
        place: [yard?.name, yard?.address].filter(Boolean).join(', '),
      };
    });
  };
  const zoneOf = async (practiceId: string): Promise<string> =>
    ((await stores.practiceSettings.list(practiceId))[0] ?? PRACTICE_DEFAULTS).timeZone;
  const one = async (practiceId: string, id: string, now: Date): Promise<string> => {
    const found = (await named(practiceId)).find((a) => a.id === id);
    if (found === undefined) throw new FulcraError('NOT_FOUND');
    return calendarOf(found.horseName, [found], await zoneOf(practiceId), now);
  };
  return {
    renew: async ({ practiceId, personId }, now) => {
      const token = linkSecret();
      await table.delete({ personId });
      await table.insert({ tokenHash: hashOf(token), practiceId, personId, madeAt: now });
      return token;
    },
    revoke: async ({ personId }) => void (await table.delete({ personId })),
    read: async (token, now) => {
      const feed = await table.findOneBy({ tokenHash: hashOf(token) });
      if (feed === null) throw new FulcraError('LINK_UNKNOWN');
      const person = await db.getRepository(PersonEntity).findOneByOrFail({ id: feed.personId });
      const practice = await db.getRepository(PracticeEntity).findOneByOrFail({ id: feed.practiceId });
      const own = (await named(feed.practiceId)).filter((a) => a.fitter === person.name);
      return calendarOf(`${practice.name}: ${person.name}`, own, await zoneOf(feed.practiceId), now);
    },
    one,
    asAttachment: async (practiceId, id) => ({
      name: 'visit.ics',
      mediaType: 'text/calendar',
      text: await one(practiceId, id, new Date()),
    }),
  };
}
