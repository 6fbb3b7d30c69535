import { HorseEntity } from './horses/horse.entity';
import { YardSizeEntity } from './horses/yard-size';
import { PersonEntity, PracticeEntity } from './practice/practice.entity';
import { SaddleEntity } from './saddles/saddle.entity';
import { KnownDeviceEntity, SignInFailureEntity } from './platform/auth/sign-in.entity';
import { PracticeCounterEntity } from './platform/db/next-number';
import { SessionEntity } from './platform/auth/session.entity';
import { PhotoEntity, PieceEntity, SmallPhotoEntity } from './photos/photo.entity';
import { LeatherEntity, LeatherTakeEntity } from './leathers/leather.entity';
import { BinnedEntity } from './records/in-bin';
import { RiderEntity, RiderMeasuresEntity } from './riders/rider.entity';
import { GirthEntity, TackCheckEntity } from './tack/tack.entity';
import { AppointmentEntity } from './appointments/appointment.entity';
import { ContactEntity, YardEntity } from './contacts/contact.entity';
import { CalendarFeedEntity } from './calendar/feed.entity';
import { OrderEntity } from './orders/orders';
import { MailEntity } from './mail/mail.entity';
import { OwnerLinkEntity } from './owners/owner.entity';
import { OwnerWordEntity } from './owner-words/owner-word.entity';
import { FactEntity } from './visits/fact.entity';
import { DecisionEntity, TakeEntity, VisitEntity } from './visits/visit.entity';
import { PracticeSettingsEntity } from './practice/practice-settings';

const PEOPLE = [
  PracticeEntity,
  PracticeCounterEntity,
  PersonEntity,
  SessionEntity,
  SignInFailureEntity,
  KnownDeviceEntity,
  PracticeSettingsEntity,
  RiderEntity,
  RiderMeasuresEntity,
];
const TACK = [SaddleEntity, LeatherEntity, LeatherTakeEntity, GirthEntity, TackCheckEntity];
const VISITS = [VisitEntity, TakeEntity, FactEntity, PhotoEntity, PieceEntity, SmallPhotoEntity, DecisionEntity];

const OUTSIDE = [BinnedEntity, OrderEntity, CalendarFeedEntity, OwnerLinkEntity, OwnerWordEntity, MailEntity];

/** Every table of the database. */
export const ENTITIES = [
  ...PEOPLE,
  ContactEntity,
  YardEntity,
  HorseEntity,
  YardSizeEntity,
  AppointmentEntity,
  ...OUTSIDE,
  ...TACK,
  ...VISITS,
] as const;
