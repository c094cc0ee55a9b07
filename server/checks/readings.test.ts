import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { listChecklists, type PolicyChoices } from '@cadre/contract/catalogue';
import { previewPolicy, publishPolicy } from '@cadre/contract/policy';
import { changeBike, noteMarkings, type Bike } from '@cadre/contract/fleet';
import { fitPart } from '@cadre/contract/parts';
import type { Reading } from '@cadre/core/checks';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { readReading, type Measure } from '@cadre/core/measures';
import { bikeFieldsOf } from '@cadre/test-world/builders';
import { changePolicy } from '@cadre/test-world/client';
import { refusalOf, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

let tags = 0;
const bike = (): Promise<Bike> => world.bike(`M${(tags += 1)}`);
function reading(measure: Measure, typed: string, more: Partial<Reading> = {}): { reading: Reading } {
  const read = readReading(measure, typed);
  if (read.state !== 'read') throw new Error(typed);
  return { reading: { ...read.taken, typed, unit: 'mm', ...more } };
}
/** Signs the season's checklist, all passed but for what was read at one look. */
async function measuredAt(
  of: Bike,
  checkpoint: string,
  more: object,
  by = 'inspector',
  checklist = 'season-opening',
) {
  const { check } = await world.check(of, {
    by,
    checklist,
    exceptions: [
      {
        checkpoint,
        position: checklist === 'season-opening' && checkpoint === 'chain-wear' ? 'only' : 'front',
        more: more,
      },
    ],
  });
  return { check, facts: (await world.bikeNow(of.id)).facts };
}

describe('a reading that is signed', () => {
  it('past its limit is a finding at what its verdict says, whoever called it sound', async () => {
    const of = await bike();
    const { facts } = await measuredAt(of, 'pad-thickness', reading('disc-pad', '0.8'));
    expect(facts.findings).toMatchObject([
      {
        checkpoint: 'pad-thickness',
        fault: 'thin',
        severity: 'stop',
        measured: {
          measure: 'disc-pad',
          value: 0.8,
          limit: { value: 1, source: 'default' },
          next: 'renew-pads',
        },
      },
    ]);
    expect((await world.fitness(of.id)).fitness).toBe('held');
  });
  it('near its limit is upkeep, and sound by it nothing', async () => {
    expect(
      (await measuredAt(await bike(), 'pad-thickness', reading('disc-pad', '1.3'))).facts.findings,
    ).toMatchObject([{ fault: 'near', severity: 'upkeep' }]);
    expect(
      (await measuredAt(await bike(), 'pad-thickness', reading('disc-pad', '2.4'))).facts.findings,
    ).toEqual([]);
  });
  it('is judged by what the bike states, and that by what its part is marked with', async () => {
    const of = await bike();
    await world.as('mechanic').send(changeBike, {
      params: { id: of.id },
      body: {
        id: newId(),
        ...bikeFieldsOf('hardtail', { tag: of.tag, siteId: of.siteId, hookId: of.hookId }),
        fit: { rotorMinFront: 1.5 },
        version: of.version,
      },
    });
    expect(
      (await measuredAt(of, 'rotor-thickness', reading('rotor', '1.56 1.57 1.57'))).facts.findings,
    ).toMatchObject([{ fault: 'near', measured: { limit: { value: 1.5, source: 'marking' } } }]);
    const part = {
      id: newId(),
      kind: 'rotor' as const,
      name: 'Rotor',
      facts: {},
      markings: { rotorMinFront: 1.57 },
    };
    await world.as('mechanic').send(fitPart, {
      params: { id: of.id },
      body: { id: newId(), part, position: 'front', anyway: '', at: world.clock.now },
    });
    expect((await world.bikeNow(of.id)).marked).toEqual({ rotorMinFront: 1.57 });
    world.clock.now += 1000;
    const { facts } = await measuredAt(of, 'rotor-thickness', reading('rotor', '1.56 1.57 1.57'));
    expect(facts.findings.map((finding) => [finding.fault, finding.severity])).toContainEqual([
      'thin',
      'stop',
    ]);
  });
  it('holds the bike from the moment it is marked', async () => {
    const of = await bike();
    await world.marked(of, {
      checklist: 'season-opening',
      exceptions: [{ checkpoint: 'pad-thickness', position: 'front', more: reading('disc-pad', '0.8') }],
    });
    expect((await world.fitness(of.id)).reasons).toContain('draft-stop');
  });
});

describe('a verdict left aside', () => {
  it.each([
    ['lead', '1.3', []],
    ['inspector', '1.3', ['near']],
    ['lead', '0.8', ['thin']],
  ])('by the %s at %s leaves %o', async (by, typed, faults) => {
    const { facts } = await measuredAt(
      await bike(),
      'pad-thickness',
      reading('disc-pad', typed, { aside: 'New pads tomorrow' }),
      by,
    );
    expect(facts.findings.map((finding) => finding.fault)).toEqual(faults);
  });
});

describe('a marking read off the part', () => {
  const note = (of: Bike, fit: Record<string, number | string>, by = 'inspector') =>
    world
      .as(by)
      .send(noteMarkings, { params: { id: of.id }, body: { id: newId(), fit, at: world.clock.now } });
  it('gives the readings of a check begun their limit, and holds the bike where they are past it', async () => {
    const of = await bike();
    await world.marked(of, {
      checklist: 'season-opening',
      exceptions: [
        {
          checkpoint: 'rotor-thickness',
          position: 'front',
          more: reading('rotor', '1.53 1.54 1.54'),
        },
      ],
    });
    expect((await world.fitness(of.id)).fitness).toBe('due');
    expect((await note(of, { rotorMinFront: 1.55 })).fit).toEqual({ rotorMinFront: 1.55 });
    expect((await world.fitness(of.id)).fitness).toBe('held');
  });
  it('is kept where nothing was stated, and nowhere else', async () => {
    const of = await bike();
    await note(of, { sidewallMinFront: 200, sidewallMaxFront: 400 });
    const fields = (fit: Record<string, number | string>) =>
      note(of, fit).then(
        () => [],
        (error: { problem?: { fields?: { path: string; code: string }[] } }) =>
          error.problem?.fields?.map((field) => [field.path, field.code]),
      );
    expect(await fields({ sidewallMinFront: 100 })).toEqual([['fit.sidewallMinFront', 'stated']]);
    expect(await fields({ sidewallMinFront: 200 })).toEqual([]);
    expect(await fields({ shockPressureMax: 2000 })).toEqual([['fit.shockPressureMax', 'unknown']]);
    expect(await fields({ maximumLoad: 100 })).toEqual([['fit.maximumLoad', 'unknown']]);
    expect(await fields({ rotorMinFront: 9 })).toEqual([['fit.rotorMinFront', 'out-of-range']]);
    expect(await fields({ sidewallMinRear: 500, sidewallMaxRear: 300 })).toEqual([
      ['fit.sidewallMinRear', 'over-its-most'],
    ]);
    await note(of, { sidewallMinRear: 300 });
    expect(await fields({ sidewallMaxRear: 250 })).toEqual([['fit.sidewallMaxRear', 'speaks-against']]);
    expect(await refusalOf(note(of, { rotorMinFront: 1.5 }, 'desk'))).toBe('403 act.not-allowed');
  });
});

describe('other limits', () => {
  const choices = async (): Promise<{ base: string; policy: PolicyChoices }> => {
    const { policy } = await world.as('lead').send(listChecklists);
    const { schema: _schema, version: _version, note: _note, ...rest } = policy.policy;
    return { base: policy.hash, policy: rest };
  };
  it.each([
    // What the reading says now, and what it would say under each practice; nothing where it says the same.
    [11, 'renew-chain', [], []],
    [9, 'go-on', ['renew-chain'], ['renew-chain']],
  ] as const)(
    'are told with the bikes whose readings would mean something else: a sixteenth on %d sprockets',
    async (sprockets, now, early, ruler) => {
      const of = await world.bike(`M${(tags += 1)}`, 'hardtail', { ...USUAL_BUILD.hardtail, sprockets });
      const { facts } = await measuredAt(of, 'chain-wear', reading('chain', '1/16'));
      expect(facts.findings.map((finding) => finding.measured?.next ?? 'go-on')).toEqual(
        now === 'go-on' ? [] : [now],
      );
      const { policy } = await choices();
      const under = async (chainLimit: PolicyChoices['practices']['chainLimit']) => {
        const body = { policy: { ...policy, practices: { ...policy.practices, chainLimit } } };
        const { readings } = await world.as('lead').send(previewPolicy, { body });
        return readings.filter((each) => each.bikeId === of.id).map((each) => each.after.next);
      };
      expect([await under('by-gearing'), await under('early'), await under('ruler')]).toEqual([
        [],
        early,
        ruler,
      ]);
    },
  );
  it('of a wet season are told when nothing but the season is new', async () => {
    const of = await world.bike(`M${(tags += 1)}`, 'hardtail', { ...USUAL_BUILD.hardtail, sprockets: 9 });
    await measuredAt(of, 'chain-wear', reading('chain', '1/16'));
    await changePolicy(world.as('lead'), {
      practiceExceptions: [{ practice: 'chainLimit', side: 'ruler', climates: ['wet'] }],
    });
    const { policy } = await choices();
    const allYear = { siteId: world.siteId, climate: 'wet' as const, from: '01-01', to: '12-31' };
    const under = async (seasons: PolicyChoices['seasons']) => {
      const { readings } = await world
        .as('lead')
        .send(previewPolicy, { body: { policy: { ...policy, seasons } } });
      return readings.filter((each) => each.bikeId === of.id).map((each) => each.after.next);
    };
    expect([await under([]), await under([allYear])]).toEqual([[], ['renew-chain']]);
    await changePolicy(world.as('lead'), { practiceExceptions: [] });
  });
  it('count from when they are saved, are told as the policy’s, and rewrite nothing', async () => {
    const of = await bike();
    const { facts } = await measuredAt(of, 'pad-thickness', reading('disc-pad', '1.8'));
    expect(facts.findings).toEqual([]);
    const { base, policy } = await choices();
    const stricter = { ...policy, limits: { ...policy.limits, padRenew: 2, padFault: 1.9 } };
    const preview = await world.as('lead').send(previewPolicy, { body: { policy: stricter } });
    expect(preview.readings.filter((each) => each.bikeId === of.id)).toMatchObject([
      { before: { outcome: 'pass' }, after: { becomes: 'stop', limit: { value: 1.9, source: 'policy' } } },
    ]);
    await world
      .as('lead')
      .send(publishPolicy, { body: { id: newId(), base, policy: stricter, note: 'Hard season' } });
    expect((await world.bikeNow(of.id)).facts.findings).toEqual([]);
    world.clock.now += 1000;
    const again = await measuredAt(of, 'pad-thickness', reading('disc-pad', '1.8'));
    expect(again.facts.findings).toMatchObject([
      { fault: 'thin', severity: 'stop', measured: { limit: { value: 1.9, source: 'policy' } } },
    ]);
  });
  it('and a most of the house’s own for a joint are kept with the policy; one no wrench gives is refused by field', async () => {
    const { base, policy } = await choices();
    const torqueMost = { 'lever-clamp': 3 };
    await world.as('lead').send(publishPolicy, {
      body: { id: newId(), base, policy: { ...policy, torqueMost }, note: 'Levers turn in a crash' },
    });
    expect((await choices()).policy.torqueMost).toEqual(torqueMost);
    await expect(
      world
        .as('lead')
        .send(previewPolicy, { body: { policy: { ...policy, torqueMost: { 'lever-clamp': 300 } } } }),
    ).rejects.toMatchObject({ problem: { fields: [{ path: 'policy.torqueMost.lever-clamp' }] } });
  });
  it.each([
    [{ padFault: 9 }, '400 body.invalid'],
    [{ padFault: 2.5, padRenew: 2 }, '400 body.invalid'],
  ])('%o are refused by field', async (limits, refusal) => {
    const { policy } = await choices();
    expect(
      await refusalOf(world.as('lead').send(previewPolicy, { body: { policy: { ...policy, limits } } })),
    ).toBe(refusal);
  });
});
