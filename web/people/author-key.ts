import type { Person } from '@cadre/contract/people';
import { allSigned, authorKeys, lastCounter } from '@cadre/web/platform/authorship';
import { RefusedError, UnreachableError } from '@cadre/web/platform/api';

type Keys = Awaited<ReturnType<typeof authorKeys>>;

/** One thing at a time: a secret may be changed while the key is still being opened with the old one. */
let last: Promise<unknown> = Promise.resolve();
function withKeys<T>(work: (keys: Keys) => Promise<T>): Promise<T | null> {
  const next = last.then(async () => {
    const keys = await authorKeys();
    return keys.canSign() ? work(keys) : null;
  });
  last = next.catch(() => undefined);
  return next;
}

/** As the disk takes it: what a store holds is no plain value. */
const plain = (person: Person): Person => JSON.parse(JSON.stringify(person)) as Person;

/** Opens the key of whoever just typed their secret, while they go on. */
export async function openKeyOf(person: Person, secret: string, isStill: () => boolean): Promise<void> {
  await withKeys(({ openKey }) => openKey(plain(person), secret, isStill)).catch((error: unknown) => {
    // Nothing is signed then: what is said here waits for its author's own session.
    if (!(error instanceof UnreachableError) && !(error instanceof RefusedError)) throw error;
  });
}

/** Without signal: the person whose key on this browser their secret opens, or null. */
export const openedHere = (signInName: string, secret: string): Promise<Person | null> =>
  withKeys(({ openWithoutSignal }) => openWithoutSignal(signInName.trim().toLowerCase(), secret));

/** The secret was changed: the key on this browser lies under the new one. */
export async function keepKeyUnder(person: Person, before: string, secret: string): Promise<void> {
  await withKeys(({ rewrapKey }) => rewrapKey(plain(person), before, secret));
}

/** The number of the last thing somebody said here, told as they leave: it is shown to be earlier. */
export async function lastItemOf(person: Person | null): Promise<number | undefined> {
  await allSigned();
  // Nothing yet: the server knows of nothing either.
  return (person && (await lastCounter(person.id))) || undefined;
}
