import { expect, it } from 'vitest';
import type { Outcome } from './outcome';
import { secondGlance } from './second-glance';

const ASKED = ['chain', 'rim', 'spokes', 'bars'];
const last = (...answered: readonly (readonly [string, Outcome])[]): ReadonlyMap<string, Outcome> =>
  new Map(answered);

it('is for what failed last time, and for what was only watched', () => {
  const known = last(['chain', 'fail'], ['rim', 'watch'], ['spokes', 'pass'], ['bars', 'pass']);
  expect(ASKED.map((key) => secondGlance(key, ASKED, known))).toEqual(['failed', 'failed', null, null]);
});
it('is for the one question that is new on a bike', () => {
  const known = last(['rim', 'pass'], ['spokes', 'pass'], ['bars', 'pass']);
  expect(ASKED.map((key) => secondGlance(key, ASKED, known))).toEqual(['new', null, null, null]);
});
it('is for nothing on a first check, nor where half of the checklist was never asked', () => {
  expect(ASKED.map((key) => secondGlance(key, ASKED, last()))).toEqual([null, null, null, null]);
  const half = last(['rim', 'pass'], ['spokes', 'pass']);
  expect(ASKED.map((key) => secondGlance(key, ASKED, half))).toEqual([null, null, null, null]);
});
