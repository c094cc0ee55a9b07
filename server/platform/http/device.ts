import { createHash } from 'node:crypto';
import type { Request } from 'express';

/** What a session is known by whose browser has no device cookie. */
export const NO_DEVICE = 'unnamed';

/** The name of a browser: made from the secret in its cookie, so that knowing the name is of no use elsewhere. */
export const deviceOf = (token: string): string =>
  createHash('sha256').update(token, 'utf8').digest('hex').slice(0, 36);

/** What kind of machine a browser says it runs on. */
export const deviceKind = (req: Request): 'phone' | 'computer' =>
  /\bMobi/.test(req.get('user-agent') ?? '') ? 'phone' : 'computer';
