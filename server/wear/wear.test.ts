import { DAY_MS } from '@cadre/core/time';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { amendCheck } from '@cadre/contract/checks';
import { listUnusualRecords } from '@cadre/contract/unusual-records';
import { moveBike, type Bike } from '@cadre/contract/fleet';
import { fitPart, movePart, type Part } from '@cadre/contract/parts';
import { sagOfBike, wearOfBike } from '@cadre/contract/wear';
import { readReading, TYPICAL_OUTING, type Measure } from '@cadre/core/measures';
import { usualWear } from '@cadre/core/wear';
import { refusalOf, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

let tags = 0;
const bike = (): Promise<Bike> => world.bike(`R${(tags += 1)}`);
const days = async (number: number): Promise<void> => {
  world.clock.now += number * DAY_MS;
  await world.signInAgain();
};
/** Looked over, out and back. */
async function ride(of: Bike): Promise<void> {
  await world.check(of);
  for (const to of ['out', 'in'] as const)
    await world
      .as('desk')
      .send(moveBike, { params: { id: of.id }, body: { id: newId(), to, at: world.clock.now } });
}
function reading(measure: Measure, typed: string) {
  const read = readReading(measure, typed);
  if (read.state !== 'read') throw new Error(typed);
  return { ...read.taken, values: [...read.taken.values], typed, unit: 'mm' };
}
const measure = async (
  of: Bike,
  checkpoint: string,
  position: 'only' | 'front' | 'rear',
  taken: object,
): Promise<string> =>
  (
    await world.check(of, {
      checklist: 'season-opening',
      exceptions: [{ checkpoint, position, more: { reading: taken } as never }],
    })
  ).check.id;
const wear = async (of: Bike) => (await world.as('desk').send(wearOfBike, { params: { id: of.id } })).series;
const fit = async (of: Bike, part: Partial<Part>, position: 'only' | 'front' | 'rear') =>
  (
    await world.as('mechanic').send(fitPart, {
      params: { id: of.id },
      body: {
        id: newId(),
        part: { id: newId(), kind: 'chain', name: 'chain', facts: {}, markings: {}, ...part },
        position,
        anyway: '',
        at: world.clock.now,
      },
    })
  ).fitments;

describe('the sag of a fork', () => {
  const taken = (name: Measure, typed: string, unit: string) => {
    const read = readReading(name, typed);
    if (read.state !== 'read') throw new Error(typed);
    return { reading: { ...read.taken, values: [...read.taken.values], typed, unit } } as never;
  };
  it('is what was measured last, at the pressure it was measured at', async () => {
    const of = await world.bike('RS1', 'hardtail');
    const sag = async () => (await world.as('desk').send(sagOfBike, { params: { id: of.id } })).fork;
    expect(await sag()).toBeNull();
    await world.check(of, {
      checklist: 'season-opening',
      exceptions: [
        { checkpoint: 'fork-pressure', position: 'only', more: taken('pressure', '6 bar', 'bar') },
        { checkpoint: 'fork-sag', position: 'only', more: taken('sag', '22 %', '%') },
      ],
    });
    expect(await sag()).toEqual({ kPa: 600, sag: 0.22 });
    expect(await refusalOf(world.as('desk').send(sagOfBike, { params: { id: newId() } }))).toBe(
      '404 not-found',
    );
  });
});

describe('the wear of a bike', () => {
  it('is nothing before anything was measured, and none of a bike there is not', async () => {
    expect(await wear(await bike())).toEqual([]);
    expect(await refusalOf(world.as('desk').send(wearOfBike, { params: { id: newId() } }))).toBe(
      '404 not-found',
    );
  });

  it('follows a chain over the outings since it was fitted, to the limit that holds on this bike; a new one starts anew', async () => {
    const of = await bike();
    await fit(of, { name: 'Chain one' }, 'only');
    const stretched = (value: number) => ({
      measure: 'chain',
      method: 'length',
      values: [value],
      typed: String(value),
      unit: 'mm',
    });
    for (const [value, outings] of [
      [0.001, 2],
      [0.002, 3],
    ] as const) {
      for (let out = 0; out < outings; out += 1) await ride(of);
      await days(3);
      await measure(of, 'chain-wear', 'only', stretched(value));
      await days(3);
    }
    const km = TYPICAL_OUTING.hardtail.km;
    const [chain, ...others] = await wear(of);
    expect(others).toEqual([]);
    expect(chain).toMatchObject({
      measure: 'chain',
      partName: 'Chain one',
      onBike: of.id,
      unit: 'km',
      limit: { value: 0.005, source: 'default' },
      prior: usualWear('chain', 'km'),
    });
    expect(chain?.points.map((point) => point.usage)).toEqual([2 * km, 5 * km]);
    expect(chain?.usageNow).toBe(5 * km);
    await fit(of, { name: 'Chain two' }, 'only');
    await ride(of);
    await measure(of, 'chain-wear', 'only', stretched(0));
    const after = new Map((await wear(of)).map((series) => [series.partName, series]));
    expect(after.get('Chain one')).toMatchObject({ onBike: null, points: [{}, {}] });
    expect(after.get('Chain two')).toMatchObject({ onBike: of.id, points: [{ usage: km }] });
  });

  it('goes with a wheel to another bike, and what it knows of the fleet is told with it', async () => {
    const [from, to] = [await bike(), await bike()];
    const facts = { wheelSize: '29', brake: 'hydraulic-disc', retention: 'thru-axle' } as const;
    const [wheel] = await fit(from, { kind: 'wheel', name: 'Wanderer', facts }, 'rear');
    await days(1);
    await measure(from, 'rotor-thickness', 'rear', reading('rotor', '1.78 1.78 1.77'));
    await days(10);
    await world.as('mechanic').send(movePart, {
      params: { id: wheel?.id ?? '' },
      body: { id: newId(), bikeId: to.id, position: 'rear', swap: false, anyway: '', at: world.clock.now },
    });
    await days(10);
    await measure(to, 'rotor-thickness', 'rear', reading('rotor', '1.75 1.74 1.75'));
    const [rotor] = await wear(to);
    expect(rotor).toMatchObject({
      measure: 'rotor',
      partName: 'Wanderer',
      onBike: to.id,
      unit: 'days',
      limit: null,
    });
    expect(rotor?.points.map(({ bikeId, value }) => [bikeId, value])).toEqual([
      [from.id, 1.77],
      [to.id, 1.74],
    ]);
    // The bike it left still tells of it: it was measured there.
    expect((await wear(from)).map((series) => [series.partName, series.onBike])).toEqual([
      ['Wanderer', to.id],
    ]);
  });

  it('is drawn from what stands: an amended reading counts in its place', async () => {
    const of = await bike();
    const amends = await measure(of, 'pad-thickness', 'front', reading('disc-pad', '2.9'));
    expect((await wear(of)).map((series) => series.points.map((point) => point.value))).toEqual([[2.9]]);
    const author = world.idOf('inspector');
    const mark = {
      ...{
        id: newId(),
        checkpoint: 'pad-thickness',
        position: 'front' as const,
        outcome: 'pass' as const,
        way: 'single' as const,
      },
      ...{
        faults: [],
        note: '',
        reading: reading('disc-pad', '1.9'),
        author,
        writerId: newId(),
        counter: 0,
        at: world.clock.now,
      },
    };
    await world.as('inspector').send(amendCheck, {
      params: { id: amends },
      body: {
        id: newId(),
        checkId: newId(),
        author,
        reason: 'Read the wrong pad',
        marks: [mark],
        at: world.clock.now,
      },
    });
    expect((await wear(of)).map((series) => series.points.map((point) => point.value))).toEqual([[1.9]]);
  });
});

describe('wear that healed with no new part', () => {
  it('is shown to the lead with both figures; a part said to be renewed is not', async () => {
    const [of, renewed] = [await bike(), await bike()];
    for (const [one, better] of [
      [of, undefined],
      [renewed, 'renewed'],
    ] as const) {
      await measure(one, 'pad-thickness', 'rear', reading('disc-pad', '1.9'));
      await days(2);
      await measure(one, 'pad-thickness', 'rear', {
        ...reading('disc-pad', '2.9'),
        ...(better ? { better } : {}),
      });
    }
    const { healed } = await world.as('lead').send(listUnusualRecords);
    expect(healed.filter((each) => [of.id, renewed.id].includes(each.bikeId))).toMatchObject([
      {
        tag: of.tag,
        measure: 'disc-pad',
        position: 'rear',
        before: { value: 1.9 },
        after: { value: 2.9, better: null },
      },
    ]);
  });
});

describe('what the fleet knows of wear', () => {
  it('is read off the others of its kind, and not off another end, measure or kind', async () => {
    const wornBike = async (kind: 'hardtail' | 'hybrid', rate: number) => {
      const of = await world.bike(`R${(tags += 1)}`, kind);
      const [checkpoint, what] =
        kind === 'hardtail' ? (['pad-thickness', 'disc-pad'] as const) : (['chain-wear', 'chain'] as const);
      for (let look = 0; look < 3; look += 1) {
        const value = kind === 'hardtail' ? 4 - rate * look * 10 : rate * look * 10;
        await measure(of, checkpoint, kind === 'hardtail' ? 'front' : 'only', {
          measure: what,
          values: [value],
          typed: String(value),
          unit: 'mm',
        });
        await days(10);
      }
      return of;
    };
    const usual = usualWear('disc-pad', 'days').rate;
    // Three that wear five times as fast as is usual, and one nobody has read long.
    for (let each = 0; each < 3; each += 1) await wornBike('hardtail', 5 * usual);
    await wornBike('hybrid', 0.00002);
    const fresh = await bike();
    await measure(fresh, 'pad-thickness', 'front', reading('disc-pad', '3.5'));
    const prior = (await wear(fresh))[0]?.prior;
    expect(prior?.rate).toBeGreaterThan(2 * usual);
    expect(prior?.rate).toBeLessThan(5 * usual);
    const rear = await bike();
    await measure(rear, 'pad-thickness', 'rear', reading('disc-pad', '3.5'));
    expect((await wear(rear))[0]?.prior.rate).toBeCloseTo(usual, 6);
  });
});
