import type { PlanBike, PlanPerson, PlanProblem, Work } from '@cadre/core/day-plan';
import { streamOf } from '@cadre/core/draws';
import type { BikeKind } from '@cadre/core/fleet';
import type { Group } from '@cadre/core/schedule';

const MINUTE = 60_000;
const KINDS: readonly (readonly [BikeKind, readonly string[], number])[] = [
  ['child', ['20', '24'], 3],
  ['hybrid', ['S', 'M', 'L'], 6],
  ['hardtail', ['S', 'M', 'L', 'XL'], 6],
  ['full-suspension', ['M', 'L'], 7],
  ['step-through', ['S', 'M'], 6],
  ['cargo', ['one'], 8],
];
const SKILLS: readonly (readonly Work[])[] = [['check'], ['check', 'repair']];

/** A day drawn by a seed: some bikes ready, most to be checked, some at the bench; groups over the day that together want more than there is in hand. */
export function drawnDay(
  seed: number,
  { bikes, groups, people }: { readonly bikes: number; readonly groups: number; readonly people: number },
): PlanProblem {
  const random = streamOf(seed);
  const pick = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)] as T;
  const upTo = (most: number): number => Math.floor(random() * most);
  const fleet = Array.from({ length: bikes }, (_, place): PlanBike => {
    const [kind, sizes, check] = pick(KINDS);
    const drawn = random();
    const work = drawn < 0.15 ? null : drawn < 0.75 ? 'check' : 'repair';
    const minutes = work === null ? 0 : work === 'check' ? check : 10 + 5 * upTo(10);
    return { id: `b${place}`, kind, size: pick(sizes), work, minutes, wear: random(), place };
  });
  const crew = Array.from({ length: people }, (_, at): PlanPerson => ({
    id: `p${at}`,
    works: at === 0 ? ['check', 'repair'] : pick(SKILLS),
    from: random() < 0.8 ? 0 : 30 * MINUTE,
    until: (300 + 60 * upTo(4)) * MINUTE,
  }));
  const wanted = Math.max(1, Math.round((bikes * 0.8) / groups));
  const booked = Array.from({ length: groups }, (_, at): Group => {
    const outAt = (45 + 15 * upTo(20)) * MINUTE;
    const lines = 1 + upTo(3);
    return {
      ...{ id: `g${String(at).padStart(2, '0')}`, siteId: 's', name: `Group ${at}` },
      ...{ outAt, backAt: outAt + (60 + 30 * upTo(5)) * MINUTE },
      wants: Array.from({ length: lines }, () => {
        const [kind, sizes] = pick(KINDS);
        const open = random() < 0.15;
        return {
          count: Math.max(1, Math.round((wanted / lines) * (0.5 + random()))),
          kind: open ? null : kind,
          size: random() < 0.7 ? pick(sizes) : '',
        };
      }),
    };
  });
  return {
    ...{ now: 0, bikes: fleet, people: crew, groups: booked, given: [] },
    substitution: pick(['exact', 'one-up', 'one-either-way'] as const),
  };
}
