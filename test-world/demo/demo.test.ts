import { NO_DEVICE } from '@cadre/server/platform/http';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { evaluateFitness, type Fitness } from '@cadre/core/fitness';
import { IsNull } from 'typeorm';
import { bikeStateEntity } from '@cadre/server/fitness';
import { bikeEntity, fitmentEntity, modelEntity } from '@cadre/server/fleet';
import { findingEntity } from '@cadre/server/findings';
import { assessmentEntity } from '@cadre/server/assessments';
import { stockItemEntity } from '@cadre/server/parts';
import { countRound, roundRows } from '@cadre/core/rounds';
import { personEntity } from '@cadre/server/people';
import { createServices, verify } from '@cadre/server/app';
import { outingGroupEntity } from '@cadre/server/schedule';
import { createTestDatabase, type TestDatabase } from '../../testing/database';
import { demoPeople, seedDemo } from './index';

describe.each([
  ['at half past eight', Date.UTC(2026, 5, 10, 7, 30)],
  ['three minutes after midnight', Date.UTC(2026, 10, 24, 0, 3)],
])('the demo world, seeded %s', (_name, now) => {
  let database: TestDatabase;
  beforeAll(async () => {
    database = await createTestDatabase();
    await seedDemo(database.source, now, 12);
  }, 120_000);
  afterAll(() => database.drop());

  it('has seventy-two bikes and one on offer, some in every fitness, and some out', async () => {
    const states = await database.source.getRepository(bikeStateEntity).find();
    const found = new Map<Fitness, number>();
    for (const state of states) {
      const { fitness } = evaluateFitness(state.facts, now);
      found.set(fitness, (found.get(fitness) ?? 0) + 1);
    }
    expect(states).toHaveLength(73);
    for (const fitness of ['cleared', 'cleared-with-watch', 'due', 'held'] as const)
      expect(found.get(fitness) ?? 0, fitness).toBeGreaterThan(0);
    expect(await database.source.getRepository(bikeEntity).countBy({ whereabouts: 'out' })).toBeGreaterThan(
      0,
    );
    expect(await database.source.getRepository(bikeEntity).countBy({ whereabouts: 'on-the-bench' })).toBe(2);
  });

  it('has a whole record that ends before it was seeded', async () => {
    const { entries, faults } = await verify(database.source);
    expect(faults).toEqual([]);
    expect(entries).toBeGreaterThan(100);
    const [{ latest }] = await database.source.query<[{ latest: Date }]>(
      'SELECT MAX(recordedAt) AS latest FROM entry',
    );
    expect(latest.getTime()).toBeLessThanOrEqual(now + 300_000);
  });

  it('has models with fit lists, parts on bikes, and groups of the day', async () => {
    expect(await database.source.getRepository(modelEntity).count()).toBe(8);
    expect(await database.source.getRepository(bikeEntity).countBy({ modelId: IsNull() })).toBe(1);
    expect(
      await database.source.getRepository(fitmentEntity).countBy({ removedAt: IsNull() }),
    ).toBeGreaterThan(15);
    const groups = await database.source.getRepository(outingGroupEntity).find();
    expect(groups.filter((group) => group.outAt.getTime() > now).length).toBeGreaterThan(3);
  });

  it('has a morning round half done by its rule, one bike in hand and one left lying, and a campaign', async () => {
    const lead = await database.source.getRepository(personEntity).findOneByOrFail({ signInName: 'ines' });
    const { rounds } = await createServices(database.source, () => now).rounds.list({
      ...lead,
      device: NO_DEVICE,
    });
    expect(rounds.map((round) => round.name).sort()).toEqual(['Hardtails before the wet', 'Morning round']);
    const morning = rounds.find((round) => round.name === 'Morning round');
    const counts = countRound(roundRows(morning?.bikeIds ?? [], morning?.looks ?? [], now));
    expect(counts.done).toBeGreaterThan(8);
    expect(counts.left).toBeGreaterThan(5);
    expect(morning?.looks.filter((look) => look.state === 'open').length).toBe(2);
  });

  it('has a shelf with something short, repairs that used parts, and a bike on offer with its findings', async () => {
    const items = await database.source.getRepository(stockItemEntity).find();
    expect(items.length).toBeGreaterThan(12);
    expect(items.some((item) => item.onHand < item.least)).toBe(true);
    const [{ used }] = await database.source.query<[{ used: string }]>(
      "SELECT COUNT(*) AS used FROM entry WHERE kind = 'repair.done' AND JSON_LENGTH(body, '$.used') > 0",
    );
    expect(Number(used)).toBeGreaterThan(0);
    const [assessment] = await database.source.getRepository(assessmentEntity).findBy({ state: 'open' });
    expect(
      await database.source.getRepository(findingEntity).countBy({ bikeId: assessment?.bikeId ?? '' }),
    ).toBe(3);
  });

  it('is peopled by five made-up people, one in each role and one trainee', () => {
    expect(new Set(demoPeople.map((person) => person.role)).size).toBe(4);
    expect(demoPeople.filter((person) => person.trainee)).toHaveLength(1);
  });
});
