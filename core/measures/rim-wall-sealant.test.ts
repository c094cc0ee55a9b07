import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { faultOf, judgeReading, readReading, scaleOf, type Measure, type MeasuredOn } from './index';

const on = (fit: MeasuredOn['fit'], limits: MeasuredOn['limits'] = {}): MeasuredOn => ({
  build: USUAL_BUILD.hybrid,
  end: 'front',
  rearSuspension: false,
  fit,
  chainPreset: 'by-gearing',
  limits,
});
const judged = (measure: Measure, typed: string, fit: MeasuredOn['fit'] = {}, method?: string) => {
  const read = readReading(measure, typed, method);
  if (read.state !== 'read') return read.state;
  const answer = judgeReading(read.taken, on(fit));
  const [worst] = answer.ok ? answer.value : [];
  return worst ? `${worst.outcome} ${worst.becomes} ${worst.next}` : 'refused';
};

describe('a rim’s wall', () => {
  const marked = { rimWallMinFront: 0.9 };
  it.each([
    ['1.5', marked, 'pass nothing go-on'],
    ['1.11', marked, 'pass nothing go-on'],
    ['1.1', marked, 'renew upkeep plan-rim'],
    ['0,95 mm', marked, 'renew upkeep plan-rim'],
    ['0.9', marked, 'fail stop stop-rim'],
    ['0.4', marked, 'fail stop stop-rim'],
    ['0.4', {}, 'unknown nothing read-rim-marking'],
    ['9', marked, 'out-of-range'],
    ['thin', marked, 'not-a-number'],
  ])('%s with %j: %s', (typed, fit, wanted) => expect(judged('rim-wall', typed, fit)).toBe(wanted));

  it('is never sounder when it is thinner', () => {
    const WEIGHT = ['pass', 'renew', 'fail'];
    const outcome = (value: number): number => {
      const answer = judgeReading({ measure: 'rim-wall', values: [value] }, on(marked));
      return WEIGHT.indexOf(answer.ok ? (answer.value[0]?.outcome ?? '') : '');
    };
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 6, noNaN: true }),
        fc.double({ min: 0, max: 6, noNaN: true }),
        (a, b) => {
          expect(outcome(Math.min(a, b))).toBeGreaterThanOrEqual(outcome(Math.max(a, b)));
        },
      ),
    );
  });
});

describe('a rim brake’s track', () => {
  it.each([
    ['0.1', 'mark-there', 'pass nothing go-on'],
    ['0.1', undefined, 'pass nothing go-on'],
    ['0', 'mark-gone', 'fail stop stop-rim'],
    ['0.1', 'mark-gone', 'fail stop stop-rim'],
  ])('%s with its wear mark %s: %s', (typed, method, wanted) =>
    expect(judged('rim-track', typed, {}, method)).toBe(wanted),
  );
  it('has no sound stretch on its scale once the mark is gone', () =>
    expect(scaleOf({ measure: 'rim-track', method: 'mark-gone' }, on({}))).toBeNull());
});

describe('a rim brake’s pads', () => {
  it.each([
    ['4', undefined, 'pass nothing go-on'],
    ['4', 'line-there', 'pass nothing go-on'],
    ['4', 'line-gone', 'fail soon renew-pads-by-line'],
    ['0.8', 'line-gone', 'fail stop renew-pads'],
    ['0.8', 'line-there', 'fail stop renew-pads'],
  ])('%s over the holder with the wear line %s: %s', (typed, method, wanted) =>
    expect(judged('rim-pad', typed, {}, method)).toBe(wanted),
  );
  it('propose the fault that says so, and no worse one', () => {
    const faults = [{ key: 'to-holder' }, { key: 'line-gone' }] as never;
    const verdictOf = (typed: string, method: string) => {
      const read = readReading('rim-pad', typed, method);
      const answer = read.state === 'read' ? judgeReading(read.taken, on({})) : null;
      return answer?.ok ? answer.value[0] : undefined;
    };
    const gone = verdictOf('4', 'line-gone');
    const worn = verdictOf('0.8', 'line-gone');
    expect([gone && faultOf('rim-pad', gone, faults), worn && faultOf('rim-pad', worn, faults)]).toEqual([
      'line-gone',
      'to-holder',
    ]);
  });
});

describe('sealant', () => {
  const dose = { sealantFront: 80 };
  it.each([
    ['60', dose, 'left', 'pass nothing go-on'],
    ['41 ml', dose, 'left', 'pass nothing go-on'],
    ['40', dose, 'left', 'renew upkeep top-up-sealant'],
    ['21', dose, 'left', 'renew upkeep top-up-sealant'],
    ['20', dose, 'left', 'fail soon refill-sealant'],
    ['0', dose, 'left', 'fail soon refill-sealant'],
    ['10', dose, 'poured', 'pass nothing go-on'],
    ['10', {}, 'left', 'unknown nothing person-says'],
    ['700', dose, 'left', 'out-of-range'],
  ])('%s of %j %s: %s', (typed, fit, method, wanted) =>
    expect(judged('sealant', typed, fit, method)).toBe(wanted),
  );
  it('is judged by the program’s shares where it has its own', () => {
    const answer = judgeReading({ measure: 'sealant', values: [60] }, on(dose, { sealantLow: 0.8 }));
    expect(answer.ok && answer.value[0]).toMatchObject({
      outcome: 'renew',
      limit: { value: 64, source: 'policy' },
    });
  });
  it('shows on its scale what judges it', () =>
    expect(scaleOf({ measure: 'sealant' }, on(dose))).toMatchObject({ soundFrom: 40, soundTo: null }));
});
