import type { Answer } from './resolve-marks';

/**
 * What stands for a signed check once an amendment speaks: where the amendment says something it counts, everywhere else what
 * was signed stays. Source: a record is amended by a new record that names the old one.
 */
export function overlay(
  signed: ReadonlyMap<string, Answer>,
  amendment: ReadonlyMap<string, Answer>,
): ReadonlyMap<string, Answer> {
  return new Map([...signed, ...amendment]);
}
