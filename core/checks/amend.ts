import type { Standing } from './fold';

/**
 * What stands for a signed check once an amendment speaks: where the amendment says something it counts, everywhere else what
 * was signed stays. Source: a record is amended by a new record that names the old one.
 */
export function overlay(
  signed: ReadonlyMap<string, Standing>,
  amendment: ReadonlyMap<string, Standing>,
): ReadonlyMap<string, Standing> {
  return new Map([...signed, ...amendment]);
}
