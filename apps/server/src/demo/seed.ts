import { createHash } from 'node:crypto';
import { PHOTO_PIECE_BYTES } from '@fulcra/contract';
import { type DataSource } from 'typeorm';
import { type DemoScenario, demoScenario } from '@fulcra/demo';
import { collections } from '../stores/collections';
import { pngOf } from './png';
import { hashPassword } from '../platform/auth/passwords';
import { type SignedIn } from '../platform/auth/session.repository';
import { practices } from '../practice/practice.repository';

/** Fills an empty database with the demo; leaves any other alone. @returns whether it did */
export async function seedDemo(db: DataSource): Promise<boolean> {
  if (!(await practices(db).isEmpty())) return false;
  const scenario = demoScenario();
  await practices(db).addAccount({ ...scenario.account, passwordHash: await hashPassword(scenario.account.password) });
  await fillDemo(db, scenario);
  return true;
}

/** Puts all that the demo begins with into its practice, which has nothing yet. */
export async function fillDemo(db: DataSource, scenario: DemoScenario): Promise<void> {
  const { practiceId, personId } = scenario.account;
  const who = {
    practiceId,
    personId,
    practiceName: scenario.account.practiceName,
    personName: scenario.account.personName,
    csrfToken: '',
    sealKey: '',
  };
  const stores = collections(db);
  for (const { id, ...saddle } of scenario.saddles) await stores.saddle.put(who, id, saddle);
  for (const { id, ...rider } of scenario.riders) await stores.rider.put(who, id, rider);
  for (const { id, ...taken } of scenario.riderMeasures) await stores.riderMeasures.put(who, id, taken);
  for (const { id, ...leather } of scenario.leathers) await stores.leather.put(who, id, leather);
  for (const { id, ...take } of scenario.leatherTakes) await stores.leatherTake.put(who, id, take);
  for (const { id, ...girth } of scenario.girths) await stores.girth.put(who, id, girth);
  for (const { id, ...check } of scenario.tackChecks) await stores.tackCheck.put(who, id, check);
  for (const { id, ...contact } of scenario.contacts) await stores.contact.put(who, id, contact);
  for (const { id, ...yard } of scenario.yards) await stores.yard.put(who, id, yard);
  for (const { id, horse } of scenario.horses) await stores.horse.put(who, id, horse);
  for (const { id, ...planned } of scenario.appointments) await stores.appointment.put(who, id, planned);
  for (const { id, visit, takes: taken, facts: found, decision } of scenario.visits) {
    const begun = { ...visit, status: 'open' as const, result: null };
    await stores.visit.put(who, id, begun);
    for (const take of taken) await stores.takes.add(who, id, take.id, take.take);
    for (const { id: factId, ...fact } of found) await stores.facts.add(who, id, factId, fact);
    if (decision !== null) await stores.decisions.add(who, id, id, decision);
    await addPhotos(
      stores,
      who,
      scenario.photos.filter((p) => p.visitId === id),
    );
    await stores.visit.put(who, id, { ...visit, was: begun });
  }
  for (const { id, ...order } of scenario.orders) await stores.order.put(who, id, order);
}

type Stores = ReturnType<typeof collections>;

/** The demo's photos of a visit, whole. */
async function addPhotos(stores: Stores, who: SignedIn, photos: DemoScenario['photos']): Promise<void> {
  for (const { id, visitId, draw, ...photo } of photos) {
    const picture = pngOf(draw());
    const sha256 = createHash('sha256').update(picture).digest('hex');
    await stores.photos.announce(who, { visitId }, id, { ...photo, mediaType: 'image/png', bytes: picture.length, sha256 });
    for (let from = 0; from < picture.length; from += PHOTO_PIECE_BYTES)
      await stores.photos.addPiece(who.practiceId, { visitId }, id, { from, content: picture.subarray(from, from + PHOTO_PIECE_BYTES) });
  }
}
