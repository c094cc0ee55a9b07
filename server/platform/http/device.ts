import type { Request } from 'express';

/** The device a browser says it is; one that says nothing is known by its session alone. */
export function deviceOf(req: Request): string {
  const said = req.get('x-cadre-device') ?? '';
  return /^[0-9a-f-]{36}$/.test(said) ? said : 'unnamed';
}
