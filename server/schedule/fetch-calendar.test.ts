import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { RefusedError } from '@cadre/server/platform/event-log';
import { startCalendarServer, type CalendarServer } from '@cadre/test-world/stand-ins';
import { fetchCalendar } from './fetch-calendar';
import { isPublicAddress } from './public-address';

let stand: CalendarServer;
let other: CalendarServer;
beforeAll(async () => {
  [stand, other] = await Promise.all([startCalendarServer(), startCalendarServer()]);
});
afterAll(() => Promise.all([stand.close(), other.close()]));

const fetched = (address: string, more: { hosts?: readonly string[]; privateToo?: boolean } = {}) =>
  fetchCalendar(address, { hosts: [stand.host], privateToo: true, ...more });
const refusal = (call: Promise<string>): Promise<string> =>
  call.then(
    () => 'fetched',
    (error: RefusedError) => [error.code, error.detail.fields?.[0]?.code].filter(Boolean).join(' '),
  );

describe('a calendar from an address', () => {
  it('is what its host answers', async () => {
    expect(await fetched(stand.address('/bookings.ics'))).toMatch(/^BEGIN:VCALENDAR/);
  });
  it.each<[what: string, address: () => string, expected: string]>([
    ['no address at all', () => 'bookings', 'body.invalid not-an-address'],
    ['a file of this machine', () => 'file:///etc/passwd', 'body.invalid not-an-address'],
    ['one with a password', () => `http://a:b@${stand.host}/bookings.ics`, 'body.invalid not-an-address'],
    ['a host nobody set', () => other.address('/bookings.ics'), 'calendar.host-not-set'],
    ['what is not there', () => stand.address('/none.ics'), 'calendar.no-answer'],
    ['what never ends', () => stand.address('/endless.ics'), 'calendar.too-large'],
    [
      'a way on to a host nobody set',
      () => stand.address(`/moved.ics?to=${encodeURIComponent(other.address('/bookings.ics'))}`),
      'calendar.host-not-set',
    ],
    [
      'a way on to a file',
      () => stand.address('/moved.ics?to=file:///etc/passwd'),
      'body.invalid not-an-address',
    ],
    ['a ring of ways on', () => stand.address('/ring.ics'), 'calendar.no-answer'],
  ])('%s', async (_what, address, expected) => {
    expect(await refusal(fetched(address()))).toBe(expected);
  });
  it('is given up when it says nothing', async () => {
    const silent = fetchCalendar(stand.address('/silent.ics'), { hosts: [stand.host], privateToo: true }, 40);
    expect(await refusal(silent)).toBe('calendar.timed-out');
  });
  it('follows a way on within the host', async () => {
    expect(await fetched(stand.address('/moved.ics'))).toMatch(/^BEGIN:VCALENDAR/);
  });
  it('is off unless a host is set, and never of this network unless that is set too', async () => {
    expect(await refusal(fetched(stand.address('/bookings.ics'), { hosts: [] }))).toBe('calendar.off');
    expect(await refusal(fetched(stand.address('/bookings.ics'), { privateToo: false }))).toBe(
      'calendar.private-address',
    );
    const byName = stand.host.replace('127.0.0.1', 'localhost');
    expect(
      await refusal(fetched(`http://${byName}/bookings.ics`, { hosts: [byName], privateToo: false })),
    ).toBe('calendar.private-address');
  });
  it('of a host that is down says so', async () => {
    const gone = await startCalendarServer();
    await gone.close();
    expect(await refusal(fetched(gone.address('/bookings.ics'), { hosts: [gone.host] }))).toBe(
      'calendar.no-answer',
    );
  });
});

describe('an address of the open internet', () => {
  it.each([
    '127.0.0.1 10.1.2.3 172.16.0.1 172.31.255.255 192.168.1.1 169.254.169.254 100.64.0.1 0.0.0.0 224.0.0.1',
    '255.255.255.255 198.18.0.1 192.0.2.1 ::1 :: fe80::1 fd00::1 fc00::1 ff02::1 2001:db8::1 ::ffff:127.0.0.1',
    '::ffff:10.0.0.1 64:ff9b::a00:1 2002:7f00:1:: localhost nowhere 1.2.3',
  ])('is none of %s', (addresses) => {
    expect(addresses.split(' ').filter(isPublicAddress)).toEqual([]);
  });
  it('is every other', () => {
    const open = '1.1.1.1 8.8.8.8 172.15.0.1 172.32.0.1 193.99.144.80 2606:4700::1111 2a00:1450:4001::200e';
    expect(open.split(' ').filter((each) => !isPublicAddress(each))).toEqual([]);
  });
});
