import { createHash } from 'node:crypto';

/** What a session is known by whose browser has no device cookie. */
export const NO_DEVICE = 'unnamed';

/** The name of a browser: made from the secret in its cookie, so that knowing the name is of no use elsewhere. */
export const deviceOf = (token: string): string =>
  createHash('sha256').update(token, 'utf8').digest('hex').slice(0, 36);
