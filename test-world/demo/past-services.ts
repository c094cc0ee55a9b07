import { DAY_MS, MINUTE_MS } from '@cadre/core/time';
import { v7 as newId } from 'uuid';
import type { PastWorld } from './past';

const EVERY_DAYS = 14;
/** Bikes nobody got round to on the last two: something of theirs is overdue this morning. */
const LEFT = new Set(['Q07', 'Q23', 'Q36', 'H02', 'H11']);
const LEFT_FOR_DAYS = 3 * EVERY_DAYS;

/** Every other week an afternoon of services: what falls due before the next one is done. */
export async function serviceAfternoon(world: PastWorld, daysAgo: number, from: number): Promise<void> {
  if (daysAgo % EVERY_DAYS !== 5) return;
  const { services, actors } = world;
  let at = from;
  for (const bike of world.bikes) {
    const bikeId = world.bikeIds.get(bike.tag) ?? '';
    if (daysAgo < LEFT_FOR_DAYS && LEFT.has(bike.tag)) continue;
    at += MINUTE_MS;
    world.at(at);
    for (const { key, dueAt } of (await services.bikeServices.ofBike(actors.tomas, bikeId)).services)
      if (dueAt !== null && dueAt < at + (EVERY_DAYS + 5) * DAY_MS)
        await services.bikeServices.done(actors.tomas, bikeId, key, { id: newId(), note: '', at });
  }
}
