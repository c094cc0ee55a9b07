import { parseCookie, stringifySetCookie } from 'cookie';
import type { Request, Response } from 'express';

const NAME = 'cadre_session';

export function sessionToken(req: Request): string | null {
  return parseCookie(req.headers.cookie ?? '')[NAME] ?? null;
}

/** A cookie no script reads and no other site sends. It says "secure" wherever the connection is. */
export function setSessionCookie(req: Request, res: Response, token: string | null): void {
  res.append(
    'set-cookie',
    stringifySetCookie({
      name: NAME,
      value: token ?? '',
      httpOnly: true,
      sameSite: 'strict',
      secure: req.secure,
      path: '/',
      maxAge: token ? 14 * 24 * 3600 : 0,
    }),
  );
}
