import fc from 'fast-check';
import { createHash } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { canonicalJson, entryText, faultInChain, GENESIS, type EntryCore } from './index';

const hash = (text: string): string => createHash('sha256').update(text).digest('hex');

function chainOf(length: number): (EntryCore & { hash: string })[] {
  const chain: (EntryCore & { hash: string })[] = [];
  for (let seq = 1; seq <= length; seq += 1) {
    const entry: EntryCore = {
      chain: 'c',
      seq,
      previousHash: chain.at(-1)?.hash ?? GENESIS,
      id: `id${seq}`,
      kind: 'bike.moved',
      body: { bikeId: 'b', to: 'out', seq },
      policyHash: null,
      author: 'a',
      happenedAt: seq,
      recordedAt: seq,
    };
    chain.push({ ...entry, hash: hash(entryText(entry)) });
  }
  return chain;
}

describe('canonical JSON', () => {
  it('has one spelling whatever the order of keys', () => {
    expect(canonicalJson({ b: 1, a: [true, null, 'ü'], c: undefined })).toBe('{"a":[true,null,"ü"],"b":1}');
    expect(canonicalJson({ a: 1, b: 2 })).toBe(canonicalJson({ b: 2, a: 1 }));
  });

  it('says the same as JSON for everything JSON can carry', () => {
    fc.assert(
      fc.property(fc.jsonValue(), (value) => {
        expect(JSON.parse(canonicalJson(value))).toEqual(JSON.parse(JSON.stringify(value)));
      }),
    );
  });

  it.each([Number.NaN, Number.POSITIVE_INFINITY, () => 1])('refuses %s', (value) => {
    expect(() => canonicalJson(value)).toThrow();
  });
});

describe('a chain', () => {
  it('that nobody touched has no fault', () => {
    expect(faultInChain(chainOf(5), hash)).toBeNull();
  });

  it('shows any altered field at its entry', () => {
    const fields = ['id', 'body', 'author', 'happenedAt', 'recordedAt', 'policyHash', 'kind'] as const;
    for (const field of fields) {
      const chain = chainOf(5).map((entry, index) =>
        index === 2 ? { ...entry, [field]: field === 'body' ? { to: 'in' } : 'other' } : entry,
      ) as (EntryCore & { hash: string })[];
      expect(faultInChain(chain, hash), field).toEqual({ seq: 3, what: 'altered' });
    }
  });

  it('shows a removed entry and a rehashed one', () => {
    expect(
      faultInChain(
        chainOf(5).filter((entry) => entry.seq !== 3),
        hash,
      ),
    ).toEqual({ seq: 3, what: 'missing' });
    const rehashed = chainOf(5).map((entry) => {
      if (entry.seq !== 2) return entry;
      const forged = { ...entry, body: { forged: true } };
      return { ...forged, hash: hash(entryText(forged)) };
    });
    expect(faultInChain(rehashed, hash)).toEqual({ seq: 3, what: 'broken-link' });
  });
});
