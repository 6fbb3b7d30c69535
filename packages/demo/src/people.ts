import { type Appointment, type Contact, type Yard } from '@fulcra/contract';
import { demoId } from './ids';

export const CONTACT_IDS = { tamsin: demoId(501), morwen: demoId(502), coop: demoId(503), bench: demoId(504) } as const;
export const YARD_IDS = { skerry: demoId(511), holm: demoId(512), lighthouse: demoId(513) } as const;

const person = (id: string, name: string, mail: string, more: Partial<Contact> = {}): Contact => ({
  id,
  name,
  email: mail === '' ? '' : `${mail}@carrow.example`,
  phone: '',
  remind: true,
  note: '',
  ...more,
});

/** Owners, who pays, and the bench that mends: nobody of them is real. */
export const DEMO_CONTACTS: readonly Contact[] = [
  person(CONTACT_IDS.tamsin, 'Tamsin Oake', 'tamsin'),
  person(CONTACT_IDS.morwen, 'Morwen Hollin', 'morwen', { phone: '01 555 0142' }),
  person(CONTACT_IDS.coop, 'Island co-operative', 'office', { remind: false, note: 'Pays for the trekking string.' }),
  person(CONTACT_IDS.bench, 'Lanyon’s bench', 'bench', { remind: false, note: 'Mends trees and straps.' }),
];

/** Three yards of an island that is on no map. */
export const DEMO_YARDS: readonly Yard[] = [
  {
    id: YARD_IDS.skerry,
    name: 'Skerry farm',
    address: 'North strand',
    place: { lat: 50.012, lon: -7.41 },
    contactId: CONTACT_IDS.coop,
    note: '',
  },
  {
    id: YARD_IDS.holm,
    name: 'Holm meadows',
    address: '',
    place: { lat: 49.981, lon: -7.392 },
    contactId: CONTACT_IDS.morwen,
    note: 'Gate sticks.',
  },
  { id: YARD_IDS.lighthouse, name: 'Lighthouse field', address: '', place: { lat: 49.995, lon: -7.45 }, contactId: null, note: '' },
];

/** Who a horse belongs to and where it stands, by the demo's number of it. */
export const DEMO_KEPT: Readonly<Record<number, { readonly ownerId: string; readonly payerId: string | null; readonly yardId: string }>> = {
  1: { ownerId: CONTACT_IDS.coop, payerId: null, yardId: YARD_IDS.skerry },
  2: { ownerId: CONTACT_IDS.coop, payerId: null, yardId: YARD_IDS.skerry },
  4: { ownerId: CONTACT_IDS.morwen, payerId: null, yardId: YARD_IDS.holm },
  5: { ownerId: CONTACT_IDS.morwen, payerId: null, yardId: YARD_IDS.holm },
  7: { ownerId: CONTACT_IDS.tamsin, payerId: CONTACT_IDS.coop, yardId: YARD_IDS.lighthouse },
};

const planned = (number: number, horse: number, at: string, reason: Appointment['reason']): Appointment => ({
  id: demoId(520 + number),
  horseId: demoId(200 + horse),
  on: '2026-12-03',
  at,
  minutes: 60,
  reason,
  fitter: 'Isla Venn',
  state: 'planned',
  note: '',
});

/** One day with three yards, entered as people rang up and not as the road goes. */
export const DEMO_APPOINTMENTS: readonly Appointment[] = [
  planned(1, 5, '09:30', 'young'),
  planned(2, 1, '11:00', 'settledAdult'),
  planned(3, 7, '14:00', 'treeForecast'),
];
