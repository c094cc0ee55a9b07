import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  BIKE_KINDS,
  BUILD_FIELDS,
  differingFields,
  FIT_ITEMS,
  fitIssues,
  fitItemsOf,
  inheritBuild,
  inheritFit,
  partMismatches,
  PART_KINDS,
  positionsOfPart,
  USUAL_BUILD,
  type Build,
  type PartFacts,
  type PartKind,
} from '..';

const { hardtail, child, hybrid, trike } = USUAL_BUILD;
const stepThrough = USUAL_BUILD['step-through'];

describe('a fit list', () => {
  it('has each item once, and every kind of bike has something to state', () => {
    expect(new Set(FIT_ITEMS.map((item) => item.key)).size).toBe(FIT_ITEMS.length);
    for (const kind of BIKE_KINDS) expect(fitItemsOf(USUAL_BUILD[kind]).length, kind).toBeGreaterThan(15);
  });

  it.each([
    ['a rotor on rim brakes', hybrid, 'rotorMinFront', false],
    ['a rotor on discs', hardtail, 'rotorMinFront', true],
    ['sealant in tubes', hardtail, 'sealantFront', false],
    ['a battery without assist', hybrid, 'batteryEnergy', false],
    ['a battery with assist', stepThrough, 'batteryEnergy', true],
    ['a seatpost on a seat frame', trike, 'torqueMax:seatpost-clamp', false],
    ['pads of a coaster brake', { ...child, brakeRear: 'coaster' } as Build, 'padShapeRear', false],
  ])('asks about %s only where there is one', (_name, build, key, asked) => {
    expect(fitItemsOf(build).some((item) => item.key === key)).toBe(asked);
  });

  it('tells everything wrong at once, each by its field', () => {
    const issues = fitIssues({
      rotorMinFront: 9,
      chainLinks: Number.NaN,
      fluid: 'water',
      hangerCode: ' ',
      nothing: 1,
      'torqueMin:pedal': 30,
      'torqueMax:pedal': 20,
      rimMaxRear: 350,
    });
    expect(issues.map((issue) => [issue.path, issue.code])).toEqual([
      ['fit.rotorMinFront', 'out-of-range'],
      ['fit.chainLinks', 'not-a-number'],
      ['fit.fluid', 'unknown'],
      ['fit.hangerCode', 'required'],
      ['fit.nothing', 'unknown'],
      ['fit.torqueMin:pedal', 'over-its-most'],
    ]);
  });

  it('is inherited, and the bike’s own word stands over the model’s', () => {
    expect(inheritFit({ maximumLoad: 120, chain: '11' }, { maximumLoad: 100 })).toEqual({
      maximumLoad: 100,
      chain: '11',
    });
  });
});

describe('a bike of a model', () => {
  it('keeps exactly its own fields when the model changes', () => {
    const field = fc.subarray([...BUILD_FIELDS]);
    fc.assert(
      fc.property(
        fc.constantFrom(...BIKE_KINDS),
        fc.constantFrom(...BIKE_KINDS),
        field,
        (of, becomes, own) => {
          const merged = inheritBuild(USUAL_BUILD[becomes], USUAL_BUILD[of], own);
          for (const name of BUILD_FIELDS)
            expect(merged[name]).toEqual((own.includes(name) ? USUAL_BUILD[of] : USUAL_BUILD[becomes])[name]);
        },
      ),
    );
  });

  it('differs in no field from itself, whatever the order of what it carries', () => {
    expect(differingFields(hybrid, { ...hybrid, accessories: [...hybrid.accessories].reverse() })).toEqual(
      [],
    );
    expect(differingFields(hybrid, { ...hybrid, fork: 'suspension', accessories: [] })).toEqual([
      'fork',
      'accessories',
    ]);
  });
});

describe('a part', () => {
  const against = (kind: PartKind, facts: PartFacts, build: Build, position: 'only' | 'front' | 'rear') =>
    partMismatches({ kind, facts }, build, position);
  it.each([
    ['a wheel of another size', 'wheel', { wheelSize: '26' }, hardtail, 'front', ['wheel-size']],
    [
      'a rim-brake wheel on discs, of another axle',
      'wheel',
      { brake: 'rim', retention: 'nutted' },
      hardtail,
      'rear',
      ['brake', 'retention'],
    ],
    ['a cable-disc wheel on hydraulic discs', 'wheel', { brake: 'cable-disc' }, hardtail, 'rear', []],
    ['a wheel in the middle', 'wheel', {}, hardtail, 'only', ['wrong-end']],
    ['a saddle at the front', 'saddle', {}, hardtail, 'front', ['wrong-end']],
    ['a battery without assist', 'battery', {}, hybrid, 'only', ['no-assist']],
    ['a battery with assist', 'battery', {}, stepThrough, 'only', []],
    ['a rotor on rim brakes', 'rotor', {}, hybrid, 'front', ['no-disc']],
    ['rim pads on discs', 'pads', { brake: 'rim' }, hardtail, 'front', ['brake']],
    ['pads on no brake', 'pads', {}, trike, 'rear', ['brake']],
    ['a saddle on a trike', 'saddle', {}, trike, 'only', ['no-seatpost']],
    ['an 8-speed chain on 11', 'chain', { sprockets: 8 }, hardtail, 'only', ['sprockets']],
    ['a cassette on a hub gear', 'cassette', {}, stepThrough, 'only', ['no-derailleur']],
    ['a shock on a hardtail', 'shock', {}, hardtail, 'only', ['no-shock']],
    ['a chain on a belt', 'chain', {}, { ...hybrid, transmission: 'belt' } as Build, 'only', ['belt']],
  ] as const)('%s', (_name, kind, facts, build, position, expected) => {
    expect(against(kind, facts, build, position)).toEqual(expected);
  });

  it('of no known facts goes onto some bike at each of its places', () => {
    for (const kind of PART_KINDS)
      for (const position of positionsOfPart(kind))
        expect(
          BIKE_KINDS.some((bike) => against(kind, {}, USUAL_BUILD[bike], position).length === 0),
          `${kind} ${position}`,
        ).toBe(true);
  });
});
