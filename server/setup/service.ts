import type { DataSource } from 'typeorm';
import { v7 as newId } from 'uuid';
import type { BodyOf } from '@cadre/contract/http';
import type { setUp } from '@cadre/contract/setup';
import { DEFAULT_POLICY } from '@cadre/core/catalogue';
import { GENESIS } from '@cadre/core/event-log';
import { isTimeZone } from '@cadre/core/schedule';
import { SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import type { CatalogueEvents } from '@cadre/server/catalogue';
import type { FleetEvents } from '@cadre/server/fleet';
import {
  saveSecret,
  sealNames,
  personEntity,
  programEntity,
  type PeopleEvents,
  type PersonRow,
  type ProgramRow,
} from '@cadre/server/people';
import {
  chainNamed,
  hashOf,
  RefusedError,
  type EventLog,
  type NewEvent,
} from '@cadre/server/platform/event-log';
import type { SetupEvents } from './events';

type FirstEvents = SetupEvents & PeopleEvents & FleetEvents & CatalogueEvents;

const FIRST_VISIT = '00000000-0000-0000-0000-000000000000';

/** The first visit to an empty program. */
export class Setup {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<FirstEvents>,
  ) {}

  /** Whether there is a program, and who can sign in to it where it is the demo. */
  async state(): Promise<{ readonly program: ProgramRow | null; readonly people: readonly PersonRow[] }> {
    const program = await this.source.getRepository(programEntity).findOne({ where: {} });
    const people = program?.demo
      ? await this.source
          .getRepository(personEntity)
          .find({ where: { active: true }, order: { name: 'ASC' } })
      : [];
    return { program, people };
  }

  /** First visit: the program, its first site, its lead, and the checklists and policy that ship. Once only. */
  async setUp(body: BodyOf<typeof setUp>, demo: boolean): Promise<PersonRow> {
    if (!isTimeZone(body.timeZone))
      throw new RefusedError(
        'body.invalid',
        {},
        { fields: [{ path: 'timeZone', code: 'unknown-time-zone' }] },
      );
    const { secret, leadName, signInName, ...said } = body;
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
        await saveSecret(tx, personId, secret);
        const events: NewEvent<FirstEvents>[] = [
          {
            kind: 'site.added',
            body: { siteId: newId(), name: body.siteName, timeZone: body.timeZone, opensAt: body.opensAt },
          },
          {
            kind: 'person.added',
            body: {
              personId,
              sealed: await sealNames(tx, personId, { name: leadName, signInName }),
              role: 'lead',
              trainee: false,
            },
          },
          { kind: 'policy.published', body: { hash: hashOf(DEFAULT_POLICY), policy: DEFAULT_POLICY } },
          ...SHIPPED_CHECKLISTS.map((checklist) => ({
            kind: 'checklist.published' as const,
            body: { hash: hashOf(checklist), checklist, note: 'Cadre’s default' },
          })),
          { kind: 'program.set-up', body: { programId: body.id, name: body.programName, demo } },
        ];
        return events;
      },
      async (tx) => {
        const lead = await tx.getRepository(personEntity).findOneBy({ signInName });
        if (lead?.name !== leadName) throw new RefusedError('setup.already-done');
        return lead;
      },
    );
  }
}
