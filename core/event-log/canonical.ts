/**
 * JSON with one spelling: keys sorted, no spaces, undefined left out. Two equal documents give the same
 * text, so a hash over it can be checked later. Refuses what JSON cannot carry (NaN, infinities, bigint).
 */
export function canonicalJson(value: unknown): string {
  if (value === null || typeof value === 'boolean' || typeof value === 'string') return JSON.stringify(value);
  if (typeof value === 'number') {
    if (!Number.isFinite(value)) throw new Error(`not a number JSON can carry: ${value}`);
    return JSON.stringify(value);
  }
  if (Array.isArray(value))
    return `[${value.map((each) => canonicalJson(each === undefined ? null : each)).join(',')}]`;
  if (typeof value === 'object') {
    const entries = Object.entries(value)
      .filter(([, each]) => each !== undefined)
      .sort(([a], [b]) => (a < b ? -1 : a > b ? 1 : 0));
    return `{${entries.map(([key, each]) => `${JSON.stringify(key)}:${canonicalJson(each)}`).join(',')}}`;
  }
  throw new Error(`not a value JSON can carry: ${typeof value}`);
}
