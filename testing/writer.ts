import { createHash, generateKeyPairSync, sign, type KeyObject } from 'node:crypto';
import { v7 as newId } from 'uuid';
import type { NewMark } from '@cadre/contract/checks';
import { bindWriter } from '@cadre/contract/people';
import { itemContent, itemText, type ItemKind, type Proof } from '@cadre/core/authorship';
import { GENESIS } from '@cadre/core/event-log';
import type { Client } from '@cadre/test-world/client';

/** One person on one browser, with the key that shows what they said there: what the interface does, without it. */
export class Writer {
  readonly id = newId();
  counter = 0;
  previous = GENESIS;
  readonly publicKey: string;
  private readonly key: KeyObject;

  constructor(readonly author: string) {
    const { publicKey, privateKey } = generateKeyPairSync('ec', { namedCurve: 'prime256v1' });
    this.key = privateKey;
    this.publicKey = publicKey.export({ format: 'der', type: 'spki' }).toString('base64url');
  }

  /** Bound in the session of a client whose person just signed in. */
  async bind(client: Client): Promise<this> {
    await client.send(bindWriter, { body: { id: this.id, publicKey: this.publicKey } });
    return this;
  }

  /** Signs something as the next item of the series. */
  prove(kind: ItemKind, content: object): Proof {
    this.counter += 1;
    const place = { writerId: this.id, counter: this.counter, previous: this.previous };
    const text = itemText(kind, content, place);
    this.previous = createHash('sha256').update(text, 'utf8').digest('hex');
    const signature = sign('sha256', Buffer.from(text, 'utf8'), { key: this.key, dsaEncoding: 'ieee-p1363' });
    return { ...place, signature: signature.toString('base64url') };
  }

  /** A mark of this person, signed. */
  mark(about: { readonly bikeId: string; readonly checklistHash: string }, given: NewMark): NewMark {
    const { proof: _proof, ...said } = given;
    const mark = { ...said, author: this.author, writerId: this.id, counter: this.counter + 1 };
    const { previous, signature } = this.prove('mark', itemContent(about, mark));
    return { ...mark, proof: { previous, signature } };
  }
}
