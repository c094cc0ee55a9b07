import {
  createHash,
  createPrivateKey,
  createPublicKey,
  generateKeyPairSync,
  sign,
  verify,
  type KeyObject,
} from 'node:crypto';

/** The server's own key (Ed25519), which lies outside the database: whoever can write to the database alone cannot sign an entry. */
export interface RecordKey {
  /** SubjectPublicKeyInfo, base64url: what a signature is checked with. */
  readonly publicKey: string;
  sign(text: string): string;
}

/** A new private key, as PEM. */
export const newRecordKey = (): string =>
  generateKeyPairSync('ed25519').privateKey.export({ format: 'pem', type: 'pkcs8' }).toString();

export function recordKeyOf(pem: string): RecordKey {
  const key = createPrivateKey(pem);
  return {
    publicKey: createPublicKey(key).export({ format: 'der', type: 'spki' }).toString('base64url'),
    sign: (text) => sign(null, Buffer.from(text, 'utf8'), key).toString('base64url'),
  };
}

const keys = new Map<string, KeyObject>();
function keyOf(publicKey: string): KeyObject {
  const known =
    keys.get(publicKey) ??
    createPublicKey({ key: Buffer.from(publicKey, 'base64url'), format: 'der', type: 'spki' });
  keys.set(publicKey, known);
  return known;
}

/** Whether one of these keys signed the text. */
export const isSignedByOne = (publicKeys: readonly string[], text: string, signature: string): boolean =>
  publicKeys.some((publicKey) =>
    verify(null, Buffer.from(text, 'utf8'), keyOf(publicKey), Buffer.from(signature, 'base64url')),
  );

/** The heads of all chains at one moment, signed: written down outside the database, it shows what was cut off or hashed anew since. */
export interface Anchor {
  readonly at: number;
  readonly heads: readonly { readonly chain: string; readonly seq: number; readonly hash: string }[];
  readonly signature: string;
}

const anchorText = ({ at, heads }: Omit<Anchor, 'signature'>): string =>
  `cadre-anchor-1 ${at} ${heads.map((head) => `${head.chain}:${head.seq}:${head.hash}`).join(' ')}`;

export function anchorOf(heads: Anchor['heads'], at: number, key: RecordKey): Anchor {
  const sorted = [...heads].sort((a, b) => (a.chain < b.chain ? -1 : 1));
  return { at, heads: sorted, signature: key.sign(anchorText({ at, heads: sorted })) };
}

export const isAnchorSigned = (anchor: Anchor, publicKeys: readonly string[]): boolean =>
  isSignedByOne(publicKeys, anchorText(anchor), anchor.signature);

/** A few letters of an anchor to write on paper: whoever has them can tell later whether the file is the one it was. */
export const anchorWords = (anchor: Anchor): string =>
  createHash('sha256')
    .update(anchorText(anchor))
    .digest('hex')
    .slice(0, 16)
    .replace(/(.{4})(?=.)/g, '$1 ');
