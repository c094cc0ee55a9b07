import { createServer, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';

/** A calendar server on this machine, as a school or a booking service has one, and everything that may be wrong with it. */
export interface CalendarServer {
  /** Its host with port, as the operator would set it. */
  readonly host: string;
  /** Where it answers with this path. */
  address(path: string): string;
  close(): Promise<void>;
}

const stamp = (at: number): string => `${new Date(at).toISOString().replace(/[-:]/g, '').slice(0, 15)}Z`;

/** Two outings of tomorrow, one of them weekly. */
export function sampleCalendar(now: number): string {
  const out = now - (now % 86_400_000) + 86_400_000 + 9 * 3_600_000;
  const event = (uid: string, from: number, hours: number, more: readonly string[]): readonly string[] => [
    ...['BEGIN:VEVENT', `UID:${uid}@lapwing.example`, `DTSTAMP:${stamp(now)}`, `DTSTART:${stamp(from)}`],
    ...[`DTEND:${stamp(from + hours * 3_600_000)}`, ...more, 'END:VEVENT'],
  ];
  return [
    ...['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Lapwing Quay//Bookings//EN'],
    ...event('a', out, 2, ['SUMMARY:Year 5\\, Fenside School', 'DESCRIPTION:8 x 24 in\\, 4 x 20 in']),
    ...event('b', out + 5 * 3_600_000, 3, ['SUMMARY:Evening club 6 x M', 'RRULE:FREQ=WEEKLY;COUNT=3']),
    'END:VCALENDAR',
    '',
  ].join('\r\n');
}

/** More than anybody may send, a piece at a time. */
function endless(res: ServerResponse): void {
  const piece = 'X'.repeat(65_536);
  const more = (): void => {
    while (res.write(piece)) if (res.destroyed) return;
    res.once('drain', more);
  };
  res.writeHead(200, { 'content-type': 'text/calendar' });
  more();
}

export async function startCalendarServer(port = 0, now: () => number = Date.now): Promise<CalendarServer> {
  const waiting = new Set<ServerResponse>();
  const server = createServer((req, res) => {
    const url = new URL(req.url ?? '/', 'http://stand-in');
    switch (url.pathname) {
      case '/bookings.ics':
        res.writeHead(200, { 'content-type': 'text/calendar' }).end(sampleCalendar(now()));
        break;
      case '/moved.ics':
        res.writeHead(302, { location: url.searchParams.get('to') ?? '/bookings.ics' }).end();
        break;
      case '/ring.ics':
        res.writeHead(302, { location: '/ring.ics' }).end();
        break;
      case '/endless.ics':
        endless(res);
        break;
      case '/silent.ics':
        waiting.add(res);
        break;
      default:
        res.writeHead(404).end();
    }
  });
  server.listen(port, '127.0.0.1');
  await new Promise((done) => server.once('listening', done));
  const host = `127.0.0.1:${(server.address() as AddressInfo).port}`;
  return {
    host,
    address: (path) => `http://${host}${path}`,
    close: () =>
      new Promise((done) => {
        for (const res of waiting) res.destroy();
        server.closeAllConnections();
        server.close(() => done());
      }),
  };
}
