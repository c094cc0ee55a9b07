import { HOUR_MS } from '@cadre/core/time';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { listChecklists, type PolicyChoices } from '@cadre/contract/catalogue';
import { policyVersions, previewPolicy, publishPolicy } from '@cadre/contract/policy';
import { type Bike } from '@cadre/contract/fleet';
import { getWall } from '@cadre/contract/wall';
import { listPeople, setCompetence } from '@cadre/contract/people';
import { setSeverity } from '@cadre/contract/findings';
import { evaluateFitness } from '@cadre/core/fitness';
import { faulty } from '@cadre/test-world/builders';
import { changePolicy, type Client } from '@cadre/test-world/client';
import { refusalOf, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

let tags = 0;
const newBike = (kind: Parameters<World['bike']>[1] = 'hardtail'): Promise<Bike> =>
  world.bike(`C${(tags += 1)}`, kind);
const lead = (): Client => world.as('lead');

describe('policy', () => {
  const fitnessOfAll = async (): Promise<Map<string, string>> => {
    const { bikes } = await lead().send(getWall);
    return new Map(bikes.map((bike) => [bike.id, evaluateFitness(bike.facts, world.clock.now).fitness]));
  };
  const choices = async (part: Partial<PolicyChoices>): Promise<{ base: string; policy: PolicyChoices }> => {
    const { policy } = await lead().send(listChecklists);
    const { schema: _schema, version: _version, note: _note, ...rest } = policy.policy;
    return { base: policy.hash, policy: { ...rest, ...part } };
  };

  it('is previewed to exactly the bikes whose fitness differs once it is saved', async () => {
    const aged: string[] = [];
    // Six bikes with a soon of growing age, some watches and stops among them, and one that lacks its bell.
    await world.signInAgain();
    for (const [index, fault] of ['worn', 'worn', 'perished', 'small-cut', 'slash', 'worn'].entries()) {
      const bike = await newBike();
      await world.check(bike, {
        exceptions: [{ checkpoint: 'tyre-casing', position: 'front', more: faulty(fault) }],
      });
      aged.push(bike.id);
      if (index % 2 === 0) {
        world.clock.now += 9 * HOUR_MS;
        await world.signInAgain();
      }
    }
    const legal = await newBike();
    await changePolicy(lead(), { legal: 'soon' });
    await world.check(legal, { exceptions: [{ checkpoint: 'bell-lights', more: faulty('legal-missing') }] });
    for (const part of [
      { soonDays: 1 },
      { soonDays: 30 },
      { soonOutings: 1, legal: 'stop' as const },
      { marking: 'by-station' as const },
      { soonDays: 2, soonOutings: 3 },
    ]) {
      const before = await fitnessOfAll();
      const { base, policy } = await choices(part);
      const preview = await lead().send(previewPolicy, { body: { policy } });
      // Nothing is written by looking.
      expect(await fitnessOfAll()).toEqual(before);
      await lead().send(publishPolicy, { body: { id: newId(), base, policy, note: JSON.stringify(part) } });
      const after = await fitnessOfAll();
      const differing = [...before].filter(([id, fitness]) => after.get(id) !== fitness).map(([id]) => id);
      expect(preview.bikes.map((bike) => bike.bikeId).sort(), JSON.stringify(part)).toEqual(differing.sort());
      for (const bike of preview.bikes)
        expect([before.get(bike.bikeId), after.get(bike.bikeId)]).toEqual([bike.before, bike.after]);
      for (const [id, fitness] of before) if (fitness === 'held') expect(after.get(id)).toBe('held');
    }
    expect(aged.length).toBe(6);
    expect((await world.fitness(legal.id)).fitness).toBe('held');
  });

  it('raises what local rules ask for, names why, and lets the lead lower it again when they change', async () => {
    await changePolicy(lead(), { legal: 'soon', soonDays: 7, soonOutings: 10 });
    const bike = await newBike();
    const { findings } = await world.check(bike, {
      exceptions: [{ checkpoint: 'bell-lights', more: faulty('legal-missing') }],
    });
    expect(findings[0]).toMatchObject({ severity: 'soon', legal: true });
    const { policy } = await choices({ legal: 'stop' });
    const preview = await lead().send(previewPolicy, { body: { policy } });
    expect(preview.bikes.find((each) => each.bikeId === bike.id)).toMatchObject({
      after: 'held',
      findings: [{ because: 'legal' }],
    });
    await changePolicy(lead(), { legal: 'stop' });
    const lower = () =>
      refusalOf(
        lead().send(setSeverity, {
          params: { id: findings[0]?.id ?? '' },
          body: { id: newId(), severity: 'soon', reason: 'no road', at: world.clock.now },
        }),
      );
    expect(await lower()).toBe('422 severity.under-stop-floor');
    await changePolicy(lead(), { legal: 'soon' });
    expect(await lower()).toBe('accepted');
    // Lowered, ready for release: and still held.
    expect((await world.fitness(bike.id)).fitness).toBe('held');
  });

  describe('with a practice that is another for some bikes', () => {
    const stitched = async (bike: Bike) =>
      (
        await world.check(bike, {
          exceptions: [
            { checkpoint: 'tyre-casing', position: 'front', more: faulty('stitched', { outcome: 'watch' }) },
          ],
        })
      ).findings.find((each) => each.fault === 'stitched');
    const exception = { practice: 'sidewallSlash', side: 'stitch', kinds: ['hybrid'] } as const;
    const withException = async (part: Partial<typeof exception> | object = {}) => {
      const { base, policy } = await choices({
        practiceExceptions: [{ ...exception, kinds: [...exception.kinds], ...part }] as never,
      });
      return { base, policy };
    };

    it('says first which bikes it reaches, and in which season', async () => {
      const hybrid = await newBike('hybrid');
      const { wall } = { wall: await lead().send(getWall) };
      const [site] = wall.sites;
      const wet = [{ siteId: site?.id ?? '', climate: 'wet' as const, from: '11-01', to: '02-28' }];
      const { policy } = await withException({ climates: ['wet'] });
      const { practices } = await lead().send(previewPolicy, {
        body: { policy: { ...policy, seasons: wet } },
      });
      expect(practices).toMatchObject([
        { practice: 'sidewallSlash', from: 'replace', to: 'stitch', climates: ['wet'] },
      ]);
      expect(practices[0]?.tags).toContain(hybrid.tag);
      expect(
        wall.bikes
          .filter((bike) => bike.build.kind === 'hybrid')
          .map((bike) => bike.tag)
          .sort(),
      ).toEqual(practices[0]?.tags);
    });

    it('asks those bikes so and no others, and names its fault on the finding', async () => {
      const [hybrid, hardtail] = [await newBike('hybrid'), await newBike('hardtail')];
      expect((await stitched(hybrid))?.words.fault).not.toBe('Stitched wall, no thread cut through');
      await changePolicy(lead(), { practiceExceptions: [{ ...exception, kinds: [...exception.kinds] }] });
      const later = await newBike('hybrid');
      expect(await stitched(later)).toMatchObject({
        severity: 'watch',
        words: { fault: 'Stitched wall, no thread cut through' },
      });
      expect((await stitched(hardtail))?.words.fault).not.toBe('Stitched wall, no thread cut through');
      await changePolicy(lead(), { practiceExceptions: [] });
    });

    it.each([
      ['a side that is none', { side: 'glue' }, 'policy.practiceExceptions.0.side'],
      ['no bikes and no season', { kinds: undefined }, 'policy.practiceExceptions.0.kinds'],
      [
        'an interval by season',
        { practice: 'chainLube', side: 'after-wet', climates: ['wet'] },
        'policy.practiceExceptions.0.climates',
      ],
    ])('takes none with %s', async (_name, part, path) => {
      const body = { ...(await withException(part)), id: newId(), note: 'wrong' };
      await expect(lead().send(publishPolicy, { body })).rejects.toMatchObject({
        problem: { fields: [{ path }] },
      });
    });
  });

  it('has an author, a date and a note for every version, and is the lead’s', async () => {
    const body = { id: newId(), ...(await choices({ soonDays: 5 })), note: 'a short week' };
    expect(await refusalOf(world.as('mechanic').send(publishPolicy, { body }))).toBe('403 act.not-allowed');
    expect(
      await refusalOf(world.as('inspector').send(previewPolicy, { body: { policy: body.policy } })),
    ).toBe('403 act.not-allowed');
    const published = await lead().send(publishPolicy, { body });
    expect(published.policy.soonDays).toBe(5);
    const { versions } = await world.as('desk').send(policyVersions);
    expect(versions[0]).toMatchObject({ publishedBy: world.idOf('lead'), policy: { note: 'a short week' } });
    expect(versions.at(-1)?.policy.note).toBe('Cadre’s default');
  });

  it('changed by two leads at once: the later one sees the earlier', async () => {
    const [one, two] = [await choices({ soonDays: 6 }), await choices({ soonDays: 8 })];
    await lead().send(publishPolicy, { body: { id: newId(), ...one, note: 'one' } });
    expect(await refusalOf(lead().send(publishPolicy, { body: { id: newId(), ...two, note: 'two' } }))).toBe(
      '409 conflict.version',
    );
  });

  it('takes an own route whole, and no half one', async () => {
    const { base, policy } = await choices({});
    const route = { key: 'r', name: 'Ours', zones: ['frame' as const] };
    const send = (ownRoutes: PolicyChoices['ownRoutes']) =>
      lead().send(publishPolicy, {
        body: { id: newId(), base, policy: { ...policy, ownRoutes }, note: 'route' },
      });
    await expect(send([route])).rejects.toMatchObject({
      problem: { fields: [{ path: 'policy.ownRoutes.0.zones', code: 'not-every-zone' }] },
    });
    await expect(send([{ ...route, name: ' ' }])).rejects.toMatchObject({ status: 400 });
  });

  it('does not tell what is not its own: a value out of range names its field', async () => {
    const { base, policy } = await choices({});
    const call = lead().send(publishPolicy, {
      body: { id: newId(), base, policy: { ...policy, soonDays: 0 }, note: 'none' },
    });
    await expect(call).rejects.toMatchObject({
      status: 400,
      problem: { fields: [{ path: 'policy.soonDays' }] },
    });
  });
});

describe('competence', () => {
  it('is signed by the lead, system by system, and taken back', async () => {
    const id = world.idOf('trainee');
    const set = (system: 'wheels' | 'brakes', signed: boolean) =>
      lead().send(setCompetence, {
        params: { id, system },
        body: { id: newId(), signed, at: world.clock.now },
      });
    await set('wheels', true);
    const person = await set('brakes', true);
    expect(person.competences.map((each) => [each.system, each.signedBy])).toEqual([
      ['wheels', world.idOf('lead')],
      ['brakes', world.idOf('lead')],
    ]);
    expect((await set('brakes', true)).competences).toHaveLength(2);
    expect((await set('wheels', false)).competences.map((each) => each.system)).toEqual(['brakes']);
    expect(
      await refusalOf(
        world.as('mechanic').send(setCompetence, {
          params: { id, system: 'frame' },
          body: { id: newId(), signed: true, at: world.clock.now },
        }),
      ),
    ).toBe('403 act.not-allowed');
    const { people } = await world.as('desk').send(listPeople);
    expect(people.find((each) => each.id === id)?.competences.map((each) => each.system)).toEqual(['brakes']);
  });

  it('does not take the place of a co-signature', async () => {
    const bike = await newBike();
    const { check } = await world.check(bike, { by: 'trainee' });
    expect(check.awaitsCoSign).toBe(true);
    expect((await world.fitness(bike.id)).fitness).toBe('due');
  });
});
