import { DAY_MS, MINUTE_MS } from '@cadre/core/time';
import { v7 as newId } from 'uuid';
import { asBuilt, questionsOf, type Question, type ChecklistVersion, leastWork } from '@cadre/core/catalogue';
import type { StockItem } from '@cadre/contract/parts';
import type { Build, FitmentPosition } from '@cadre/core/fleet';
import { likelyPart, placesOn, type StockItem as CoreItem } from '@cadre/core/parts';
import { isStopNow, type Finding } from '@cadre/core/findings';
import type { Services } from '@cadre/server/app';
import type { Actor } from '@cadre/server/platform/http';
import { markFor, type Exception } from '@cadre/test-world/builders';
import { demoBuild, type DemoBike } from './fleet';
import { MEASURED, NEW_CHAIN, readingsAt, RIDDEN_EVERY_DAYS } from './past-wear';
import { serviceAfternoon } from './past-services';
import { streamOf } from '@cadre/core/draws';

const SEED = 20_260_611;
/** About this share of a site's bikes is looked over on a day of the past. */
const CHECKED_SHARE = 0.03;
const FAULT_CHANCE = 0.14;
const PUT_RIGHT_CHANCE = 0.1;

export interface PastWorld {
  readonly services: Services;
  readonly actors: Readonly<Record<'ines' | 'tomas' | 'pia', Actor>>;
  readonly checklists: ReadonlyMap<string, { readonly hash: string; readonly checklist: ChecklistVersion }>;
  /** The bikes of one site: sites have chains of their own, so their pasts can be lived side by side. */
  readonly bikes: readonly DemoBike[];
  readonly bikeIds: ReadonlyMap<string, string>;
  /** What the house keeps: repairs of the past used some of it. */
  readonly shelf: readonly StockItem[];
  /** How many days of it. */
  readonly days: number;
  /** The first moment of today at the site. */
  readonly today: number;
  at(time: number): void;
}

/** What goes wrong with bikes, told by the very faults their checkpoints know: mostly small, now and then a stop. */
const WEARS_OUT: readonly string[] = ['tyre-casing', 'rim-pads', 'disc-pads', 'pedals'];

function exceptionFor(asked: readonly Question[], random: () => number): Exception | null {
  const chance = random();
  // What wears gives out oftener than what only works loose.
  const worn = asked.filter((each) => WEARS_OUT.includes(each.checkpoint.key));
  const from = worn.length > 0 && random() < 0.25 ? worn : asked;
  const pick = from[Math.floor(random() * from.length)];
  if (!pick) return null;
  if (chance > 1 - PUT_RIGHT_CHANCE)
    return {
      checkpoint: pick.checkpoint.key,
      position: pick.position,
      more: { outcome: 'fixed', way: 'single', note: 'Nipped up, sound now' },
    };
  if (chance > FAULT_CHANCE) return null;
  const light = pick.checkpoint.faults.filter((fault) => fault.floor !== 'stop');
  const choice = light.length > 0 && random() < 0.75 ? light : pick.checkpoint.faults;
  const fault = choice[Math.floor(random() * choice.length)];
  if (!fault) return null;
  const word = fault.floor === 'watch' ? 'watch' : 'fail';
  return {
    checkpoint: pick.checkpoint.key,
    position: pick.position,
    more: { outcome: word, way: 'single', faults: [{ fault: fault.key }] },
  };
}

/**
 * Three months of checks and of the repairs they led to, through the same services everybody's clicks go
 * through, from a fixed seed. Every stop of the past is repaired, looked at again and released.
 */
export async function livePast(world: PastWorld): Promise<number> {
  const random = streamOf(SEED + world.bikes.length);
  let checks = 0;
  for (let daysAgo = world.days; daysAgo >= 2; daysAgo -= 1) {
    const morning = world.today - daysAgo * DAY_MS + 7.25 * 3_600_000;
    const shuffled = [...world.bikes]
      .map((bike) => ({ bike, order: random() }))
      .sort((a, b) => a.order - b.order);
    const count = Math.round(CHECKED_SHARE * world.bikes.length * (0.5 + random()));
    for (const [index, { bike }] of shuffled.slice(0, count).entries()) {
      const at = morning + index * 9 * MINUTE_MS;
      const findings = await checkOnce(world, bike, index % 2 === 0 ? 'pia' : 'ines', at, (asked) => {
        const exception = exceptionFor(asked, random);
        return exception ? [exception] : [];
      });
      checks += 1;
      const wanting = findings.filter(
        (finding) =>
          finding.state === 'open' &&
          (isStopNow(finding, at) || (finding.severity === 'soon' && random() < 0.8)),
      );
      if (wanting.length > 0) await repair(world, bike, wanting, at + 40 * MINUTE_MS);
    }
    checks += await wearOn(world, world.days - daysAgo, morning + 8 * 3_600_000);
    await serviceAfternoon(world, daysAgo, morning + 6 * 3_600_000);
  }
  return checks;
}

/** An afternoon of the past for the bikes whose wear is followed: measured when it is their turn, ridden, given a new chain. */
async function wearOn(world: PastWorld, day: number, from: number): Promise<number> {
  let checks = 0;
  for (const bike of world.bikes) {
    const followed = MEASURED[bike.tag];
    if (!followed) continue;
    const { services, actors } = world;
    const bikeId = bikeIdOf(world, bike);
    const at = from + checks * 20 * MINUTE_MS;
    if (NEW_CHAIN[bike.tag] === day) {
      world.at(at);
      const part = {
        id: newId(),
        kind: 'chain' as const,
        name: '11-speed chain, the second',
        facts: {},
        markings: {},
      };
      await services.parts.fit(actors.tomas, bikeId, { id: newId(), part, position: 'only', anyway: '', at });
    }
    if (day % followed.everyDays === 2) {
      await checkOnce(world, bike, 'tomas', at + MINUTE_MS, () => readingsAt(bike.tag, day), 'wet-season');
      checks += 1;
    }
    if (followed.ridden && day % RIDDEN_EVERY_DAYS === 0) {
      const findings = await checkOnce(world, bike, 'pia', at + 10 * MINUTE_MS, () => []);
      checks += 1;
      const out = at + 16 * MINUTE_MS;
      if (findings.length > 0) continue;
      for (const [to, when] of [
        ['out', out],
        ['in', out + 120 * MINUTE_MS],
      ] as const) {
        world.at(when);
        await services.fleet.move(actors.ines, bikeId, { id: newId(), to, at: when });
      }
    }
  }
  return checks;
}

function bikeIdOf(world: PastWorld, bike: DemoBike): string {
  const id = world.bikeIds.get(bike.tag);
  if (!id) throw new Error(`no bike ${bike.tag} in the demo`);
  return id;
}

async function signAll(
  world: PastWorld,
  checkId: string,
  checklist: ChecklistVersion,
  build: Build,
  actor: Actor,
  at: number,
  exceptions: readonly Exception[],
): Promise<readonly Finding[]> {
  const marks = questionsOf(checklist, asBuilt(build)).map((question, index) => {
    const own = exceptions.find(
      (each) => each.checkpoint === question.checkpoint.key && each.position === question.position,
    );
    return markFor(question, actor.id, at + 2000 + index * 4000, own?.more ?? {});
  });
  const signedAt = at + 4 * MINUTE_MS;
  world.at(signedAt);
  await world.services.checks.mark(actor, checkId, { marks });
  const { findings } = await world.services.checks.sign(actor, checkId, {
    id: newId(),
    author: actor.id,
    markIds: marks.map((mark) => mark.id),
    at: signedAt,
  });
  return findings;
}

type Exceptions = (asked: readonly Question[]) => readonly Exception[];

async function checkOnce(
  world: PastWorld,
  bike: DemoBike,
  by: 'pia' | 'ines' | 'tomas',
  at: number,
  exceptions: Exceptions,
  checklistKey = bike.model.kind === 'child' ? 'ride-out-children' : 'ride-out',
): Promise<readonly Finding[]> {
  const checklist = world.checklists.get(checklistKey);
  if (!checklist) throw new Error(`the checklist ${checklistKey} is not published`);
  const actor = world.actors[by];
  const checkId = newId();
  world.at(at);
  await world.services.checks.open(actor, {
    id: checkId,
    bikeId: bikeIdOf(world, bike),
    checklistHash: checklist.hash,
    author: actor.id,
    at,
  });
  const build = demoBuild(bike);
  return signAll(
    world,
    checkId,
    checklist.checklist,
    build,
    actor,
    at,
    exceptions(questionsOf(checklist.checklist, asBuilt(build))),
  );
}

const DONE_WORDS = [
  'Set right and torqued',
  'Renewed the part, bedded in',
  'Cleaned, adjusted, tried on the slip',
  'Straightened and tightened',
];

/** What a finding of the past took off the shelf. Bikes whose wear is followed keep their parts, and nothing is fitted twice in one place. */
function usedFor(
  world: PastWorld,
  bike: DemoBike,
  findings: readonly Finding[],
): { itemId: string; findingId: string; position: FitmentPosition }[] {
  if (MEASURED[bike.tag]) return [];
  const taken = new Set<string>();
  return findings.flatMap((finding) => {
    const part = likelyPart(finding);
    const item =
      part &&
      world.shelf.find(
        (each) =>
          each.kind === part.kind &&
          placesOn(each as CoreItem, { build: demoBuild(bike), modelId: null }).includes(part.position),
      );
    const place = `${part?.kind}@${part?.position}`;
    if (!part || !item || taken.has(place)) return [];
    taken.add(place);
    return [{ itemId: item.id, findingId: finding.id, position: part.position }];
  });
}

/** Repairs findings, looks again, and releases the bike where a stop had held it. */
async function repair(
  world: PastWorld,
  bike: DemoBike,
  findings: readonly Finding[],
  at: number,
): Promise<void> {
  const { services, actors } = world;
  const bikeId = bikeIdOf(world, bike);
  const repairId = newId();
  world.at(at);
  await services.repairs.start(actors.tomas, {
    id: repairId,
    bikeId,
    findingIds: findings.map((finding) => finding.id),
    at,
  });
  const doneAt = at + 25 * MINUTE_MS;
  world.at(doneAt);
  const touched = new Map(
    findings
      .flatMap((finding) => leastWork(finding))
      .map((each) => [`${each.touch}@${each.position}`, { ...each }]),
  );
  await services.repairs.finish(actors.tomas, repairId, {
    id: newId(),
    work: findings.map((finding, index) => ({
      findingId: finding.id,
      done: DONE_WORDS[(index + finding.words.fault.length) % DONE_WORDS.length] ?? '',
    })),
    touched: [...touched.values()],
    used: usedFor(world, bike, findings).map(({ itemId, findingId, position }) => ({
      ...{ itemId, findingId, count: 1 },
      fits: { partId: newId(), position, anyway: '' },
    })),
    minutes: 12 + ((findings[0]?.words.fault.length ?? 0) % 20),
    at: doneAt,
  });
  const recheckId = newId();
  const lookAt = doneAt + 10 * MINUTE_MS;
  world.at(lookAt);
  const recheck = await services.rechecks.open(actors.pia, repairId, { id: recheckId, at: lookAt });
  await signAll(world, recheckId, recheck.checklist, demoBuild(bike), actors.pia, lookAt, []);
  if (findings.some((finding) => isStopNow(finding, at))) {
    const releasedAt = lookAt + 8 * MINUTE_MS;
    world.at(releasedAt);
    await services.repairs.release(actors.ines, bikeId, { id: newId(), note: '', at: releasedAt });
  }
}
