/** What carries a code. */
export const LABELLED = ['bike', 'hook', 'rack'] as const;
export type Labelled = (typeof LABELLED)[number];

/** 128 bits in letters an address may hold. */
export const CODE = /^[A-Za-z0-9_-]{22}$/;

/** Where a code leads under the address of the program. */
export const CODE_PATH = '/r/';

/** The code in a text that was scanned; null: it is none. Whose address it is under is not asked: a label outlives a change of address. */
export function codeIn(text: string): string | null {
  const path = /^https?:\/\/[^/\s]+\/r\/([^/?#\s]+)\/?$/.exec(text.trim())?.[1];
  return path !== undefined && CODE.test(path) ? path : null;
}

/** Whether labels may be printed with this address: nobody’s phone reaches a machine by its loopback name. */
export function isReachable(address: string | null): boolean {
  if (address === null || !URL.canParse(address)) return false;
  const { hostname } = new URL(address);
  return (
    hostname !== 'localhost' &&
    !hostname.endsWith('.localhost') &&
    !/^127\.|^\[?::1\]?$|^0\.0\.0\.0$/.test(hostname)
  );
}
