import { resolve } from 'node:path';

/** All that can be set from outside, read and checked whole before anything starts. */
export interface Settings {
  readonly port: number;
  readonly host: string;
  readonly dataDir: string | null;
  readonly databaseUrl: string | null;
  readonly publicUrl: string | null;
  readonly tls: { readonly cert: string; readonly key: string } | null;
  readonly demo: boolean;
  /** A second folder for anchors, best on another disk. */
  readonly anchorDir: string | null;
  /** Where backups go; beside the database where it is not set. */
  readonly backupDir: string | null;
  readonly backupPassphrase: string | null;
  /** How many backups stay. */
  readonly backupKeep: number;
  /** The hour of the night, by this machine's clock, at which a backup is made; null for none. */
  readonly backupHour: number | null;
  /** Hosts groups may be fetched from as a calendar; none: nothing is fetched. */
  readonly calendarHosts: readonly string[];
  /** Whether those may be of this machine or network: only for the stand-in. */
  readonly calendarPrivate: boolean;
  /** A fixed or shifted clock, for tests and the demo only: an ISO time to start from. */
  readonly clock: string | null;
}

export interface SettingFault {
  readonly name: string;
  readonly value: string;
  readonly wanted: string;
}

/** A host name, or an address in brackets, with a port. */
const HOST = /^([a-z0-9.-]+|\[[0-9a-f:.]+\])(:\d{1,5})?$/;

type Environment = Readonly<Record<string, string | undefined>>;

function urlFault(name: string, value: string, protocols: readonly string[]): SettingFault | null {
  const wanted = `an address starting with ${protocols.map((each) => `${each}//`).join(' or ')}`;
  try {
    return protocols.includes(new URL(value).protocol) ? null : { name, value, wanted };
  } catch {
    return { name, value, wanted }; // not a URL at all
  }
}

/** Reads the settings; every wrong one is named at once. */
export function parseSettings(
  env: Environment,
): { readonly settings: Settings } | { readonly faults: readonly SettingFault[] } {
  const faults: (SettingFault | null)[] = [];
  const port = Number(env.CADRE_PORT ?? '8080');
  if (!Number.isInteger(port) || port < 1 || port > 65_535)
    faults.push({
      name: 'CADRE_PORT',
      value: env.CADRE_PORT ?? '',
      wanted: 'a whole number from 1 to 65535',
    });
  if (env.CADRE_HOST !== undefined && env.CADRE_HOST.trim() === '')
    faults.push({
      name: 'CADRE_HOST',
      value: '',
      wanted: 'a host name or address, such as 127.0.0.1 or 0.0.0.0',
    });
  if (env.CADRE_DATABASE_URL)
    faults.push(urlFault('CADRE_DATABASE_URL', env.CADRE_DATABASE_URL, ['mariadb:', 'mysql:']));
  if (env.CADRE_PUBLIC_URL)
    faults.push(urlFault('CADRE_PUBLIC_URL', env.CADRE_PUBLIC_URL, ['http:', 'https:']));
  if (env.CADRE_DEMO !== undefined && !['0', '1'].includes(env.CADRE_DEMO))
    faults.push({ name: 'CADRE_DEMO', value: env.CADRE_DEMO, wanted: '0 or 1' });
  if (Boolean(env.CADRE_TLS_CERT) !== Boolean(env.CADRE_TLS_KEY)) {
    const missing = env.CADRE_TLS_CERT ? 'CADRE_TLS_KEY' : 'CADRE_TLS_CERT';
    faults.push({ name: missing, value: '', wanted: 'a file: certificate and key go together' });
  }
  const wholeNumber = (name: string, value: string | undefined, least: number, most: number): void => {
    const number = Number(value);
    if (value !== undefined && (!/^\d+$/.test(value) || number < least || number > most))
      faults.push({ name, value, wanted: `a whole number from ${least} to ${most}` });
  };
  wholeNumber('CADRE_BACKUP_KEEP', env.CADRE_BACKUP_KEEP, 1, 1000);
  wholeNumber('CADRE_BACKUP_HOUR', env.CADRE_BACKUP_HOUR, 0, 23);
  const calendarHosts = (env.CADRE_CALENDAR_HOSTS ?? '').split(',').map((host) => host.trim().toLowerCase());
  const strange = calendarHosts.find((host) => host !== '' && !HOST.test(host));
  if (strange !== undefined)
    faults.push({
      name: 'CADRE_CALENDAR_HOSTS',
      value: strange,
      wanted: 'host names with commas between, such as calendar.example.org,school.example.org:8443',
    });
  if (env.CADRE_CALENDAR_PRIVATE !== undefined && !['0', '1'].includes(env.CADRE_CALENDAR_PRIVATE))
    faults.push({ name: 'CADRE_CALENDAR_PRIVATE', value: env.CADRE_CALENDAR_PRIVATE, wanted: '0 or 1' });
  if (env.CADRE_CLOCK && Number.isNaN(Date.parse(env.CADRE_CLOCK)))
    faults.push({
      name: 'CADRE_CLOCK',
      value: env.CADRE_CLOCK,
      wanted: 'a time such as 2026-05-04T07:00:00Z',
    });
  const found = faults.filter((fault): fault is SettingFault => fault !== null);
  if (found.length > 0) return { faults: found };
  return {
    settings: Object.freeze({
      port,
      host: env.CADRE_HOST ?? '127.0.0.1',
      dataDir: env.CADRE_DATA_DIR ? resolve(env.CADRE_DATA_DIR) : null,
      databaseUrl: env.CADRE_DATABASE_URL ?? null,
      publicUrl: env.CADRE_PUBLIC_URL ?? null,
      tls:
        env.CADRE_TLS_CERT && env.CADRE_TLS_KEY ? { cert: env.CADRE_TLS_CERT, key: env.CADRE_TLS_KEY } : null,
      demo: env.CADRE_DEMO !== '0',
      anchorDir: env.CADRE_ANCHOR_DIR ? resolve(env.CADRE_ANCHOR_DIR) : null,
      backupDir: env.CADRE_BACKUP_DIR ? resolve(env.CADRE_BACKUP_DIR) : null,
      backupPassphrase: env.CADRE_BACKUP_PASSPHRASE || null,
      backupKeep: Number(env.CADRE_BACKUP_KEEP ?? '14'),
      backupHour: env.CADRE_BACKUP_HOUR === undefined ? null : Number(env.CADRE_BACKUP_HOUR),
      calendarHosts: calendarHosts.filter((host) => host !== ''),
      calendarPrivate: env.CADRE_CALENDAR_PRIVATE === '1',
      clock: env.CADRE_CLOCK ?? null,
    }),
  };
}
