import { EntitySchema } from 'typeorm';
import type { Finding } from '@cadre/core/findings';
import type { Position } from '@cadre/core/catalogue';
import type { CheckExposure } from '@cadre/core/exposure';
import type { MarkedFault, MarkProof, MarkWay, MarkOutcome, Reading } from '@cadre/core/checks';
import {
  digest,
  json,
  key,
  large,
  moment,
  uuid,
  whole,
  word,
  words,
  yes,
} from '@cadre/server/platform/database';

/** Append-only: what somebody said of one checkpoint. The application's user may insert and read it, no more. */
export interface MarkRow {
  id: string;
  checkId: string;
  checkpoint: string;
  position: Position;
  outcome: MarkOutcome;
  way: MarkWay;
  faults: readonly MarkedFault[];
  note: string;
  reading: Reading | null;
  author: string;
  /** Of the session that delivered it. */
  device: string;
  at: Date;
  /** When the server had it; null in marks from before that was kept. */
  recordedAt: Date | null;
  /** Which series of its author it belongs to, and its number there; null in marks from before there were any. */
  writerId: string | null;
  counter: number | null;
  /** Whose session delivered it; its author's own where it is null. */
  deliveredBy: string | null;
  /** What its author signed it with. */
  proof: MarkProof | null;
}
export const markEntity = new EntitySchema<MarkRow>({
  name: 'mark',
  columns: {
    id: key(),
    checkId: uuid(),
    checkpoint: word(),
    position: word(),
    outcome: word(),
    way: word(),
    faults: json(),
    note: words(1000),
    reading: json({ nullable: true }),
    author: uuid(),
    device: word(),
    at: moment(),
    recordedAt: moment({ nullable: true }),
    writerId: uuid({ nullable: true }),
    counter: large({ nullable: true }),
    deliveredBy: uuid({ nullable: true }),
    proof: json({ nullable: true }),
  },
  indices: [{ name: 'mark_check_outcome', columns: ['checkId', 'outcome'] }],
});

/** A stop marked in a check that nobody has signed yet: it holds the bike from the mark on. */
export interface MarkedStopRow {
  id: string;
  bikeId: string;
  checkId: string;
  author: string;
  /** As it was judged when it was marked. */
  finding: Finding;
}
export const markedStopEntity = new EntitySchema<MarkedStopRow>({
  name: 'marked_stop',
  columns: { id: key(), bikeId: uuid(), checkId: uuid(), author: uuid(), finding: json() },
  indices: [
    { name: 'marked_stop_bike', columns: ['bikeId'] },
    { name: 'marked_stop_check', columns: ['checkId'] },
  ],
});

export interface CheckRow {
  /** What was asked and why, and what rested on which pass, when it was begun by exposure; null where all of it is asked. */
  exposure: CheckExposure | null;
  id: string;
  bikeId: string;
  checklistHash: string;
  state: 'open' | 'signed' | 'abandoned';
  openedBy: string;
  openedAt: Date;
  signedBy: string | null;
  signedAt: Date | null;
  /** When the server had the signature: by this one nobody dates a check away. */
  recordedAt: Date | null;
  coSignedBy: string | null;
  complete: boolean | null;
  criticalsMissing: number;
  awaitsCoSign: boolean;
  /** Until when it counts, once it counts. */
  validUntil: Date | null;
  repairId: string | null;
  /** Marks that happened implausibly fast for the lead to see; they block nothing. */
  hasty: boolean;
  /** The signed check this one corrects, and why. */
  amends: string | null;
  reason: string;
  /** A changed build or part ended what it was worth: the bike is not what was looked at. */
  voided: boolean;
}
export const checkEntity = new EntitySchema<CheckRow>({
  name: 'bike_check',
  columns: {
    exposure: json({ nullable: true }),
    id: key(),
    bikeId: uuid(),
    checklistHash: digest(),
    state: word(),
    openedBy: uuid(),
    openedAt: moment(),
    signedBy: uuid({ nullable: true }),
    signedAt: moment({ nullable: true }),
    recordedAt: moment({ nullable: true }),
    coSignedBy: uuid({ nullable: true }),
    complete: yes({ nullable: true }),
    criticalsMissing: whole(),
    awaitsCoSign: yes(),
    validUntil: moment({ nullable: true }),
    repairId: uuid({ nullable: true }),
    hasty: yes(),
    amends: uuid({ nullable: true }),
    reason: words(300),
    voided: yes(),
  },
  indices: [
    { name: 'check_of_checklist', columns: ['checklistHash'] },
    { name: 'check_signed', columns: ['signedAt'] },
    { name: 'check_bike', columns: ['bikeId', 'state', 'signedAt'] },
  ],
});

/** When something last ended what checks of a bike were worth, by the server's clock: its return, another build or part. */
export interface BikeDisturbedRow {
  bikeId: string;
  at: Date;
}
export const bikeDisturbedEntity = new EntitySchema<BikeDisturbedRow>({
  name: 'bike_disturbed',
  columns: { bikeId: key(), at: moment() },
});
