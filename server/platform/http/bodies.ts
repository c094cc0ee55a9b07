import express, { type Request, type RequestHandler, type Response } from 'express';
import { PHOTO_LIMITS, PHOTO_TYPES } from '@cadre/core/photos';
import type { Route } from '@cadre/contract/http';
import { RefusedError } from '@cadre/server/platform/event-log';

const JSON_MOST = 512 * 1024;
/** Anybody may send these: a name and a code, no more. */
const PUBLIC_MOST = 16 * 1024;
/** All bodies that are on their way in at once: however many hold theirs back, memory stays bounded. */
const TOGETHER_MOST = 64 * 1024 * 1024;

const json = express.json({ limit: JSON_MOST, strict: true });
const small = express.json({ limit: PUBLIC_MOST, strict: true });
const picture = express.raw({ type: [...PHOTO_TYPES], limit: PHOTO_LIMITS.sentMost });
const isPicture = (route: Route): boolean => route.name === 'photos.add';

const mostOf = (route: Route): number =>
  isPicture(route) ? PHOTO_LIMITS.sentMost : route.act === 'public' ? PUBLIC_MOST : JSON_MOST;

function parserOf(route: Route): RequestHandler {
  if (isPicture(route)) return picture;
  return route.act === 'public' ? small : json;
}

let together = 0;

/** Takes room for a body until its request is over. */
function takeRoom(req: Request, res: Response, route: Route): void {
  const declared = Number(req.get('content-length') ?? Number.NaN);
  const bytes = Math.min(Number.isFinite(declared) ? declared : mostOf(route), mostOf(route));
  if (together + bytes > TOGETHER_MOST) throw new RefusedError('server.busy');
  together += bytes;
  res.once('close', () => {
    together -= bytes;
  });
}

/** Reads the body of a request, once it is known who sends it. */
export async function readBody(req: Request, res: Response, route: Route): Promise<void> {
  if (req.method === 'GET' || req.method === 'HEAD') return;
  takeRoom(req, res, route);
  await new Promise<void>((done, failed) => {
    parserOf(route)(req, res, (error?: unknown) => (error ? failed(error as Error) : done()));
  });
}
