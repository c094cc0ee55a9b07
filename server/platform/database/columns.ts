import type { EntitySchemaColumnOptions } from 'typeorm';
import { canonicalJson } from '@cadre/core/event-log';

/** The column shapes used everywhere, so that a table reads as a list of names. */
export const uuid = (options: Partial<EntitySchemaColumnOptions> = {}): EntitySchemaColumnOptions => ({
  type: 'char',
  length: 36,
  charset: 'ascii',
  collation: 'ascii_bin',
  ...options,
});
export const key = (options: Partial<EntitySchemaColumnOptions> = {}): EntitySchemaColumnOptions =>
  uuid({ primary: true, ...options });
export const digest = (options: Partial<EntitySchemaColumnOptions> = {}): EntitySchemaColumnOptions => ({
  type: 'char',
  length: 64,
  charset: 'ascii',
  collation: 'ascii_bin',
  ...options,
});
export const words = (
  length: number,
  options: Partial<EntitySchemaColumnOptions> = {},
): EntitySchemaColumnOptions => ({
  type: 'varchar',
  length,
  ...options,
});
export const word = (options: Partial<EntitySchemaColumnOptions> = {}): EntitySchemaColumnOptions => ({
  type: 'varchar',
  length: 60,
  charset: 'ascii',
  collation: 'ascii_bin',
  ...options,
});
export const moment = (options: Partial<EntitySchemaColumnOptions> = {}): EntitySchemaColumnOptions => ({
  type: 'datetime',
  precision: 3,
  ...options,
});
export const whole = (options: Partial<EntitySchemaColumnOptions> = {}): EntitySchemaColumnOptions => ({
  type: 'int',
  ...options,
});
/** A count or time in milliseconds past what an INT holds. */
export const large = (options: Partial<EntitySchemaColumnOptions> = {}): EntitySchemaColumnOptions => ({
  type: 'bigint',
  transformer: {
    to: (value: number | null) => value,
    from: (value: string | number | null) => (value === null ? null : Number(value)),
  },
  ...options,
});
export const yes = (options: Partial<EntitySchemaColumnOptions> = {}): EntitySchemaColumnOptions => ({
  type: 'boolean',
  ...options,
});
/** JSON as text in one spelling, so that a rebuild writes the same bytes. MariaDB's own JSON type is text with a check. */
export const json = (options: Partial<EntitySchemaColumnOptions> = {}): EntitySchemaColumnOptions => ({
  type: 'longtext',
  transformer: {
    to: (value: unknown) => (value === null || value === undefined ? null : canonicalJson(value)),
    from: (value: string | null) => (value === null ? null : (JSON.parse(value) as unknown)),
  },
  ...options,
});
