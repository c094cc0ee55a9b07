import { randomBytes } from 'node:crypto';
import { parseCookie, stringifySetCookie } from 'cookie';
import type { Request, Response } from 'express';

const SESSION = 'cadre_session';
const DEVICE = 'cadre_device';
const SESSION_SECONDS = 14 * 24 * 3600;
const DEVICE_SECONDS = 400 * 24 * 3600;

const cookieOf = (req: Request, name: string): string | null =>
  parseCookie(req.headers.cookie ?? '')[name] ?? null;

export const sessionToken = (req: Request): string | null => cookieOf(req, SESSION);

/** This browser's own secret: the one it was given when somebody first signed in there, or a new one. */
export function deviceToken(req: Request): string {
  const known = cookieOf(req, DEVICE) ?? '';
  return /^[A-Za-z0-9_-]{43}$/.test(known) ? known : randomBytes(32).toString('base64url');
}

/** A cookie no script reads and no other site sends. It says "secure" wherever the connection is. */
function setCookie(req: Request, res: Response, name: string, value: string, maxAge: number): void {
  res.append(
    'set-cookie',
    stringifySetCookie({
      name,
      value,
      httpOnly: true,
      sameSite: 'strict',
      secure: req.secure,
      path: '/',
      maxAge,
    }),
  );
}

export const setSessionCookie = (req: Request, res: Response, token: string | null): void =>
  setCookie(req, res, SESSION, token ?? '', token ? SESSION_SECONDS : 0);

export const setDeviceCookie = (req: Request, res: Response, token: string): void =>
  setCookie(req, res, DEVICE, token, DEVICE_SECONDS);
