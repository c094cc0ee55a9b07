import { describe, expect, it, vi } from 'vitest';
import { readWants, type WantCover } from '@cadre/core/schedule';
import { takeCalendarFile } from './calendar-file';
import { readCalendar, readDays } from './read-calendar';
import { readDraft } from './use-group-drafts';
import { shortWords, wantText, wantWords } from './wording';

const calendar = (...lines: string[]): string =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//test', ...lines, 'END:VCALENDAR'].join('\r\n');
const event = (...lines: string[]): string[] => [
  'BEGIN:VEVENT',
  'UID:1@test',
  'DTSTAMP:20260601T000000Z',
  ...lines,
  'END:VEVENT',
];
const FROM = Date.UTC(2026, 5, 10);
const UNTIL = FROM + 14 * 86_400_000;

describe('a calendar', () => {
  it('gives its outings, with bikes from the title or the description', () => {
    const read = readCalendar(
      calendar(
        ...event(
          'SUMMARY:Year 5: 8 x 24in\\, 2 hybrid',
          'DTSTART:20260611T083000Z',
          'DTEND:20260611T103000Z',
        ),
        ...event(
          'SUMMARY:Family hire',
          'DESCRIPTION:Paid in advance.\\n4 x hybrid M\\, 1 cargo',
          'DTSTART:20260610T130000Z',
          'DTEND:20260610T150000Z',
        ),
        ...event('SUMMARY:Long ago', 'DTSTART:20250610T130000Z', 'DTEND:20250610T150000Z'),
        ...event('SUMMARY:All day', 'DTSTART;VALUE=DATE:20260611', 'DTEND;VALUE=DATE:20260612'),
      ),
      FROM,
      UNTIL,
    );
    expect(read).toMatchObject({
      ok: true,
      groups: [
        {
          name: 'Family hire',
          outAt: Date.UTC(2026, 5, 10, 13),
          wants: [
            { count: 4, kind: 'hybrid', size: 'M' },
            { count: 1, kind: 'cargo' },
          ],
        },
        {
          name: 'Year 5',
          outAt: Date.UTC(2026, 5, 11, 8, 30),
          backAt: Date.UTC(2026, 5, 11, 10, 30),
          wants: [
            { count: 8, size: '24 in' },
            { count: 2, kind: 'hybrid' },
          ],
        },
      ],
    });
    expect(read.ok && read.groups).toHaveLength(2);
  });
  it('counts a series out, in the zone it is written in', () => {
    const zone = [
      'BEGIN:VTIMEZONE',
      'TZID:Europe/London',
      'BEGIN:DAYLIGHT',
      'DTSTART:19810329T010000',
      'TZOFFSETFROM:+0000',
      'TZOFFSETTO:+0100',
      'RRULE:FREQ=YEARLY;BYMONTH=3;BYDAY=-1SU',
      'END:DAYLIGHT',
      'BEGIN:STANDARD',
      'DTSTART:19961027T020000',
      'TZOFFSETFROM:+0100',
      'TZOFFSETTO:+0000',
      'RRULE:FREQ=YEARLY;BYMONTH=10;BYDAY=-1SU',
      'END:STANDARD',
      'END:VTIMEZONE',
    ];
    const read = readCalendar(
      calendar(
        ...zone,
        ...event(
          'SUMMARY:Club',
          'DTSTART;TZID=Europe/London:20260602T180000',
          'DTEND;TZID=Europe/London:20260602T200000',
          'RRULE:FREQ=WEEKLY;BYDAY=TU',
        ),
      ),
      FROM,
      UNTIL,
    );
    expect(read.ok && read.groups.map((group) => group.outAt)).toEqual([
      Date.UTC(2026, 5, 16, 17),
      Date.UTC(2026, 5, 23, 17),
    ]);
  });
  it.each(['', 'not a calendar', 'BEGIN:VCARD\r\nEND:VCARD'])('that is none (%j) is told as such', (text) => {
    expect(readCalendar(text, FROM, UNTIL)).toMatchObject({ ok: false, fault: 'no-calendar' });
  });
  const series = (rule: string): string =>
    `BEGIN:VEVENT\r\nUID:${rule}\r\nDTSTART:19700101T000000Z\r\nDTEND:19700101T000001Z\r\nRRULE:${rule}\r\nEND:VEVENT`;
  it('that repeats each second since 1970, or holds ten thousand events, is given up', () => {
    expect(readCalendar(calendar(series('FREQ=SECONDLY')), FROM, UNTIL)).toMatchObject({ fault: 'too-many' });
    const events = Array.from({ length: 10_000 }, (_, index) => series(`FREQ=DAILY;COUNT=${index + 1}`));
    expect(readCalendar(calendar(...events), FROM, UNTIL)).toMatchObject({ fault: 'too-many' });
  });
  it('whose reader never answers is stopped after a while, and said', async () => {
    vi.useFakeTimers();
    const terminate = vi.fn();
    const silent = {
      terminate,
      postMessage: vi.fn(),
      addEventListener: vi.fn(),
      removeEventListener: vi.fn(),
    };
    const file = new File([calendar(series('FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30'))], 'endless.ics');
    const taking = takeCalendarFile(file, FROM, UNTIL, () => silent as unknown as Worker);
    await vi.waitFor(() => expect(silent.postMessage).toHaveBeenCalled());
    await vi.advanceTimersByTimeAsync(10_000);
    expect(await taking).toMatchObject({
      said: { what: expect.stringContaining('endless.ics was stopped') },
    });
    expect(terminate).toHaveBeenCalled();
    vi.useRealTimers();
  });
});

describe('a group being typed', () => {
  const draft = {
    id: '1',
    name: 'Year 5',
    day: '2026-06-11',
    out: '09:30',
    back: '11:30',
    bikes: '8 x 24in',
  };
  it('is whole, at the site’s own time', () => {
    expect(readDraft(draft, 'Europe/London')).toMatchObject({
      wrong: [],
      outAt: Date.UTC(2026, 5, 11, 8, 30),
      wants: [{ count: 8 }],
    });
  });
  it('tells everything still wrong with it at once', () => {
    expect(
      readDraft({ ...draft, name: ' ', back: '09:00', bikes: '8 camels' }, 'Europe/London').wrong,
    ).toEqual([
      'Enter a name.',
      'The return is before the departure.',
      '“8 camels” is not understood. Write for example: 8 x 24in, or 4 hybrid M.',
    ]);
    expect(readDraft({ ...draft, out: '', bikes: '' }, 'Europe/London').wrong).toEqual([
      'Enter departure and return time.',
      'Enter the number of bikes.',
    ]);
  });
  it('is written as it is read', () => {
    const { wants } = readWants('8 x 24in, 4 hybrid M, 2 children’s bikes, 3');
    expect(readWants(wantText(wants))).toEqual({ wants, unread: [] });
    expect(wants.map((want) => wantWords(want))).toEqual([
      '8 × 24 in',
      '4 × hybrid M',
      '2 × child’s bike',
      '3 × any bike',
    ]);
    const covers: WantCover[] = wants.map((want, index) => ({
      want,
      cleared: want.count - index,
      short: index,
      standIns: 0,
    }));
    expect(shortWords(covers)).toBe('1 × hybrid M, 2 × child’s bike, 3 × any bike');
  });
});

describe('the whole days of a calendar', () => {
  const days = (...lines: readonly string[]) => readDays(calendar(...lines), '2026-12-01', '2027-12-01');
  it('are its holidays, each day of a longer one, and those that come every year; what has a time is none', () =>
    expect(
      days(
        ...event('SUMMARY:Christmas', 'DTSTART;VALUE=DATE:20201225', 'RRULE:FREQ=YEARLY'),
        ...event('SUMMARY:Staff days', 'DTSTART;VALUE=DATE:20270301', 'DTEND;VALUE=DATE:20270304'),
        ...event('SUMMARY:Open evening', 'DTSTART:20270301T180000Z', 'DTEND:20270301T200000Z'),
        ...event('SUMMARY:Past', 'DTSTART;VALUE=DATE:20261130'),
        ...event('SUMMARY:Too far', 'DTSTART;VALUE=DATE:20280101'),
      ),
    ).toEqual({
      ok: true,
      days: [
        { day: '2026-12-25', name: 'Christmas' },
        { day: '2027-03-01', name: 'Staff days' },
        { day: '2027-03-02', name: 'Staff days' },
        { day: '2027-03-03', name: 'Staff days' },
      ],
    }));
  it('end where a rule has no end', () =>
    expect(days(...event('SUMMARY:Daily', 'DTSTART;VALUE=DATE:19000101', 'RRULE:FREQ=DAILY'))).toMatchObject({
      ok: false,
      fault: 'too-many',
    }));
  it('are none of a file that is no calendar', () =>
    expect(readDays('hello', '2026-01-01', '2027-01-01')).toMatchObject({ ok: false, fault: 'no-calendar' }));
});
