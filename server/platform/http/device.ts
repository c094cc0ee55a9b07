import type { Request } from 'express';

/** The device a browser says it is; one that says nothing is known by its session alone. */
/** What a request is known by that names no device. */
export const NO_DEVICE = 'unnamed';

export function deviceOf(req: Request): string {
  const said = req.get('x-cadre-device') ?? '';
  return /^[0-9a-f-]{36}$/.test(said) ? said : NO_DEVICE;
}
