import { lookup as resolveName, type LookupAddress } from 'node:dns';
import { request as requestHttp, type IncomingMessage, type RequestOptions } from 'node:http';
import { request as requestHttps } from 'node:https';
import { isIP } from 'node:net';
import { RefusedError } from '@cadre/server/platform/event-log';
import { isPublicAddress } from './public-address';

/** From where calendars may be fetched, as the operator set it. */
export interface CalendarSource {
  /** Hosts, with a port where it is not the usual one; empty: none. */
  readonly hosts: readonly string[];
  /** Whether addresses of this machine and network may be reached too: only for the stand-in. */
  readonly privateToo: boolean;
}

const MOST_BYTES = 5_000_000;
const MOST_MS = 10_000;
const MOST_REDIRECTS = 3;

const refused = (code: 'calendar.too-large' | 'calendar.timed-out'): RefusedError => new RefusedError(code);

/** Refuses an address before anything is sent: of another scheme, with a name or secret in it, of a host nobody set. */
function judge(address: string, { hosts }: CalendarSource): URL {
  if (!URL.canParse(address)) throw badAddress();
  const url = new URL(address);
  if (!['http:', 'https:'].includes(url.protocol) || url.username || url.password) throw badAddress();
  if (hosts.length === 0) throw new RefusedError('calendar.off');
  if (!hosts.some((host) => host.toLowerCase() === url.host))
    throw new RefusedError('calendar.host-not-set', { host: url.host });
  return url;
}

const badAddress = (): RefusedError =>
  new RefusedError('body.invalid', {}, { fields: [{ path: 'address', code: 'not-an-address' }] });

/**
 * Names are resolved once, judged, and the connection is made to what was judged: a name that says one address to the judge and another to the socket reaches nothing.
 */
const judgedLookup =
  (url: URL, source: CalendarSource): RequestOptions['lookup'] =>
  (name, options, done) => {
    resolveName(name, { ...options, all: true }, (error, found: LookupAddress[]) => {
      const [first] = found ?? [];
      if (error || !first) {
        done(error ?? new Error('no address'), '', 4);
        return;
      }
      if (!source.privateToo && found.some(({ address }) => !isPublicAddress(address)))
        done(new RefusedError('calendar.private-address', { host: url.host }), '', 4);
      else if (options.all) done(null, found);
      else done(null, first.address, first.family);
    });
  };

async function ask(url: URL, source: CalendarSource, signal: AbortSignal): Promise<IncomingMessage> {
  // A bare address is never looked up.
  const literal = url.hostname.replace(/^\[|\]$/g, '');
  if (isIP(literal) && !source.privateToo && !isPublicAddress(literal))
    throw new RefusedError('calendar.private-address', { host: url.host });
  const send = url.protocol === 'https:' ? requestHttps : requestHttp;
  return new Promise((answered, failed) => {
    const sent = send(url, {
      signal,
      headers: { accept: 'text/calendar', 'user-agent': 'Cadre' },
      ...(isIP(literal) ? {} : { lookup: judgedLookup(url, source) }),
      agent: false,
    });
    sent.once('response', answered).once('error', failed).end();
  });
}

async function textOf(response: IncomingMessage): Promise<string> {
  const chunks: Buffer[] = [];
  let bytes = 0;
  for await (const chunk of response as AsyncIterable<Buffer>) {
    bytes += chunk.length;
    if (bytes > MOST_BYTES) throw refused('calendar.too-large');
    chunks.push(chunk);
  }
  return Buffer.concat(chunks).toString('utf8');
}

/** What a calendar's address answers, within the operator's hosts, 5 MB and ten seconds, redirects included. */
export async function fetchCalendar(
  address: string,
  source: CalendarSource,
  mostMs = MOST_MS,
): Promise<string> {
  const limit = AbortSignal.timeout(mostMs);
  let url = judge(address, source);
  try {
    for (let turn = 0; turn <= MOST_REDIRECTS; turn += 1) {
      const response = await ask(url, source, limit);
      const { statusCode = 0, headers } = response;
      if (statusCode >= 300 && statusCode < 400 && headers.location) {
        response.destroy();
        const next = URL.canParse(headers.location, url) ? new URL(headers.location, url).href : '';
        url = judge(next, source);
        continue;
      }
      if (statusCode !== 200) {
        response.destroy();
        throw new RefusedError('calendar.no-answer', { host: url.host, status: statusCode });
      }
      try {
        return await textOf(response);
      } finally {
        response.destroy();
      }
    }
    throw new RefusedError('calendar.no-answer', { host: url.host, status: 310 });
  } catch (error) {
    if (error instanceof RefusedError) throw error;
    if (limit.aborted) throw refused('calendar.timed-out');
    throw new RefusedError('calendar.no-answer', { host: url.host, status: 0 }, { cause: error });
  }
}
