import { EntitySchema } from 'typeorm';
import type { System } from '@cadre/core/catalogue';
import type { Role } from '@cadre/core/people';
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

export interface ProgramRow {
  id: string;
  name: string;
  demo: boolean;
}
export const programEntity = new EntitySchema<ProgramRow>({
  name: 'program',
  columns: { id: key(), name: words(80), demo: yes() },
});

/** The lead's word that somebody learning may be trusted with a system of the bike. */
export interface Competence {
  readonly system: System;
  readonly signedBy: string;
  readonly signedAt: number;
}

export interface PersonRow {
  id: string;
  name: string;
  signInName: string;
  role: Role;
  trainee: boolean;
  active: boolean;
  version: number;
  competences: readonly Competence[];
  /** Their name was destroyed; what they did stays. */
  nameless: boolean;
}
export const personEntity = new EntitySchema<PersonRow>({
  name: 'person',
  columns: {
    id: key(),
    name: words(80),
    signInName: word(),
    role: word(),
    trainee: yes(),
    active: yes(),
    version: whole(),
    competences: json(),
    nameless: yes(),
  },
  indices: [{ name: 'person_sign_in_name', columns: ['signInName'], unique: true }],
});

/** What a person's names are kept under in the record. Destroyed, nobody can read them there again. */
export interface NameKeyRow {
  personId: string;
  /** 256 bits, base64url. */
  secret: string;
}
export const nameKeyEntity = new EntitySchema<NameKeyRow>({
  name: 'name_key',
  columns: { personId: key(), secret: words(43) },
});

/** Kept apart from people and out of the record: a secret is no fact about a bike. */
export interface CredentialRow {
  personId: string;
  hash: string;
  /** Given by the lead: good for one sign-in. */
  oneTime: boolean;
}
export const credentialEntity = new EntitySchema<CredentialRow>({
  name: 'credential',
  columns: { personId: key(), hash: words(255), oneTime: yes() },
});

export interface SessionRow {
  tokenHash: string;
  personId: string;
  device: string;
  /** What kind of machine its browser said it runs on. */
  kind: 'phone' | 'computer';
  /** The series its items belong to, once its browser has said so. */
  writerId: string | null;
  /** Signed in with a PIN. */
  quick: boolean;
  startedAt: Date;
  seenAt: Date;
  endedAt: Date | null;
}
export const sessionEntity = new EntitySchema<SessionRow>({
  name: 'session',
  columns: {
    tokenHash: digest({ primary: true }),
    personId: uuid(),
    device: word(),
    kind: word(),
    writerId: uuid({ nullable: true }),
    quick: yes(),
    startedAt: moment(),
    seenAt: moment(),
    endedAt: moment({ nullable: true }),
  },
  indices: [{ name: 'session_person_device', columns: ['personId', 'device'] }],
});

/** One person on one browser: the public key that shows what they said there. */
export interface WriterRow {
  id: string;
  personId: string;
  /** P-256, SubjectPublicKeyInfo, base64url. */
  publicKey: string;
  boundAt: Date;
}
export const writerEntity = new EntitySchema<WriterRow>({
  name: 'writer',
  columns: { id: key(), personId: uuid(), publicKey: words(130), boundAt: moment() },
  indices: [{ name: 'writer_person', columns: ['personId'] }],
});

/** Signed out, or ended by a lead: what a series says past this counter is not shown to be earlier. Gone when its person signs in there again. */
export interface WriterEndRow {
  writerId: string;
  counter: number;
  endedAt: Date;
}
export const writerEndEntity = new EntitySchema<WriterEndRow>({
  name: 'writer_end',
  columns: { writerId: key(), counter: large(), endedAt: moment() },
});

/** What was signed with a key: one item a counter, and one after each item, so that a copied key shows. */
export interface SignedItemRow {
  writerId: string;
  counter: number;
  previous: string;
  hash: string;
  itemId: string;
}
export const signedItemEntity = new EntitySchema<SignedItemRow>({
  name: 'signed_item',
  columns: {
    writerId: key(),
    counter: large({ primary: true }),
    previous: digest(),
    hash: digest(),
    itemId: uuid(),
  },
  indices: [{ name: 'signed_item_previous', columns: ['writerId', 'previous'], unique: true }],
});

/** A short number by which a person signs in on one browser they know. */
export interface QuickPinRow {
  personId: string;
  device: string;
  hash: string;
  failures: number;
}
export const quickPinEntity = new EntitySchema<QuickPinRow>({
  name: 'quick_pin',
  columns: {
    personId: key(),
    device: word({ primary: true }),
    hash: words(255),
    failures: whole(),
  },
});

export interface ThrottleRow {
  key: string;
  failures: number;
  since: Date;
}
export const throttleEntity = new EntitySchema<ThrottleRow>({
  name: 'throttle',
  columns: { key: words(120, { primary: true }), failures: whole(), since: moment() },
});
