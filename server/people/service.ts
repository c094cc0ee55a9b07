import type { DataSource } from 'typeorm';
import { v7 as newId } from 'uuid';
import type { addPerson, changePerson, setCompetence, setUp } from '@cadre/contract/people';
import type { BodyOf } from '@cadre/contract/http';
import { DEFAULT_POLICY, type System } from '@cadre/core/catalogue';
import { GENESIS } from '@cadre/core/records';
import { isTimeZone } from '@cadre/core/schedule';
import { SHIPPED_SHEETS } from '@cadre/core/shipped';
import {
  chainNamed,
  hashOf,
  PROGRAM_CHAIN,
  RefusedError,
  type EventLog,
  type NewEvent,
} from '@cadre/server/records';
import { requireAct, type Actor } from './actor';
import { personEntity, programEntity, type PersonRow } from './entities';
import { keepSecret } from './sessions';

const FIRST_VISIT = '00000000-0000-0000-0000-000000000000';

export class People {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog,
  ) {}

  async state(): Promise<{ name: string; demo: boolean } | null> {
    return this.source.getRepository(programEntity).findOne({ where: {} });
  }

  /** First visit: the program, its first site, its lead, and the sheets and policy that ship. Once only. */
  async setUp(body: BodyOf<typeof setUp>, demo: boolean): Promise<PersonRow> {
    if (!isTimeZone(body.timeZone))
      throw new RefusedError(
        'body.invalid',
        {},
        { fields: [{ path: 'timeZone', code: 'unknown-time-zone' }] },
      );
    const { secret, ...said } = body;
    return this.log.act(
      { chain: chainNamed(body.id), id: body.id, request: said, author: null },
      async (tx) => {
        // Two first visits bring two chains of their own: this one row is what they queue for.
        await tx.query('INSERT IGNORE INTO chain_head (chain, seq, hash) VALUES (?, 0, ?)', [
          FIRST_VISIT,
          GENESIS,
        ]);
        await tx.query('SELECT seq FROM chain_head WHERE chain = ? FOR UPDATE', [FIRST_VISIT]);
        if (await tx.getRepository(programEntity).exists()) throw new RefusedError('setup.already-done');
        const personId = newId();
        await keepSecret(tx, personId, secret);
        const sayings: NewEvent[] = [
          {
            kind: 'site.added',
            body: { siteId: newId(), name: body.siteName, timeZone: body.timeZone, opensAt: body.opensAt },
          },
          {
            kind: 'person.added',
            body: {
              personId,
              name: body.leadName,
              signInName: body.signInName,
              role: 'lead',
              trainee: false,
            },
          },
          { kind: 'policy.published', body: { hash: hashOf(DEFAULT_POLICY), policy: DEFAULT_POLICY } },
          ...SHIPPED_SHEETS.map((sheet) => ({
            kind: 'sheet.published' as const,
            body: { hash: hashOf(sheet), sheet, note: 'As shipped' },
          })),
          { kind: 'program.set-up', body: { programId: body.id, name: body.programName, demo } },
        ];
        return sayings;
      },
      (tx) => tx.getRepository(personEntity).findOneByOrFail({ signInName: body.signInName }),
    );
  }

  async list(actor: Actor): Promise<readonly PersonRow[]> {
    requireAct(actor, 'see');
    return this.source.getRepository(personEntity).find({ order: { name: 'ASC' } });
  }

  async add(actor: Actor, body: BodyOf<typeof addPerson>): Promise<PersonRow> {
    requireAct(actor, 'edit-program');
    const { secret, ...said } = body;
    return this.log.act(
      { chain: PROGRAM_CHAIN, id: body.id, request: said, author: actor.id },
      async (tx) => {
        if (await tx.getRepository(personEntity).existsBy({ signInName: body.signInName }))
          throw new RefusedError(
            'sign-in-name.taken',
            { signInName: body.signInName },
            { fields: [{ path: 'signInName', code: 'taken' }] },
          );
        await keepSecret(tx, body.id, secret);
        return {
          kind: 'person.added',
          body: {
            personId: body.id,
            name: body.name,
            signInName: body.signInName,
            role: body.role,
            trainee: body.trainee,
          },
        };
      },
      (tx) => tx.getRepository(personEntity).findOneByOrFail({ id: body.id }),
    );
  }

  async change(actor: Actor, id: string, body: BodyOf<typeof changePerson>): Promise<PersonRow> {
    requireAct(actor, 'edit-program');
    return this.log.act(
      { chain: PROGRAM_CHAIN, id: body.id, request: { personId: id, ...body }, author: actor.id },
      async (tx) => {
        const person = await tx.getRepository(personEntity).findOneBy({ id });
        if (!person) throw new RefusedError('not-found', { what: 'person' });
        if (person.version !== body.version)
          throw new RefusedError('conflict.version', {}, { current: person });
        return {
          kind: 'person.changed',
          body: { personId: id, role: body.role, trainee: body.trainee, active: body.active },
        };
      },
      (tx) => tx.getRepository(personEntity).findOneByOrFail({ id }),
    );
  }

  /** Signs a person off for a system of the bike, or takes it back. Said again it changes nothing. */
  async setCompetence(
    actor: Actor,
    id: string,
    system: System,
    body: BodyOf<typeof setCompetence>,
  ): Promise<PersonRow> {
    requireAct(actor, 'edit-program');
    return this.log.act(
      { chain: PROGRAM_CHAIN, id: body.id, request: { personId: id, system, ...body }, author: actor.id },
      async (tx) => {
        const person = await tx.getRepository(personEntity).findOneBy({ id });
        if (!person) throw new RefusedError('not-found', { what: 'person' });
        const signed = person.competences.some((each) => each.system === system);
        if (signed === body.signed) return [];
        return {
          kind: 'person.competence',
          body: { personId: id, system, signed: body.signed },
          happenedAt: body.at,
        };
      },
      (tx) => tx.getRepository(personEntity).findOneByOrFail({ id }),
    );
  }
}
