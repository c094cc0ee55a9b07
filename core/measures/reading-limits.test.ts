import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { onLike, valueOf } from '@cadre/test-world/core';
import { CHECKPOINTS } from '@cadre/core/shipped';
import {
  faultOf,
  faultsTold,
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
