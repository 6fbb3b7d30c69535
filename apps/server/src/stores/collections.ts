import { PHOTO_QUOTA_BYTES } from '@fulcra/contract';
import { type DataSource } from 'typeorm';
import { horses } from '../horses/horses';
import { photos } from '../photos/photo.repository';
import { practiceSettings } from '../practice/practice-settings';
import { leatherTakes, leathers } from '../leathers/leathers';
import { binned } from '../bin/binned';
import { riderMeasures } from '../riders/rider-measures';
import { riders } from '../riders/riders';
import { saddles } from '../saddles/saddles';
import { girths, tackChecks } from '../tack/tack-checks';
import { appointments } from '../appointments/appointments';
import { contacts, yards } from '../contacts/contacts';
import { orders } from '../orders/orders';
import { ownerWords } from '../owner-words/owner-words';
import { decisions } from '../visits/decisions';
import { facts } from '../visits/facts';
import { takes } from '../visits/takes';
import { visits } from '../visits/visits';

/** Everything a practice keeps. @param photoQuotaBytes the room for all its photos */
export const collections = (db: DataSource, photoQuotaBytes = PHOTO_QUOTA_BYTES) => ({
  horse: horses(db),
  binned: binned(db),
  rider: riders(db),
  riderMeasures: riderMeasures(db),
  leather: leathers(db),
  leatherTake: leatherTakes(db),
  saddle: saddles(db),
  girth: girths(db),
  tackCheck: tackChecks(db),
  contact: contacts(db),
  yard: yards(db),
  appointment: appointments(db),
  order: orders(db),
  ownerWord: ownerWords(db),
  visit: visits(db),
  practiceSettings: practiceSettings(db),
  takes: takes(db),
  facts: facts(db),
  decisions: decisions(db),
  photos: photos(db, photoQuotaBytes),
});
export type Collections = ReturnType<typeof collections>;
