import { describe, expect, it } from 'vitest';
import { parseSettings } from './settings';

describe('settings', () => {
  it('have defaults that serve a newcomer', () => {
    expect(parseSettings({})).toMatchObject({
      settings: { port: 8080, host: '127.0.0.1', demo: true, databaseUrl: null },
    });
  });

  it('name the hosts calendars come from, and none where none is set', () => {
    expect(parseSettings({})).toMatchObject({ settings: { calendarHosts: [], calendarPrivate: false } });
    expect(parseSettings({ CADRE_CALENDAR_HOSTS: 'Cal.example.org, [2001:db8::1]:8443' })).toMatchObject({
      settings: { calendarHosts: ['cal.example.org', '[2001:db8::1]:8443'] },
    });
  });

  it('name every wrong one at once', () => {
    const parsed = parseSettings({
      CADRE_PORT: '99999',
      CADRE_HOST: ' ',
      CADRE_DATABASE_URL: 'postgres://x',
      CADRE_PUBLIC_URL: 'nowhere',
      CADRE_DEMO: 'yes',
      CADRE_TLS_CERT: '/a.pem',
      CADRE_CALENDAR_HOSTS: 'calendar.example.org,https://school.example.org/x',
      CADRE_CALENDAR_PRIVATE: 'yes',
      CADRE_CLOCK: 'noon',
    });
    expect('faults' in parsed && parsed.faults.map((fault) => fault.name)).toEqual([
      'CADRE_PORT',
      'CADRE_HOST',
      'CADRE_DATABASE_URL',
      'CADRE_PUBLIC_URL',
      'CADRE_DEMO',
      'CADRE_TLS_KEY',
      'CADRE_CALENDAR_HOSTS',
      'CADRE_CALENDAR_PRIVATE',
      'CADRE_CLOCK',
    ]);
  });
});
