import { EntitySchema } from 'typeorm';
import type { Zone } from '@cadre/core/catalogue';
import type { ReportFault } from '@cadre/core/reports';
import { digest, key, moment, uuid, whole, word, words, yes } from '@cadre/server/platform/database';

export interface ReportRow {
  id: string;
  bikeId: string;
  zone: Zone | null;
  fault: ReportFault;
  canRide: boolean;
  holds: boolean;
  note: string;
  at: Date;
  by: string | null;
  /** What the rider called themselves, under a key of its own. */
  sealedName: string;
  times: number;
  photoHash: string | null;
  state: 'unread' | 'finding' | 'closed';
  dealtBy: string | null;
  dealtAt: Date | null;
  reason: string;
}
export const reportEntity = new EntitySchema<ReportRow>({
  name: 'report',
  columns: {
    id: key(),
    bikeId: uuid(),
    zone: word({ nullable: true }),
    fault: word(),
    canRide: yes(),
    holds: yes(),
    note: words(2000),
    at: moment(),
    by: { ...uuid({ nullable: true }), name: 'toldBy' },
    sealedName: words(400),
    times: whole(),
    photoHash: digest({ nullable: true }),
    state: word(),
    dealtBy: uuid({ nullable: true }),
    dealtAt: moment({ nullable: true }),
    reason: words(400),
  },
  indices: [{ name: 'report_bike', columns: ['bikeId', 'state'] }],
});

/** The photo of a report, the newest; its hash is in the record. */
export interface ReportPhotoRow {
  reportId: string;
  hash: string;
  width: number;
  height: number;
  whole: Buffer;
  small: Buffer;
}
export const reportPhotoEntity = new EntitySchema<ReportPhotoRow>({
  name: 'report_photo',
  columns: {
    reportId: uuid({ primary: true }),
    hash: digest(),
    width: whole(),
    height: whole(),
    whole: { type: 'mediumblob' },
    small: { type: 'mediumblob' },
  },
});

/** Opens what a rider called themselves; gone, the name is. */
export interface RiderKeyRow {
  reportId: string;
  secret: string;
  madeAt: Date;
}
export const riderKeyEntity = new EntitySchema<RiderKeyRow>({
  name: 'rider_key',
  columns: { reportId: uuid({ primary: true }), secret: words(43), madeAt: moment() },
});

/** What came over the limits and waits for its turn: alike ones are one, counted. */
export interface QueuedReportRow {
  key: string;
  id: string;
  bikeId: string;
  said: string;
  times: number;
  at: Date;
}
export const queuedReportEntity = new EntitySchema<QueuedReportRow>({
  name: 'report_queue',
  columns: {
    key: words(160, { primary: true }),
    id: uuid(),
    bikeId: uuid(),
    said: { type: 'longtext' },
    times: whole(),
    at: moment(),
  },
});

/** How many reports came from one place in a span: in the database, so that any number of servers agree. */
export interface ReportRateRow {
  key: string;
  sent: number;
  since: Date;
}
export const reportRateEntity = new EntitySchema<ReportRateRow>({
  name: 'report_rate',
  columns: { key: words(120, { primary: true }), sent: whole(), since: moment() },
});
