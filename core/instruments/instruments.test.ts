import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  INSTRUMENT_KIND_KEYS,
  INSTRUMENT_KINDS,
  judgeMessage,
  parseMessage,
  standInLine,
  usualUnit,
  type InstrumentMessage,
} from './index';

const message = (more: Partial<InstrumentMessage>): InstrumentMessage => ({
  ...{ serial: 'G1', kind: 'pressure-gauge', value: 2.31, unit: 'bar', battery: 0.8 },
  ...more,
});
const GAUGE = { kind: 'pressure-gauge' } as const;

describe('what an instrument sends', () => {
  it('is read with or without its unit, or by named values', () => {
    expect(parseMessage('2.31 bar')).toEqual(message({ serial: '', kind: null, battery: null }));
    expect(parseMessage('12,04mm')).toMatchObject({ value: 12.04, unit: 'mm' });
    expect(parseMessage('+0.05')).toMatchObject({ value: 0.05, unit: null });
    expect(parseMessage('id=G1 kind=pressure-gauge value=2.31 unit=bar battery=80')).toEqual(message({}));
    expect(parseMessage('id=T1; value=5.2; unit="N m"')).toMatchObject({
      serial: 'T1',
      unit: 'N m',
      battery: null,
    });
  });

  it('is no reading when it is nonsense, of an unknown unit, or endless', () => {
    for (const line of ['', 'hello', '#ERR 07', 'value=-- unit=bar', '2.31 parsec', '1.2.3', '='.repeat(300)])
      expect(parseMessage(line)).toBeNull();
    fc.assert(
      fc.property(fc.string({ maxLength: 250 }), (line) => {
        const read = parseMessage(line);
        expect(read === null || Number.isFinite(read.value)).toBe(true);
      }),
    );
  });

  it('lands in the field in its unit, rounded as the instrument shows it', () => {
    expect(judgeMessage(message({}), 'bar', GAUGE)).toEqual({
      state: 'read',
      lowBattery: false,
      value: 2.31,
      unit: 'bar',
    });
    // A gauge of the register that is always set to psi is no slip.
    expect(
      judgeMessage(message({ value: 33.5, unit: 'psi' }), 'bar', { ...GAUGE, unit: 'psi' }),
    ).toMatchObject({
      state: 'read',
      value: 2.31,
    });
    // A bare number is in the unit its instrument is set to.
    expect(
      judgeMessage(message({ value: 33.5, unit: null }), 'bar', { ...GAUGE, unit: 'psi' }),
    ).toMatchObject({ value: 2.31 });
    expect(judgeMessage(message({ kind: null, value: 2.3, unit: null }), 'bar', null)).toMatchObject({
      state: 'read',
      value: 2.3,
    });
  });

  it('waits for a word when the instrument is switched to another unit', () => {
    expect(judgeMessage(message({ value: 33.5, unit: 'psi' }), 'bar', GAUGE)).toEqual({
      ...{ state: 'other-unit', value: 2.31, unit: 'bar' },
      sent: { value: 33.5, unit: 'psi' },
    });
  });

  it('is refused when it measures something else, is off its scale or its battery is empty', () => {
    expect(judgeMessage(message({ unit: 'mm' }), 'bar', null)).toEqual({
      state: 'wrong-quantity',
      sent: 'mm',
      wanted: 'bar',
    });
    expect(judgeMessage(message({ unit: null }), 'bar', { kind: 'caliper' })).toMatchObject({
      state: 'wrong-quantity',
    });
    expect(judgeMessage(message({ value: 33 }), 'bar', GAUGE)).toMatchObject({
      state: 'out-of-range',
      least: 0,
      most: 11,
    });
    expect(judgeMessage(message({ value: 5 }), 'bar', { ...GAUGE, most: 4 })).toMatchObject({
      state: 'out-of-range',
      most: 4,
    });
    expect(judgeMessage(message({ battery: 0.04 }), 'bar', GAUGE)).toEqual({ state: 'battery-empty' });
    expect(judgeMessage(message({ battery: 0.15 }), 'bar', GAUGE)).toMatchObject({
      state: 'read',
      lowBattery: true,
    });
  });
});

describe('simulated instruments', () => {
  it('send through the same port: near the truth, the same for a seed', () => {
    for (const kind of INSTRUMENT_KIND_KEYS)
      fc.assert(
        fc.property(fc.nat(1000), fc.double({ min: 0.2, max: 0.8, noNaN: true }), (seed, share) => {
          const { most, accuracy } = INSTRUMENT_KINDS[kind];
          const truth = most * share;
          const standIn = { kind, serial: 'S1', unit: usualUnit(kind), fault: 'none' } as const;
          const line = standInLine(standIn, truth, 3, seed);
          expect(line).toBe(standInLine(standIn, truth, 3, seed));
          const judged = judgeMessage(parseMessage(line) as InstrumentMessage, usualUnit(kind), { kind });
          expect(judged.state).toBe('read');
          if (judged.state === 'read') expect(Math.abs(judged.value - truth)).toBeLessThan(accuracy * 3.5);
        }),
        { numRuns: 40 },
      );
  });

  it('go wrong as asked: another unit, drift, a battery that dies, nonsense', () => {
    const of = (fault: 'drift' | 'wrong-unit' | 'battery' | 'nonsense') =>
      [0, 1, 2, 3, 4].map((nth) =>
        parseMessage(standInLine({ kind: 'pressure-gauge', serial: 'S1', unit: 'bar', fault }, 2.4, nth, 1)),
      );
    expect(of('wrong-unit').every((each) => each?.unit === 'psi')).toBe(true);
    expect((of('drift')[4]?.value ?? 0) - 2.4).toBeGreaterThan(0.1);
    expect(of('battery').map((each) => judgeMessage(each as InstrumentMessage, 'bar', GAUGE))).toMatchObject([
      ...[{ lowBattery: false }, { lowBattery: false }, { lowBattery: false }, { lowBattery: true }],
      { state: 'battery-empty' },
    ]);
    expect(of('nonsense')).toEqual([null, null, null, null, null]);
  });
});
