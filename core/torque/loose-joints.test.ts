import { describe, expect, it } from 'vitest';
import { CHECKPOINTS } from '@cadre/core/shipped';
import { jointFoundLoose, LOOSE_FAULTS, looseJoints, type FoundLoose } from './index';

describe('a fault that says a joint had come loose', () => {
  it.each([
    ['crank-arms', 'loose', 'only', 'crank-arm'],
    ['wheel-nutted', 'loose', 'rear', 'axle-rear'],
    ['wheel-nutted', 'loose', 'right-front', 'axle-front'],
    ['wheel-thru-axle', 'loose', 'front', 'axle-front'],
    ['cable-pinch', 'slips', 'rear-second', 'cable-pinch'],
    ['hanger', 'loose', 'only', 'hanger'],
    ['crank-arms', 'cracked', 'only', null],
    ['wheel-quick-release', 'loose', 'front', null],
    ['own-checkpoint', 'loose', 'only', null],
  ] as const)('%s %s %s: %s', (checkpoint, fault, position, joint) =>
    expect(jointFoundLoose({ checkpoint, fault, position })).toBe(joint),
  );

  it('is one of the catalogue', () => {
    const known = new Set(
      CHECKPOINTS.flatMap(({ key, faults }) => faults.map((fault) => `${key} ${fault.key}`)),
    );
    expect(LOOSE_FAULTS.filter((each) => !known.has(each))).toEqual([]);
  });
});

describe('a joint that comes loose', () => {
  const found = (bikeId: string, joint: FoundLoose['joint'], at = 1): FoundLoose => ({
    bikeId,
    modelId: 'm',
    joint,
    at,
  });
  it('is not one that was loose once', () => expect(looseJoints('a', [found('a', 'pedal')])).toEqual([]));
  it('is one that was loose twice on this bike', () =>
    expect(looseJoints('a', [found('a', 'pedal', 1), found('a', 'pedal', 9), found('a', 'pivot')])).toEqual([
      { joint: 'pedal', onBike: 2, onModel: 2, modelBikes: 1, last: 9 },
    ]));
  it('is one that was loose three times on bikes of the model, not on one other alone', () => {
    const others = [found('b', 'pedal'), found('c', 'pedal'), found('c', 'pedal')];
    expect(looseJoints('a', others)).toEqual([
      { joint: 'pedal', onBike: 0, onModel: 3, modelBikes: 2, last: 1 },
    ]);
    expect(looseJoints('a', others.slice(1))).toEqual([]);
  });
  it('comes first where this bike has it oftenest', () =>
    expect(
      looseJoints('a', [
        ...[found('b', 'pedal'), found('c', 'pedal'), found('c', 'pedal')],
        ...[found('a', 'crank-arm'), found('a', 'crank-arm')],
      ]).map((each) => each.joint),
    ).toEqual(['crank-arm', 'pedal']));
});
