import { describe, expect, it } from 'vitest';
import { judgeReading, scaleOf, type MeasuredOn } from '@cadre/core/measures';
import { fitItem, partMismatches, USUAL_BUILD, type Build, type PartFacts, type PartKind } from './index';

/** A coaster that is the rear brake, and a hand brake on the rim beside it. */
const both: Build = { ...USUAL_BUILD.child, brakeRear: 'coaster', brakeRearSecond: 'rim' };
const alone: Build = { ...USUAL_BUILD.child, brakeRear: 'coaster' };
const parked: Build = { ...USUAL_BUILD.child, brakeRear: 'coaster', brakeRearSecond: 'parking' };

const on = (build: Build, end: MeasuredOn['end'] = 'rear'): MeasuredOn => ({
  ...{ build, end, rearSuspension: false, fit: {}, chainPreset: 'by-gearing', limits: {} },
});

describe('a wheel with two brakes', () => {
  it.each([
    ['between rim pads besides a coaster', both, 1.5, 'soon'],
    ['with a coaster alone', alone, 1.5, 'nothing'],
    ['with a parking brake besides', parked, 1.5, 'nothing'],
  ] as const)('runs as true as its stricter brake asks: %s', (_name, build, outOf, becomes) => {
    const answer = judgeReading({ measure: 'run-out', values: [outOf] }, on(build));
    expect(answer.ok && answer.value[0]?.becomes).toBe(becomes);
    expect(scaleOf({ measure: 'run-out' }, on(build))?.soundTo).toBe(becomes === 'soon' ? 1 : 2);
  });

  it.each<[string, PartKind, PartFacts, Build, string[]]>([
    ['rim pads go on for the hand brake', 'pads', { brake: 'rim' }, both, []],
    ['pads of no known kind go on', 'pads', {}, both, []],
    ['disc pads do not', 'pads', { brake: 'hydraulic-disc' }, both, ['brake']],
    ['no pads go on beside a coaster alone', 'pads', {}, alone, ['brake']],
    ['nor with a parking brake besides', 'pads', {}, parked, ['brake']],
    ['a wheel for a rim brake goes on', 'wheel', { brake: 'rim' }, both, []],
    ['a wheel with a coaster goes on', 'wheel', { brake: 'coaster' }, both, []],
    ['a disc wheel does not', 'wheel', { brake: 'cable-disc' }, both, ['brake']],
  ])('%s', (_name, kind, facts, build, wanted) =>
    expect(partMismatches({ kind, facts }, build, 'rear')).toEqual(wanted),
  );

  it.each([
    ['rimWallMinRear', true, false],
    ['padShapeRear', true, false],
    ['rotorMinRear', false, false],
    ['torqueMax:rim-brake-mount', true, true],
  ])('may state %s: with both brakes %s, with a coaster alone %s', (key, withBoth, withOne) => {
    expect([fitItem(key)?.on(both), fitItem(key)?.on(alone)]).toEqual([withBoth, withOne]);
  });
});
