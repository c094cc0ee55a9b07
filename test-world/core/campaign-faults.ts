import type { CampaignPlan, CampaignProblem } from '@cadre/core/campaign';

/** What is wrong with a plan of a campaign, told by somebody who knows nothing of how it was made. */
export function campaignFaults(problem: CampaignProblem, plan: CampaignPlan): readonly string[] {
  const faults: string[] = [];
  const bikes = new Map(problem.bikes.map((bike) => [bike.id, bike]));
  const people = new Map(problem.people.map((person) => [person.id, person]));
  const byPerson = new Map<string, number>();
  const byDay = new Map<string, number>();
  const seen = new Set<string>();
  for (const { bikeId, day, personId } of plan.slots) {
    const bike = bikes.get(bikeId);
    const person = people.get(personId);
    if (!bike || !person) {
      faults.push(`${bikeId} or ${personId} is no part of it`);
      continue;
    }
    if (seen.has(bikeId)) faults.push(`${bikeId} is done twice`);
    seen.add(bikeId);
    if (!problem.days.includes(day)) faults.push(`${day} is no day of it`);
    if (person.away.includes(day)) faults.push(`${personId} is away on ${day}`);
    if (bike.partsOn !== null && day < bike.partsOn) faults.push(`${bikeId} has no parts on ${day}`);
    byPerson.set(`${personId} ${day}`, (byPerson.get(`${personId} ${day}`) ?? 0) + bike.minutes);
    byDay.set(day, (byDay.get(day) ?? 0) + bike.minutes);
  }
  for (const [key, minutes] of byPerson)
    if (minutes > (people.get(key.split(' ')[0] ?? '')?.minutes ?? 0)) faults.push(`${key}: ${minutes} min`);
  for (const [day, minutes] of byDay)
    if (minutes > problem.stands * problem.standMinutes) faults.push(`${day}: ${minutes} min on the stands`);
  for (const { id } of problem.bikes)
    if (seen.has(id) === plan.slips.some((slip) => slip.bikeId === id))
      faults.push(`${id} is neither planned nor said to slip, or both`);
  for (const slot of problem.fixed) {
    const stays = plan.slots.some(
      (each) => each.bikeId === slot.bikeId && each.day === slot.day && each.personId === slot.personId,
    );
    const told = plan.unkept.some((each) => each.bikeId === slot.bikeId);
    if (bikes.has(slot.bikeId) && !stays && !told) faults.push(`${slot.bikeId} was moved and nobody told`);
  }
  return faults;
}
