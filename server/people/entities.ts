import { EntitySchema } from 'typeorm';
import type { System } from '@cadre/core/catalogue';
import type { Role } from '@cadre/core/people';
import { digest, json, key, moment, uuid, whole, word, words, yes } from '@cadre/server/platform/database';

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
  },
  indices: [{ name: 'person_sign_in_name', columns: ['signInName'], unique: true }],
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
    startedAt: moment(),
    seenAt: moment(),
    endedAt: moment({ nullable: true }),
  },
  indices: [{ name: 'session_person_device', columns: ['personId', 'device'] }],
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
