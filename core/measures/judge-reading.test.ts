import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { onLike, valueOf, wrongFields } from '@cadre/test-world/core';
import { isWorseVerdict, judgeReading, MEASURES, readReading, type Measure } from '.';

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
