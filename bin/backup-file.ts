import { createCipheriv, createDecipheriv, randomBytes, scryptSync } from 'node:crypto';
import { createReadStream, createWriteStream, openSync, readSync, closeSync, statSync } from 'node:fs';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import type { Anchor } from '@cadre/server/platform/event-log';
import { PlainError } from './say';

/**
 * A backup is one file: a line of JSON that says what it is, then the dump of the database, compressed with gzip and, under a passphrase,
 * encrypted with AES-256-GCM; the last 16 bytes are then the cipher's tag.
 */
export interface BackupHeader {
  readonly schema: 'cadre-backup-1';
  readonly at: string;
  readonly version: string;
  /** The public keys the record is signed with, and where its chains stood: it can be verified without the place it came from. */
  readonly publicKeys: readonly string[];
  readonly anchor: Anchor;
  readonly encrypted: { readonly salt: string; readonly iv: string } | null;
}

const TAG_BYTES = 16;
const keyOf = (passphrase: string, salt: string): Buffer =>
  scryptSync(passphrase.normalize('NFKC'), Buffer.from(salt, 'base64url'), 32, {
    N: 2 ** 15,
    maxmem: 2 ** 26,
  });

export async function writeBackup(
  file: string,
  header: Omit<BackupHeader, 'schema' | 'encrypted'>,
  dump: Readable,
  passphrase: string | null,
): Promise<void> {
  const salt = randomBytes(16).toString('base64url');
  const iv = randomBytes(12).toString('base64url');
  const whole: BackupHeader = {
    schema: 'cadre-backup-1',
    ...header,
    encrypted: passphrase ? { salt, iv } : null,
  };
  const line = `${JSON.stringify(whole)}\n`;
  const out = createWriteStream(file, { mode: 0o600 });
  out.write(line);
  if (!passphrase) {
    await pipeline(dump, createGzip(), out);
    return;
  }
  const cipher = createCipheriv('aes-256-gcm', keyOf(passphrase, salt), Buffer.from(iv, 'base64url'));
  // What the backup says of itself is sealed with it.
  cipher.setAAD(Buffer.from(line, 'utf8'));
  await pipeline(dump, createGzip(), cipher, out, { end: false });
  await new Promise<void>((done) => out.end(cipher.getAuthTag(), done));
}

function beginningOf(file: string): string {
  try {
    const handle = openSync(file, 'r');
    const buffer = Buffer.alloc(1 << 20);
    const bytes = readSync(handle, buffer, 0, buffer.length, 0);
    closeSync(handle);
    return buffer.subarray(0, bytes).toString('utf8');
  } catch (error) {
    throw new PlainError(
      `The backup ${file} cannot be read: ${(error as Error).message}`,
      'Give the path of a backup.',
    );
  }
}

/** What a backup says of itself, and where the dump begins in it. */
export function readHeader(file: string): { readonly header: BackupHeader; readonly line: string } {
  const begin = beginningOf(file);
  const line = begin.slice(0, begin.indexOf('\n') + 1);
  try {
    const header = JSON.parse(line) as BackupHeader;
    if (header.schema !== 'cadre-backup-1') throw new Error('another schema');
    return { header, line };
  } catch {
    throw new PlainError(`${file} is no backup of Cadre.`, 'Give a file that "npm run backup" wrote.');
  }
}

/** The dump in a backup, as it goes into a database. */
export async function restoreBackup(
  file: string,
  into: NodeJS.WritableStream,
  passphrase: string | null,
): Promise<void> {
  const { header, line } = readHeader(file);
  const start = Buffer.byteLength(line);
  if (!header.encrypted) {
    await pipeline(createReadStream(file, { start }), createGunzip(), into);
    return;
  }
  if (!passphrase)
    throw new PlainError(
      'This backup is encrypted.',
      'Set CADRE_BACKUP_PASSPHRASE to the passphrase it was made with.',
    );
  const end = statSync(file).size - TAG_BYTES;
  const tag = Buffer.alloc(TAG_BYTES);
  const handle = openSync(file, 'r');
  readSync(handle, tag, 0, TAG_BYTES, end);
  closeSync(handle);
  const { salt, iv } = header.encrypted;
  const opening = (): ReturnType<typeof createDecipheriv> => {
    const decipher = createDecipheriv('aes-256-gcm', keyOf(passphrase, salt), Buffer.from(iv, 'base64url'));
    decipher.setAAD(Buffer.from(line, 'utf8'));
    decipher.setAuthTag(tag);
    return decipher;
  };
  const bytes = { start, end: end - 1 };
  try {
    // Read once to its end before anything goes into the database: only then is it known to be whole and this passphrase right.
    for await (const chunk of createReadStream(file, bytes).pipe(opening())) void chunk;
  } catch {
    throw new PlainError(
      'The passphrase does not open this backup, or the file is damaged.',
      'Set CADRE_BACKUP_PASSPHRASE to the passphrase it was made with, or take another backup.',
    );
  }
  await pipeline(createReadStream(file, bytes), opening(), createGunzip(), into);
}
