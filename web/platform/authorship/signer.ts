import type { ItemKind, Proof } from '@cadre/core/authorship';

/** Signs as the person whose key is open on this browser. It comes with the key, after a sign-in, and goes with the person. */
export interface Signer {
  readonly personId: string;
  readonly writerId: string;
  /** Signs one item as the next of the series; under the number it has already, if it has one. */
  prove(kind: ItemKind, content: object, counter?: number): Promise<Proof>;
}

let open: Signer | null = null;
let underWay: Promise<unknown> = Promise.resolve();

/** What is done once a person's key is open: what they said here before is signed too. */
let opened: (personId: string) => void = () => undefined;
export function onOpened(then: (personId: string) => void): void {
  opened = then;
}

export function setSigner(signer: Signer | null): void {
  open = signer;
  if (signer) opened(signer.personId);
}

/** Whether items of this person can be signed here now. */
export const signerOf = (personId: string): Signer | null => (open?.personId === personId ? open : null);

/** Signs what was just stored, after whatever is being signed: it is shown without waiting for that, and sent when it is done. */
export function signLater(work: () => Promise<void>): Promise<void> {
  const next = underWay.then(work, work);
  underWay = next.catch(() => undefined);
  return next;
}

/** Done when nothing is being signed any more. */
export const allSigned = (): Promise<unknown> => underWay;

/** The proof for something sent at once, where its author's key is open. */
export async function proofFor(
  personId: string,
  kind: ItemKind,
  content: object,
): Promise<{ readonly proof?: Proof }> {
  const proof = await signerOf(personId)?.prove(kind, content);
  return proof ? { proof } : {};
}
