import { afterAll, beforeAll, expect, it } from 'vitest';
import { verify } from '@cadre/server/app';
import { fuzz } from '../../testing/fuzz';
import { World } from '../../testing/world';

/** `npm run fuzz` sends many more, from another seed each time unless one is given. */
const COUNT = Number(process.env.FUZZ_COUNT ?? 500);
const SEED = Number(process.env.FUZZ_SEED ?? (process.env.FUZZ_COUNT ? Date.now() % 1_000_000 : 20_260_610));

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world?.close());

it(
  'bears whatever is sent along any route, answers all of it, and the record stays whole',
  async () => {
    const { sent, byStatus, faults } = await fuzz(world, SEED, COUNT);
    process.stdout.write(
      `fuzz, seed ${SEED}: ${sent} requests, ${Object.entries(byStatus)
        .map(([status, count]) => `${count} × ${status}`)
        .join(', ')}; ${faults.length} faults\n`,
    );
    expect([...faults.slice(0, 8), ...world.log.slice(0, faults.length ? 4 : 0)]).toEqual([]);
    // Most were refused, and some were good.
    expect(byStatus['400']).toBeGreaterThan(COUNT / 10);
    expect(byStatus['200']).toBeGreaterThan(COUNT / 50);
    expect((await verify(world.database.source)).faults).toEqual([]);
  },
  60_000 + COUNT * 60,
);
