import { EntitySchema } from 'typeorm';
import { digest, key, moment, uuid, whole, word } from '@cadre/server/platform/database';

/** One entry of the record. Never changed, never deleted: the application's user may not. */
export interface EntryRow {
  ordinal: number;
  chain: string;
  seq: number;
  previousHash: string;
  hash: string;
  id: string;
  kind: string;
  /** Canonical JSON, byte for byte what was hashed. */
  body: string;
  bikeId: string | null;
  policyHash: string | null;
  requestHash: string | null;
  author: string | null;
  happenedAt: Date;
  recordedAt: Date;
  /** The server's, over the hash; null in entries from before the server signed. */
  signature: string | null;
}

export const entryEntity = new EntitySchema<EntryRow>({
  name: 'entry',
  columns: {
    // Gives a replay over several chains an order in which nothing comes before what it rests on.
    ordinal: {
      type: 'bigint',
      primary: true,
      generated: 'increment',
      transformer: { to: (value: number) => value, from: Number },
    },
    chain: uuid(),
    seq: whole(),
    previousHash: digest(),
    hash: digest(),
    id: uuid(),
    kind: word(),
    body: { type: 'longtext' },
    bikeId: uuid({ nullable: true }),
    policyHash: digest({ nullable: true }),
    requestHash: digest({ nullable: true }),
    author: uuid({ nullable: true }),
    happenedAt: moment(),
    recordedAt: moment(),
    signature: { type: 'varchar', length: 86, charset: 'ascii', collation: 'ascii_bin', nullable: true },
  },
  indices: [
    { name: 'entry_chain_seq', columns: ['chain', 'seq'], unique: true },
    { name: 'entry_id', columns: ['id'], unique: true },
    { name: 'entry_bike', columns: ['bikeId', 'ordinal'] },
  ],
});

export interface ChainHeadRow {
  chain: string;
  seq: number;
  hash: string;
  /** The latest time on it, however the clock was set since. */
  recordedUntil: Date;
}

export const chainHeadEntity = new EntitySchema<ChainHeadRow>({
  name: 'chain_head',
  columns: { chain: key(), seq: whole(), hash: digest(), recordedUntil: moment() },
});
