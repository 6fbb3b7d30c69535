import { type DataSource } from 'typeorm';
import { demoScenario } from '@fulcra/demo';
import { horses } from '../horses/horse.repository';
import { hashPassword } from '../platform/auth/passwords';
import { practices } from '../practice/practice.repository';
import { riders } from '../riders/rider.repository';
import { saddles } from '../saddles/saddle.repository';
import { facts } from '../visits/fact.repository';
import { takes } from '../visits/take.repository';
import { visits } from '../visits/visit.repository';

/** Fills an empty database with the demo; leaves any other alone. @returns whether it did */
export async function seedDemo(db: DataSource): Promise<boolean> {
  if (!(await practices(db).isEmpty())) return false;
  const scenario = demoScenario();
  const { practiceId, personId } = scenario.account;
  await practices(db).addAccount({ ...scenario.account, passwordHash: await hashPassword(scenario.account.password) });
  for (const { id, ...saddle } of scenario.saddles) await saddles(db).put(practiceId, id, saddle);
  for (const { id, ...rider } of scenario.riders) await riders(db).put(practiceId, id, rider);
  for (const { id, horse } of scenario.horses) await horses(db).put(practiceId, id, horse);
  for (const { id, visit, takes: taken, facts: found, decision } of scenario.visits) {
    await visits(db).put(practiceId, personId, id, visit);
    for (const take of taken) await takes(db).add(practiceId, personId, id, take.id, take.take);
    for (const { id: factId, ...fact } of found) await facts(db).add(practiceId, personId, id, factId, fact);
    if (decision !== null) await visits(db).decide(practiceId, personId, id, decision);
  }
  return true;
}
