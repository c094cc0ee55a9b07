import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { onLike, valueOf, wrongFields } from '@cadre/test-world/core';
import { CHECKPOINTS } from '@cadre/core/shipped';
import {
  faultOf,
  faultsTold,
  isWorseVerdict,
  judgeReading,
  MEASURES,
  readReading,
  scaleOf,
  settles,
  speaksAgainst,
  takesReading,
  type Measure,
  type Taken,
} from '.';

const judged = (measure: Measure, typed: string, on = onLike(), method?: string) => {
  const read = readReading(measure, typed, method);
  if (read.state !== 'read') throw new Error(`${typed}: ${read.state}`);
  return valueOf(judgeReading(read.taken, on));
};

describe('a reading on a bike', () => {
  it.each([
    // A ruler's sixteenth on eleven sprockets under all three presets.
    ['chain', '1/16', onLike({ build: { sprockets: 11 } }), 'renew-chain', 'upkeep', 'default'],
    [
      'chain',
      '1/16',
      onLike({ build: { sprockets: 11 }, chainPreset: 'early' }),
      'renew-chain',
      'upkeep',
      'default',
    ],
    [
      'chain',
      '1/16',
      onLike({ build: { sprockets: 11 }, chainPreset: 'ruler' }),
      'renew-chain',
      'upkeep',
      'policy',
    ],
    ['chain', '1/16', onLike({ build: { sprockets: 9 } }), 'go-on', 'nothing', 'default'],
    [
      'chain',
      '1/16',
      onLike({ build: { sprockets: 9 }, chainPreset: 'early' }),
      'renew-chain',
      'upkeep',
      'default',
    ],
    // What the chain's maker states holds before all of them.
    [
      'chain',
      '1/16',
      onLike({ build: { sprockets: 11 }, fit: { chainLimit: 0.6 } }),
      'go-on',
      'nothing',
      'marking',
    ],
    [
      'chain',
      '1/16',
      onLike({ build: { sprockets: 9 }, fit: { chainLimit: 0.5 } }),
      'renew-chain',
      'upkeep',
      'marking',
    ],
    ['spokes', '80 82 78 80', onLike({ fit: { spokeFloorFront: 90 } }), 'tension-wheel', 'stop', 'marking'],
    ['spokes', '80 82 78 80', onLike({ fit: { spokeFloorRear: 90 } }), 'go-on', 'nothing', 'default'],
    ['disc-pad', '3.4 total', onLike({ fit: { padPlateFront: 1.9 } }), 'plan-pads', 'upkeep', 'default'],
    ['disc-pad', '3.4 total', onLike({ fit: { padPlateRear: 1.9 } }), 'plan-pads', 'upkeep', 'default'],
    [
      'disc-pad',
      '3.4 total',
      onLike({ end: 'rear', fit: { padPlateRear: 1.5 } }),
      'go-on',
      'nothing',
      'default',
    ],
    ['disc-pad', '3.4 total', onLike({ fit: { padTotalMinFront: 3 } }), 'plan-pads', 'upkeep', 'marking'],
    ['disc-pad', '1', onLike(), 'renew-pads', 'stop', 'default'],
    ['disc-pad', '1.2', onLike({ limits: { padFault: 1.2 } }), 'renew-pads', 'stop', 'policy'],
    ['disc-pad', '3.0 2.4', onLike(), 'centre-caliper', 'soon', 'default'],
    ['rim-pad', '0.9', onLike(), 'renew-pads', 'stop', 'default'],
    ['rotor', '1.62 1.58 1.56', onLike({ fit: { rotorMinFront: 1.55 } }), 'plan-rotor', 'upkeep', 'marking'],
    [
      'rotor',
      '1.55 1.6 1.6',
      onLike({ end: 'rear', fit: { rotorNominalRear: 1.85 } }),
      'renew-rotor',
      'stop',
      'default',
    ],
    ['rim-track', '0.5', onLike(), 'stop-rim', 'stop', 'default'],
    ['run-out', '1.2', onLike({ build: { brakeFront: 'rim' } }), 'true-wheel', 'soon', 'default'],
    ['run-out', '1.2', onLike({ build: { brakeFront: 'rim' }, end: 'rear' }), 'go-on', 'nothing', 'default'],
    ['spokes', '100 100 100 40', onLike(), 'tension-spokes', 'soon', 'default'],
    ['tyre-window', '2', onLike({ fit: { sidewallMinFront: 210 } }), 'pump', 'fixed', 'marking'],
    [
      'tyre-window',
      '2',
      onLike({ fit: { sidewallMinFront: 210 }, end: 'rear' }),
      'read-tyre-marking',
      'nothing',
      undefined,
    ],
    ['tyre-window', '2', onLike({ fit: { tyreWidthFront: 40 } }), 'pump', 'fixed', 'default'],
    [
      'tyre-window',
      '2',
      onLike({ fit: { tyreWidthFront: 40 }, limits: { tyreFloor45: 210 } }),
      'pump',
      'fixed',
      'policy',
    ],
    ['tyre-window', '4', onLike({ fit: { rimMaxFront: 380 } }), 'let-down', 'fixed', 'marking'],
    ['tyre-window', '0.1', onLike({ fit: { rimMaxFront: 380 } }), 'find-leak', 'stop', undefined],
    [
      'tyre-window',
      '3',
      onLike({ fit: { sidewallMinFront: 400, rimMaxFront: 380 } }),
      'conflict-ask-maker',
      'stop',
      'marking',
    ],
    ['pressure', '14', onLike({ fit: { forkPressureMax: 1400 } }), 'let-fork-down', 'stop', 'marking'],
    ['pressure', '13', onLike({ fit: { forkPressureMax: 1400 } }), 'go-on', 'nothing', 'marking'],
    [
      'pressure',
      '13',
      onLike({ fit: { forkPressureMax: 1200 }, rearSuspension: true }),
      'read-fork-marking',
      'nothing',
      undefined,
    ],
    ['sag', '34/160', onLike(), 'go-on', 'nothing', 'default'],
    ['sag', '34/160', onLike({ build: { kind: 'hybrid' } }), 'set-sag', 'fixed', 'default'],
    ['sag', '26 %', onLike(), 'set-sag', 'fixed', 'default'],
    ['sag', '26 %', onLike({ fit: { suspensionUse: 'park' } }), 'go-on', 'nothing', 'default'],
    ['sag', '26 %', onLike({ rearSuspension: true }), 'go-on', 'nothing', 'default'],
    [
      'sag',
      '26 %',
      onLike({ rearSuspension: true, fit: { suspensionUse: 'park' } }),
      'set-sag',
      'fixed',
      'default',
    ],
    ['lever-travel', '65', onLike(), 'take-up-lever', 'soon', 'default'],
    ['hanger', '10 12.5 11 10', onLike({ build: { sprockets: 12 } }), 'align-hanger', 'soon', 'default'],
    ['hanger', '2.5', onLike({ build: { sprockets: 12 } }), 'align-hanger', 'soon', 'default'],
    ['hanger', '2.5', onLike({ build: { sprockets: 9 } }), 'go-on', 'nothing', 'default'],
    ['chain-slack', '21', onLike(), 'stop-chain', 'stop', 'default'],
    // 17 mm where the chain works the only brake, and where another brake is left.
    [
      'chain-slack',
      '17',
      onLike({ build: { brakeFront: 'none', brakeRear: 'coaster' } }),
      'stop-chain',
      'stop',
      'default',
    ],
    [
      'chain-slack',
      '17',
      onLike({ build: { brakeFront: 'rim', brakeRear: 'coaster' } }),
      'tighten-chain',
      'soon',
      'default',
    ],
    [
      'chain-slack',
      '17',
      onLike({ build: { brakeFront: 'none', brakeRear: 'rim' } }),
      'tighten-chain',
      'soon',
      'default',
    ],
    // A new wheel has a millimetre, whatever its brake.
    ['run-out', '1.6', onLike(), 'go-on', 'nothing', 'default'],
    ['run-out', '1.6', onLike({ newWheel: true }), 'true-wheel', 'soon', 'default'],
    ['run-out', '4', onLike({ newWheel: true }), 'stop-wheel', 'stop', 'default'],
    // A gauge says nothing closer than its bands: the one below the limit is near it.
    ['chain', '0.25', onLike({ build: { sprockets: 11 } }), 'plan-chain', 'upkeep', 'default'],
    ['chain', '0.1', onLike({ build: { sprockets: 11 } }), 'go-on', 'nothing', 'default'],
    ['chain', '0.5', onLike({ build: { sprockets: 9 } }), 'plan-chain', 'upkeep', 'default'],
    ['chain', '0.25', onLike({ build: { sprockets: 9 } }), 'go-on', 'nothing', 'default'],
    [
      'chain',
      '0.75',
      onLike({ build: { gears: 'single-speed', sprockets: 1 } }),
      'plan-chain',
      'upkeep',
      'default',
    ],
    [
      'chain',
      '0.5',
      onLike({ build: { sprockets: 11 }, fit: { chainLimit: 0.6 } }),
      'plan-chain',
      'upkeep',
      'marking',
    ],
    // The length of the same chain says it closer.
    ['chain', '611.4/24', onLike({ build: { sprockets: 11 } }), 'go-on', 'nothing', 'default'],
    ['battery', '80', onLike(), 'person-says', 'nothing', undefined],
    ['rim-track', '0', onLike(), 'go-on', 'nothing', 'default'],
    ['battery', '80', onLike({ inStore: true }), 'set-charge', 'fixed', 'default'],
  ] as const)('%s “%s” (%#): %s, %s', (measure, typed, on, next, becomes, source) => {
    const [worst] = judged(measure, typed, on);
    expect(worst).toMatchObject({ next, becomes });
    expect(worst?.limit?.source).toBe(source);
  });
  it('of a battery’s health plans a new one', () => {
    expect(judged('battery', '350/500', onLike(), 'health')[0]).toMatchObject({
      next: 'plan-battery',
      becomes: 'upkeep',
    });
    expect(judged('battery', '71', onLike(), 'health')[0]?.outcome).toBe('pass');
  });
  it.each([
    ['1.9', { least: 2 }, 'soon', 'checklist'],
    ['2', { least: 2 }, 'soon', 'checklist'],
    ['2.1', { least: 2 }, 'nothing', 'default'],
    ['4', { most: 4 }, 'soon', 'checklist'],
    ['3.9', { most: 4 }, 'nothing', 'default'],
    // It makes nothing sounder.
    ['0.9', { least: 0.5 }, 'stop', 'default'],
  ] as const)('“%s” under the checklist’s own %o: %s', (typed, own, becomes, source) =>
    expect(judged('disc-pad', typed, onLike({ own }))[0]).toMatchObject({ becomes, limit: { source } }),
  );
  it.each([
    [{ measure: 'rotor', values: [] }, ['values']],
    [{ measure: 'rotor', values: [1.6, Number.NaN, 1.6] }, ['values']],
    [{ measure: 'rotor', values: [1.6, 1.6] }, ['places']],
    [{ measure: 'chain', values: [-3] }, ['elongation']],
    [{ measure: 'torque', values: [-3] }, ['values']],
    [{ measure: 'sag', values: [2] }, ['sag']],
  ] as const)('%o is refused', (taken, fields) =>
    expect(wrongFields(judgeReading(taken, onLike()))).toEqual(fields),
  );
  it('of what no number judges leaves it to the person', () =>
    expect(valueOf(judgeReading({ measure: 'torque', values: [5] }, onLike()))[0]).toMatchObject({
      outcome: 'unknown',
      next: 'person-says',
    }));
});

describe('a verdict and the usual faults', () => {
  const measuredCheckpoints = CHECKPOINTS.filter((each) => takesReading(each.measure));
  it('name each other: every fault told is one some checkpoint has', () => {
    expect(measuredCheckpoints.length).toBeGreaterThan(12);
    for (const measure of (Object.keys(MEASURES) as Measure[]).filter(takesReading)) {
      const had = new Set(
        measuredCheckpoints
          .filter((each) => each.measure === measure)
          .flatMap((each) => each.faults.map((fault) => fault.key)),
      );
      expect(
        [...faultsTold(measure)].filter((key) => !had.has(key)),
        measure,
      ).toEqual([]);
    }
  });
  it('are proposed where the checkpoint has them', () => {
    const of = (key: string) => CHECKPOINTS.find((each) => each.key === key)?.faults ?? [];
    const [thin] = judged('disc-pad', '0.8');
    expect(thin && faultOf('disc-pad', thin, of('pad-thickness'))).toBe('thin');
    expect(thin && faultOf('disc-pad', thin, [])).toBeNull();
  });
  it.each([
    ['chain', 'chain-wear', true],
    ['tyre-window', 'tyre-pressure', true],
    ['hanger', 'hanger-measured', false],
    ['chain-slack', 'chain-slack', true],
    ['disc-pad', 'disc-pads', false],
    ['lever-travel', 'lever-travel', false],
  ] as const)('a sound %s says all of %s: %s', (measure, key, all) => {
    const checkpoint = CHECKPOINTS.find((each) => each.key === key);
    expect(checkpoint?.measure).toBe(measure);
    expect(settles(measure, checkpoint?.faults ?? [])).toBe(all);
  });
});

describe('the scale of a reading', () => {
  it('of a chain whose maker states a limit ends a little before that', () =>
    expect(scaleOf({ measure: 'chain' }, onLike({ fit: { chainLimit: 0.8 } }))).toMatchObject({
      soundTo: 0.0075,
      limits: [{ value: 0.008, source: 'marking' }, { source: 'default' }],
    }));
  const on = onLike({
    fit: {
      sidewallMinFront: 210,
      rimMaxFront: 380,
      rotorMinFront: 1.55,
      forkPressureMax: 1400,
      padTotalMinFront: 3,
    },
    limits: { padAllowance: 0.2 },
    inStore: true,
  });
  const scales: readonly (readonly [Pick<Taken, 'measure' | 'method'>, number, number])[] = [
    [{ measure: 'chain' }, -0.005, 0.05],
    [{ measure: 'disc-pad', method: 'compound' }, 0, 6],
    [{ measure: 'disc-pad', method: 'total' }, 0, 10],
    [{ measure: 'rim-pad' }, 0, 20],
    [{ measure: 'rotor' }, 0.5, 4],
    [{ measure: 'rim-track' }, 0, 3],
    [{ measure: 'run-out' }, 0, 50],
    [{ measure: 'tyre-window' }, 0, 1100],
    [{ measure: 'pressure' }, 0, 3000],
    [{ measure: 'sag' }, 0, 1],
    [{ measure: 'lever-travel' }, 0, 1],
    [{ measure: 'hanger' }, 0, 60],
    [{ measure: 'chain-slack' }, 0, 80],
    [{ measure: 'battery', method: 'charge' }, 0, 1],
    [{ measure: 'battery', method: 'health' }, 0, 1],
  ];
  it.each(scales)('of %o says of every point what the judge says', (taken, least, most) => {
    const scale = scaleOf(taken, on);
    if (!scale) throw new Error('no scale');
    fc.assert(
      fc.property(fc.double({ min: least, max: most, noNaN: true }), (value) => {
        const [worst] = valueOf(
          judgeReading({ ...taken, values: taken.measure === 'rotor' ? [value, value, value] : [value] }, on),
        );
        const near = [scale.soundFrom, scale.soundTo].some(
          (end) => end !== null && Math.abs(end - value) < 1e-6,
        );
        const inside =
          (scale.soundFrom === null || value > scale.soundFrom) &&
          (scale.soundTo === null || value < scale.soundTo);
        if (!near && worst) expect(speaksAgainst(worst), String(value)).toBe(!inside);
      }),
    );
    expect(scale.limits.length).toBeGreaterThan(0);
  });
  it.each([
    [
      { measure: 'disc-pad', method: 'compound' },
      onLike({ fit: { padPlateFront: 1.8, padTotalMinFront: 3.2 } }),
      0,
      6,
    ],
    [{ measure: 'chain', method: 'gauge' }, onLike({ build: { sprockets: 11 } }), 0, 0.02],
    [{ measure: 'run-out' }, onLike({ newWheel: true }), 0, 10],
    [{ measure: 'chain-slack' }, onLike({ build: { brakeFront: 'none', brakeRear: 'coaster' } }), 0, 40],
  ] as const)(
    'of %o where the bike or the hand changes the limit says what the judge says',
    (taken, on, least, most) => {
      const scale = scaleOf(taken, on);
      for (let step = 0; step <= 400; step += 1) {
        const value = least + ((most - least) * step) / 400;
        const [worst] = valueOf(judgeReading({ ...taken, values: [value] }, on));
        const isNear = [scale?.soundFrom, scale?.soundTo].some(
          (end) => typeof end === 'number' && Math.abs(end - value) < 1e-6,
        );
        const inside =
          (scale?.soundFrom ?? -1) < value && value < (scale?.soundTo ?? Number.POSITIVE_INFINITY);
        if (!isNear && worst) expect(speaksAgainst(worst), String(value)).toBe(!inside);
      }
    },
  );
  it.each([
    [10, 4],
    [11, 2],
    [12, 2],
  ])('of a hanger on %d sprockets ends at %d mm', (sprockets, most) =>
    expect(scaleOf({ measure: 'hanger' }, onLike({ build: { sprockets } }))?.soundTo).toBe(most),
  );
  it('is none where no limit is known', () => {
    for (const measure of ['rotor', 'tyre-window', 'pressure', 'battery', 'torque', 'spokes'] as const)
      expect(scaleOf({ measure }, onLike()), measure).toBeNull();
  });
});

describe('what is outside a window and left so', () => {
  const left = (measure: Measure, typed: string, on = onLike()) => judged(measure, typed, on)[0];
  it.each([
    [
      'over a marked maximum',
      left('tyre-window', '3.9', onLike({ fit: { rimMaxFront: 380 } })),
      'let-down',
      'stop',
    ],
    [
      'over a rim without hooks',
      left('tyre-window', '5.1', onLike({ fit: { hooklessFront: 'yes' } })),
      'let-down',
      'stop',
    ],
    [
      'under the marked minimum',
      left('tyre-window', '2', onLike({ fit: { sidewallMinFront: 210 } })),
      'pump',
      'stop',
    ],
    [
      'under a floor of the program only',
      left('tyre-window', '2', onLike({ fit: { tyreWidthFront: 40 } })),
      'pump',
      'soon',
    ],
    [
      'under the start chosen for it',
      left(
        'tyre-window',
        '2.1',
        onLike({ fit: { sidewallMinFront: 200, sidewallMaxFront: 400, startPressureFront: 220 } }),
      ),
      'pump',
      'soon',
    ],
    [
      'under the start chosen for it, exactly at the marked minimum',
      left(
        'tyre-window',
        '2',
        onLike({ fit: { sidewallMinFront: 200, sidewallMaxFront: 400, startPressureFront: 220 } }),
      ),
      'pump',
      'soon',
    ],
    [
      'under start and marked minimum',
      left(
        'tyre-window',
        '1.9',
        onLike({ fit: { sidewallMinFront: 200, sidewallMaxFront: 400, startPressureFront: 220 } }),
      ),
      'pump',
      'stop',
    ],
    ['with 27 % of sag on a trail fork', left('sag', '27 %'), 'set-sag', 'upkeep'],
    [
      'with 85 % of charge in the store',
      left('battery', '85', onLike({ inStore: true })),
      'set-charge',
      'upkeep',
    ],
  ] as const)('%s', (_name, verdict, next, uncorrected) =>
    expect(verdict).toMatchObject({ becomes: 'fixed', next, uncorrected }),
  );

  it.each([
    ['at its marked maximum', '3.8', { sidewallMinFront: 210, rimMaxFront: 380 }],
    ['at its marked minimum', '2.1', { sidewallMinFront: 210, rimMaxFront: 380 }],
    ['at the one pressure its markings leave', '3.8', { sidewallMinFront: 380, rimMaxFront: 380 }],
  ] as const)('is not a tyre %s', (_name, typed, fit) =>
    expect(left('tyre-window', typed, onLike({ fit }))).toMatchObject({ outcome: 'pass' }),
  );

  it.each([
    ['hardtail', 'front', {}, 170, 'default'],
    ['hardtail', 'rear', {}, 190, 'default'],
    ['hybrid', 'front', {}, 350, 'default'],
    ['child', 'rear', {}, 200, 'default'],
    ['hybrid', 'front', { sidewallMaxFront: 300, sidewallMinFront: 200 }, 300, 'marking'],
    ['hybrid', 'front', { sidewallMinFront: 400 }, 400, 'marking'],
    ['hybrid', 'front', { sidewallMaxFront: 350, sidewallMinFront: 200 }, 350, 'default'],
    ['hybrid', 'front', { sidewallMinFront: 350 }, 350, 'default'],
    [
      'hybrid',
      'front',
      { sidewallMinFront: 200, sidewallMaxFront: 400, startPressureFront: 220 },
      220,
      'start',
    ],
  ] as const)('is set, on a %s %s with %o, to %d kPa', (kind, end, fit, value, source) => {
    const width = { tyreWidthFront: 40, tyreWidthRear: 40 };
    expect(
      left('tyre-window', '0.5', onLike({ build: { kind }, end, fit: { ...width, ...fit } }))?.aim?.value,
    ).toBe(Math.max(value, Object.keys(fit).length > 0 ? 0 : 250));
    if (Object.keys(fit).length > 0)
      expect(
        left('tyre-window', '0.5', onLike({ build: { kind }, end, fit: { ...width, ...fit } }))?.aim?.source,
      ).toBe(source);
  });
  it('is set to nothing certain where the window alone counts', () =>
    expect(
      left('tyre-window', '2', onLike({ fit: { sidewallMinFront: 210 }, pressureBy: 'window' }))?.aim,
    ).toBeUndefined());
});

describe('a checklist’s own limit', () => {
  const own = (
    measure: Measure,
    typed: string,
    limit: NonNullable<Parameters<typeof onLike>[0]>['own'],
    more: Parameters<typeof onLike>[0] = {},
  ) => judged(measure, typed, onLike({ ...more, own: limit }));
  it.each([
    // The thinnest place, not the spread between places.
    ['rotor', '1.75 1.70 1.76', { least: 1.6 }, { fit: { rotorMinFront: 1.5 } }, null],
    ['rotor', '1.75 1.60 1.76', { least: 1.6 }, { fit: { rotorMinFront: 1.4 } }, 1.6],
    ['rotor', '1.75 1.70 1.76', { most: 1.7 }, { fit: { rotorMinFront: 1.5 } }, 1.76],
    ['disc-pad', '3.4 total', { least: 1.5 }, { fit: { padPlateFront: 1.7 } }, null],
    ['disc-pad', '3.4 2.7 total', { least: 2 }, { fit: { padPlateFront: 0.9 } }, 1.8],
    ['hanger', '10 11.5 11 10', { most: 1.5 }, { build: { sprockets: 9 } }, 1.5],
    ['hanger', '1.4', { most: 1.5 }, { build: { sprockets: 9 } }, null],
    ['run-out', '0.4 0.9', { most: 0.8 }, {}, 0.9],
    ['spokes', '100 100 85 100', { least: 0.9 }, {}, 0.85],
    ['chain-slack', '13', { most: 12 }, {}, 13],
  ] as const)(
    'of %s “%s” against %o is compared with what the shipped limit is compared with',
    (measure, typed, limit, more, value) => {
      const past = own(measure, typed, limit, more).find((verdict) => verdict.next === 'own-limit');
      if (value === null) expect(past).toBeUndefined();
      else expect(past).toMatchObject({ value: expect.closeTo(value, 9), limit: { source: 'checklist' } });
    },
  );
  it.each([
    ['soon unless its author chose', 'chain-slack', '13', { most: 12 }, 'soon'],
    ['upkeep of a chain', 'chain', '0.3', { most: 0.002 }, 'upkeep'],
    ['a watch where its author chose that', 'chain-slack', '13', { most: 12, severity: 'watch' }, 'watch'],
    ['a stop where its author chose that', 'chain-slack', '13', { most: 12, severity: 'stop' }, 'stop'],
  ] as const)('is %s', (_name, measure, typed, limit, becomes) =>
    expect(
      own(measure, typed, limit, { build: { sprockets: 9 } }).find((verdict) => verdict.next === 'own-limit')
        ?.becomes,
    ).toBe(becomes),
  );
  it('adds nothing to what weighs as much without it', () =>
    expect(
      [own('chain-slack', '21', { most: 12 }), own('chain-slack', '21', { most: 12, severity: 'stop' })].map(
        (all) => all.map((each) => each.next),
      ),
    ).toEqual([['stop-chain'], ['stop-chain']]));
});

describe('whatever is measured', () => {
  const given = fc.record({
    measure: fc.constantFrom(...(Object.keys(MEASURES) as Measure[])),
    values: fc.array(fc.oneof(fc.double(), fc.double({ min: 0, max: 5, noNaN: true })), { maxLength: 6 }),
    method: fc.constantFrom(undefined, 'total', 'pitch', 'health'),
  });
  it('is answered by a verdict or a field, never by NaN', () => {
    fc.assert(
      fc.property(given, (taken) => {
        const answer = judgeReading(taken, onLike({ fit: { rotorMinFront: 1.5, sidewallMinFront: 200 } }));
        if (answer.ok)
          expect(answer.value.length > 0 && answer.value.every((each) => Number.isFinite(each.value))).toBe(
            true,
          );
        else expect(answer.issues.length).toBeGreaterThan(0);
      }),
    );
  });
  it('comes worst first', () => {
    fc.assert(
      fc.property(given, (taken) => {
        const answer = judgeReading(taken, onLike({ fit: { rotorMinFront: 1.5 }, own: { least: 1 } }));
        if (answer.ok)
          answer.value
            .slice(1)
            .forEach((each, at) => expect(isWorseVerdict(each, answer.value[at] ?? each)).toBe(false));
      }),
    );
  });
});
