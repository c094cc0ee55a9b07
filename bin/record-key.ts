import { appendFileSync, existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { newRecordKey, recordKeyOf, type Anchor, type RecordKey } from '@cadre/server/platform/event-log';
import { PlainError } from './say';

/** The server's key, its public keys of old and its anchors lie beside the database and never in it. */
const KEY = 'record-key.pem';
const PUBLIC_KEYS = 'record-keys.txt';
const ANCHORS = 'anchors.jsonl';

const lines = (file: string): readonly string[] =>
  existsSync(file) ? readFileSync(file, 'utf8').split('\n').filter(Boolean) : [];

/** Every public key this place has signed with. */
export const publicKeysIn = (dataDir: string): readonly string[] => lines(join(dataDir, PUBLIC_KEYS));

export function rememberPublicKeys(dataDir: string, publicKeys: readonly string[]): void {
  const known = new Set(publicKeysIn(dataDir));
  for (const key of publicKeys.filter((each) => !known.has(each)))
    appendFileSync(join(dataDir, PUBLIC_KEYS), `${key}\n`);
}

/** The key of this place, made at the first start. */
export function recordKeyIn(dataDir: string): RecordKey {
  mkdirSync(dataDir, { recursive: true });
  const file = join(dataDir, KEY);
  if (!existsSync(file)) writeFileSync(file, newRecordKey(), { mode: 0o600 });
  try {
    const key = recordKeyOf(readFileSync(file, 'utf8'));
    rememberPublicKeys(dataDir, [key.publicKey]);
    return key;
  } catch (error) {
    throw new PlainError(
      `The server's key ${file} cannot be read: ${(error as Error).message}`,
      'Put back your copy. If there is none, remove the file: Cadre makes a new key at the next start.',
    );
  }
}

/** Anchors of a file; a line that is none is said. */
export function anchorsIn(file: string): readonly Anchor[] {
  return lines(file).map((line, index) => {
    try {
      return JSON.parse(line) as Anchor;
    } catch {
      throw new PlainError(
        `Line ${index + 1} of ${file} is no anchor.`,
        'Give a file that "npm run anchor" wrote.',
      );
    }
  });
}

export const anchorFile = (dataDir: string): string => join(dataDir, ANCHORS);

/** Adds an anchor to this place's file, and to one in a second folder if there is one. */
export function keepAnchor(dataDir: string, anchor: Anchor, elsewhere: string | null): void {
  const line = `${JSON.stringify(anchor)}\n`;
  appendFileSync(anchorFile(dataDir), line);
  if (!elsewhere) return;
  try {
    mkdirSync(elsewhere, { recursive: true });
    appendFileSync(join(elsewhere, ANCHORS), line);
  } catch (error) {
    throw new PlainError(
      `The anchor cannot be written to ${elsewhere}: ${(error as Error).message}`,
      'Set CADRE_ANCHOR_DIR to a folder this user can write, best on another machine’s disk.',
    );
  }
}
