import 'fake-indexeddb/auto';
import { createHash, createPublicKey, verify } from 'node:crypto';
import { v7 as newId } from 'uuid';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Person } from '@cadre/contract/people';
import { itemText, type Proof } from '@cadre/core/authorship';
import { GENESIS } from '@cadre/core/event-log';
import { localDb } from '@cadre/web/platform/local-db';
import { fetched, type Fetched } from '../../../testing/fetched';
import { authorKeys, likelyPlace, setSigner, signerOf, takeCounters } from '.';

const ann: Person = {
  ...{ id: newId(), name: 'Ann Reed', signInName: 'ann', role: 'inspector', trainee: false, active: true },
  ...{ competences: [], nameless: false, version: 1 },
};
let server: Fetched;
beforeEach(async () => {
  await localDb.writers.clear();
  setSigner(null);
  server = fetched({ 'POST /api/v1/session/writer': () => ({ done: true }) });
});
afterEach(() => vi.unstubAllGlobals());

const still = (): boolean => true;
const bound = () => server.sent.map((each) => each.body as { id: string; publicKey: string });
const take = () => localDb.transaction('rw', localDb.writers, () => takeCounters(ann.id, 1));
function isSigned(proof: Proof, content: object, publicKey: string): boolean {
  const key = createPublicKey({ key: Buffer.from(publicKey, 'base64url'), format: 'der', type: 'spki' });
  return verify(
    'sha256',
    Buffer.from(itemText('mark', content, proof)),
    { key, dsaEncoding: 'ieee-p1363' },
    Buffer.from(proof.signature, 'base64url'),
  );
}
const prove = (content: object, counter?: number): Promise<Proof> => {
  const signer = signerOf(ann.id);
  if (!signer) throw new Error('no key is open');
  return signer.prove('mark', content, counter);
};

describe('a person’s key on a browser', () => {
  it('signs one item after the other, each with the hash of the one before', async () => {
    const { openKey } = await authorKeys();
    await openKey(ann, 'plover-12', still);
    const [first, second] = await Promise.all([prove({ a: 1 }), prove({ b: ' two ' })]);
    const [{ publicKey = '', id = '' } = {}] = bound();
    expect(isSigned(first, { a: 1 }, publicKey)).toBe(true);
    expect(isSigned(second, { b: 'two' }, publicKey)).toBe(true);
    expect(isSigned(second, { b: 'three' }, publicKey)).toBe(false);
    expect([first.writerId, first.counter, first.previous]).toEqual([id, 1, GENESIS]);
    expect([second.counter, second.previous]).toEqual([
      2,
      createHash('sha256')
        .update(itemText('mark', { a: 1 }, first))
        .digest('hex'),
    ]);
  });

  it('is the same at the next sign-in, opens to nothing but the secret, and goes with the person', async () => {
    const { openKey, openWithoutSignal } = await authorKeys();
    await openKey(ann, 'plover-12', still);
    setSigner(null);
    expect(await openWithoutSignal('ann', 'plover-13')).toBeNull();
    expect(signerOf(ann.id)).toBeNull();
    expect((await openWithoutSignal('ann', 'plover-12'))?.name).toBe('Ann Reed');
    expect(signerOf(ann.id)).not.toBeNull();
    expect(signerOf(newId())).toBeNull();
    await openKey(ann, 'plover-12', still);
    expect(new Set(bound().map((each) => each.publicKey)).size).toBe(1);
    expect(JSON.stringify(await localDb.writers.toArray())).not.toContain('plover');
  });

  it('lies under the new secret once that is changed, and is another where the old one is not known', async () => {
    const { openKey, rewrapKey } = await authorKeys();
    await openKey(ann, 'plover-12', still);
    await rewrapKey(ann, 'plover-12', 'dunlin-34');
    await openKey(ann, 'dunlin-34', still);
    await openKey(ann, 'given-by-the-lead', still); // changed elsewhere
    expect(new Set(bound().map((each) => each.id)).size).toBe(2);
    expect((await prove({}))?.writerId).toBe(bound()[2]?.id);
  });

  it('is not open to whoever signed in while it was being opened', async () => {
    const { openKey } = await authorKeys();
    await openKey(ann, 'plover-12', () => false);
    expect(signerOf(ann.id)).toBeNull();
  });
});

describe('the numbers of a series', () => {
  it('are never given twice, whatever was shown before it was stored', async () => {
    const shown = [likelyPlace(ann.id).counter, likelyPlace(ann.id).counter];
    expect(shown[1]).toBeGreaterThan(shown[0] ?? 0);
    const taken = (await Promise.all([take(), take(), take()])).map((each) => each.first);
    expect(new Set(taken).size).toBe(3);
    expect(likelyPlace(ann.id).counter).toBeGreaterThan(Math.max(...taken));
  });
});
