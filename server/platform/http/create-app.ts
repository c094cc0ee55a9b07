import { isIP } from 'node:net';
import { hostname } from 'node:os';
import express, { type Express, type Request } from 'express';
import compression from 'compression';
import helmet from 'helmet';
import type { Logger } from 'pino';
import type { FullRoute } from '@cadre/contract/routes';
import { RefusedError } from '@cadre/server/platform/event-log';
import { sessionToken } from './cookie';
import { answerErrors } from './errors';
import type { Actor } from './actor';
import { mount, type Implemented } from './implement';
import { describeInterface } from './openapi';
import { serveWeb } from './serve-web';

export interface HttpDeps {
  readonly routes: readonly Implemented[];
  /** Who asks, by the session of a request; nobody where it has none. */
  readonly actorOf: (token: string | null) => Promise<Actor | null>;
  /** Every route there is, for the description of the interface. */
  readonly contracts: readonly FullRoute[];
  /** What each of them does, by its name. */
  readonly summaries: Readonly<Record<string, string>>;
  /** Schemas served for files people make themselves, by address. */
  readonly schemas: Readonly<Record<string, () => object>>;
  readonly log: Logger;
  readonly version: string;
  /** The built front end, or null to answer the interface alone. */
  readonly webDir: string | null;
  readonly publicUrl: string | null;
  /** What is answered beside the interface, to programs that sign in nowhere. */
  readonly others?: (app: Express) => void;
  readonly checkAnswers?: boolean;
}

/** A write from another site's page is refused; tools that send no origin are not browsers. */
function refuseForeignOrigin(publicUrl: string | null) {
  return (req: Request): void => {
    const origin = req.get('origin');
    if (!origin || req.method === 'GET' || req.method === 'HEAD') return;
    const own = [
      `${req.protocol}://${req.get('host') ?? ''}`,
      ...(publicUrl ? [new URL(publicUrl).origin] : []),
    ];
    if (!own.includes(origin)) throw new RefusedError('origin.refused', { origin });
  };
}

/** What scans codes, hears a creak and reads instruments is for the app's own pages. */
const PERMISSIONS = ['camera', 'microphone', 'serial', 'bluetooth', 'hid']
  .map((feature) => `${feature}=(self)`)
  .join(', ');

/** The address of another site that a name server pointed here is refused: its page could act as whoever is signed in. Addresses in numbers are nobody's. */
function refuseForeignHost(publicUrl: string | null) {
  const names = new Set([
    'localhost',
    hostname().toLowerCase(),
    ...(publicUrl ? [new URL(publicUrl).hostname] : []),
  ]);
  return (req: Request): void => {
    const name = (req.hostname ?? '').toLowerCase().replace(/^\[|\]$/g, '');
    if (isIP(name) === 0 && !names.has(name)) throw new RefusedError('host.refused', { host: name });
  };
}

const CONTENT_POLICY = {
  useDefaults: false,
  directives: {
    'default-src': ["'self'"],
    // The decoder of camera codes is WebAssembly that ships with the app.
    'script-src': ["'self'", "'wasm-unsafe-eval'"],
    // Components set sizes by style attributes; no style comes from anywhere else.
    'style-src': ["'self'", "'unsafe-inline'"],
    'img-src': ["'self'", 'data:', 'blob:'],
    // A recording is heard before it is sent.
    'media-src': ["'self'", 'blob:'],
    'object-src': ["'none'"],
    'base-uri': ["'none'"],
    'form-action': ["'self'"],
    'frame-ancestors': ["'none'"],
  },
};

/** The server's outside: security headers, packing, the routes, the built front end, errors. */
export function createHttpApp(deps: HttpDeps): Express {
  const app = express();
  const checkOrigin = refuseForeignOrigin(deps.publicUrl);
  const checkHost = refuseForeignHost(deps.publicUrl);
  app.disable('x-powered-by');
  // With a proxy before it on this machine, https and the caller's address are what the proxy says they are.
  if (deps.publicUrl) app.set('trust proxy', 'loopback');
  app.use(
    helmet({
      contentSecurityPolicy: CONTENT_POLICY,
      strictTransportSecurity: false,
      crossOriginOpenerPolicy: false,
      originAgentCluster: false,
    }),
  );
  // The live stream is told as it comes, pictures are as small as they get: neither is packed.
  app.use(
    compression({
      filter: (req, res) =>
        !/event-stream|image\//.test(String(res.getHeader('content-type'))) && compression.filter(req, res),
    }),
  );
  app.use((req, res, next) => {
    checkHost(req);
    checkOrigin(req);
    res.set('permissions-policy', PERMISSIONS);
    if (req.secure) res.set('strict-transport-security', 'max-age=15552000');
    next();
  });
  // Each is worked out when somebody first asks for it: a server comes up to answer riders, not readers of schemas.
  const documents: Readonly<Record<string, () => object>> = {
    '/api/openapi.json': () => describeInterface(deps.contracts, deps.version, deps.summaries),
    ...deps.schemas,
  };
  for (const [path, describe] of Object.entries(documents)) {
    let described: object | null = null;
    app.get(path, (_req, res) => {
      res.json((described ??= describe()));
    });
  }
  for (const route of deps.routes) {
    mount(app, route, {
      actorOf: (req) => deps.actorOf(sessionToken(req)),
      checkAnswers: deps.checkAnswers ?? false,
    });
  }
  deps.others?.(app);
  app.use('/api', () => {
    throw new RefusedError('not-found', { what: 'route' });
  });
  if (deps.webDir) serveWeb(app, deps.webDir);
  app.use(answerErrors(deps.log));
  return app;
}
