import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  isMissed,
  onlyPlace,
  PART_KINDS,
  positionsOfPart,
  sitsOnWheel,
  USUAL_BUILD,
} from '@cadre/core/fleet';
import { CHECKPOINTS } from '@cadre/core/shipped';
import { TRIAL_BIKES } from '@cadre/test-world/core';
import { likelyPart, orderList, placesOn, setAgainAfterWheel, type StockItem } from './index';

const item = (more: Partial<StockItem> = {}): StockItem => ({
  ...{ id: 'i', kind: 'pads', name: 'Sea pads', facts: {}, modelIds: [], markings: {} },
  ...{ onHand: 0, least: 0, price: 100, leadDays: 3, supplier: 'Reed' },
  ...more,
});

describe('where a part may go', () => {
  const hardtail = { build: USUAL_BUILD.hardtail, modelId: 'm' };
  it('is both ends for pads, one place for a chain, none where the build or the model speaks against it', () => {
    expect(placesOn(item(), hardtail)).toEqual(['front', 'rear']);
    expect(placesOn(item({ kind: 'chain' }), hardtail)).toEqual(['only']);
    expect(placesOn(item({ facts: { brake: 'rim' } }), hardtail)).toEqual([]);
    expect(placesOn(item({ kind: 'battery' }), hardtail)).toEqual([]);
    expect(placesOn(item({ modelIds: ['other'] }), hardtail)).toEqual([]);
    expect(placesOn(item({ modelIds: ['other', 'm'] }), hardtail)).toEqual(['front', 'rear']);
    expect(placesOn(item({ modelIds: ['m'] }), { ...hardtail, modelId: null })).toEqual([]);
  });
});

describe('the part a finding likely takes', () => {
  it('has a place it may sit in, for every checkpoint and position', () => {
    let some = 0;
    for (const { key, at } of CHECKPOINTS)
      for (const position of at.only ? (['only'] as const) : (['front', 'rear'] as const)) {
        const part = likelyPart({ checkpoint: key, position });
        if (!part) continue;
        some += 1;
        expect(positionsOfPart(part.kind), key).toContain(part.position);
        if (position !== 'only' && positionsOfPart(part.kind).includes(position))
          expect(part.position).toBe(position);
      }
    expect(some).toBeGreaterThan(20);
  });
  it('is none where hands alone repair it', () =>
    expect(likelyPart({ checkpoint: 'lever-travel', position: 'front' })).toBeNull());
});

describe('what a wheel asks of the bike it lands on', () => {
  it.each([
    ['hardtail', 'front', 'axle pressure caliper'],
    ['hardtail', 'rear', 'axle pressure caliper gears'],
    ['full-suspension', 'rear', 'axle pressure caliper gears sealant-date'],
    ['hybrid', 'front', 'axle pressure rim-pads'],
    ['coaster', 'rear', 'axle pressure brake-arm chain-slack'],
    ['two-brakes', 'rear', 'axle pressure rim-pads brake-arm gears chain-slack'],
    ['belt', 'rear', 'axle pressure caliper gears belt'],
    ['drum-trike', 'rear', 'axle pressure brake-arm gears'],
  ] as const)('%s, %s', (bike, end, wanted) => {
    const build = TRIAL_BIKES[bike];
    if (!build) throw new Error(`no trial bike ${bike}`);
    expect(setAgainAfterWheel(build, end).join(' ')).toBe(wanted);
  });
  it('is the motor’s plug as well where that sits in the hub', () =>
    expect(setAgainAfterWheel({ ...USUAL_BUILD['step-through'], assist: 'hub-motor' }, 'rear')).toContain(
      'assist-plug',
    ));
});

describe('the place of a part', () => {
  it.each([
    ['chain', {}, 'only', 'chain only'],
    ['pads', {}, 'front', 'pads front'],
    ['bearing', { place: 'front-hub' }, 'only', 'bearing front-hub'],
    ['bearing', {}, 'only', null],
    ['cables', {}, 'only', null],
    ['other', {}, 'only', null],
  ] as const)('of %s %j at %s is %s', (kind, facts, position, place) =>
    expect(onlyPlace({ kind, facts }, position)).toBe(place),
  );
  it.each([
    ['tyre', 'front', 'front', true],
    ['tyre', 'rear', 'front', false],
    ['rotor', 'rear', 'rear', true],
    ['cassette', 'only', 'rear', true],
    ['cassette', 'only', 'front', false],
    ['pads', 'rear', 'rear', false],
    ['chain', 'only', 'rear', false],
  ] as const)('%s at %s on a %s wheel: %s', (kind, position, end, sits) =>
    expect(sitsOnWheel(kind, position, end)).toBe(sits),
  );
  it('is missed where a bike is not whole without it', () =>
    expect(PART_KINDS.filter((kind) => !isMissed(kind))).toEqual(['lights', 'device', 'other']));
});

describe('what to order', () => {
  it('fills the shelf to its least and covers what bikes wait for, by supplier, with what it is for', () => {
    const items = [
      item({ id: 'a', onHand: 1, least: 2, price: 100 }),
      item({ id: 'b', name: 'Chain', supplier: 'Alder', onHand: 5, least: 2, price: 30, leadDays: 9 }),
      item({ id: 'c', name: 'Tyre', onHand: 4, least: 2 }),
    ];
    const needs = [
      { itemId: 'a', count: 2, tag: 'H01' },
      { itemId: 'b', count: 6, tag: 'H02' },
    ];
    expect(orderList(items, needs)).toMatchObject([
      {
        supplier: 'Alder',
        cost: 90,
        leadDays: 9,
        lines: [{ count: 3, toTheLeast: 2, wantedFor: [{ tag: 'H02', count: 6 }] }],
      },
      {
        supplier: 'Reed',
        cost: 300,
        lines: [{ item: { id: 'a' }, count: 3, toTheLeast: 2, wantedFor: [{ tag: 'H01', count: 2 }] }],
      },
    ]);
  });

  it('leaves the shelf with its least at the least once all that waits is served, and orders no more', () => {
    const number = fc.integer({ min: 0, max: 20 });
    fc.assert(
      fc.property(number, number, fc.array(number, { maxLength: 5 }), (onHand, least, wants) => {
        const needs = wants.map((count, at) => ({ itemId: 'i', count, tag: `B${at}` }));
        const wanted = wants.reduce((sum, count) => sum + count, 0);
        const count = orderList([item({ onHand, least })], needs)[0]?.lines[0]?.count ?? 0;
        expect(onHand + count - wanted).toBeGreaterThanOrEqual(Math.min(least, onHand + count));
        expect(onHand + count - wanted).toBeGreaterThanOrEqual(count > 0 ? 0 : least);
        if (count > 0) expect(onHand + count - wanted).toBe(least);
      }),
    );
  });

  it('has every kind of part a place somewhere', () => {
    for (const kind of PART_KINDS)
      expect(
        Object.values(USUAL_BUILD).some(
          (build) => placesOn(item({ kind }), { build, modelId: null }).length > 0,
        ),
        kind,
      ).toBe(true);
  });
});
