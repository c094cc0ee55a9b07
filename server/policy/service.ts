import type { DataSource, EntityManager } from 'typeorm';
import type { policyVersions, previewPolicy, publishPolicy } from '@cadre/contract/policy';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import {
  completePolicy,
  exceptionIssues,
  practicesEffect,
  seasonIssues,
  ZONES,
  type EffectBike,
  type PolicyVersion,
} from '@cadre/core/catalogue';
import type { FieldIssue } from '@cadre/core/errors';
import { policyEffect, type DueService, type PolicyEffect } from '@cadre/core/fitness';
import { limitIssues } from '@cadre/core/measures';
import { rulesOfProgram, serviceIssues, servicesEffect } from '@cadre/core/services';
import { CHECKPOINTS, shippedServices } from '@cadre/core/shipped';
import { exposureUnder } from '@cadre/server/exposure';
import { bikeStateEntity } from '@cadre/server/fitness';
import { bikeEntity } from '@cadre/server/fleet';
import { servicesUnderPolicy } from '@cadre/server/services';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import {
  hashOf,
  PROGRAM_CHAIN,
  RefusedError,
  type EventLog,
  type NewEvent,
} from '@cadre/server/platform/event-log';
import { currentPolicy, policyEntity, type CatalogueEvents } from '@cadre/server/catalogue';
import { readingsUnder } from '@cadre/server/checks';
import type { PolicyEvents } from './events';

type Choices = BodyOf<typeof publishPolicy>['policy'];

const KNOWN = new Set(CHECKPOINTS.map((checkpoint) => checkpoint.key));

function refuseChoices(choices: Choices): void {
  const keys = choices.ownRoutes.map((route) => route.key);
  const issues = choices.ownRoutes.flatMap((route, index): FieldIssue[] => {
    const path = `policy.ownRoutes.${index}`;
    return [
      ...(route.name.trim() === '' ? [{ path: `${path}.name`, code: 'required' } as const] : []),
      ...(new Set(route.zones).size !== ZONES.length || route.zones.length !== ZONES.length
        ? [{ path: `${path}.zones`, code: 'not-every-zone' } as const]
        : []),
      ...(keys.indexOf(route.key) !== index ? [{ path: `${path}.key`, code: 'twice' } as const] : []),
    ];
  });
  issues.push(
    ...exceptionIssues(choices.practiceExceptions).map((issue) => ({
      ...issue,
      path: `policy.${issue.path}`,
    })),
  );
  issues.push(...seasonIssues(choices.seasons).map((issue) => ({ ...issue, path: `policy.${issue.path}` })));
  const rules = rulesOfProgram(shippedServices(choices.practices), choices.services);
  issues.push(
    ...serviceIssues(choices.services, rules, KNOWN).map((issue) => ({
      ...issue,
      path: `policy.${issue.path}`,
    })),
  );
  issues.push(...limitIssues(choices.limits).map((issue) => ({ ...issue, path: `policy.${issue.path}` })));
  if (issues.length > 0) throw new RefusedError('body.invalid', {}, { fields: issues });
}

interface Touched {
  readonly bikeId: string;
  readonly tag: string;
  readonly effect: PolicyEffect;
}

const tagsOf = async (tx: EntityManager): Promise<ReadonlyMap<string, string>> =>
  new Map(
    (await tx.getRepository(bikeEntity).find({ select: { id: true, tag: true } })).map((bike) => [
      bike.id,
      bike.tag,
    ]),
  );

const effectBikes = async (tx: EntityManager): Promise<readonly EffectBike[]> =>
  (await tx.getRepository(bikeEntity).find({ select: { tag: true, siteId: true, build: true } })).map(
    ({ tag, siteId, build: { kind } }) => ({ tag, siteId, kind }),
  );

/** Every bike of which a finding would stand otherwise, or its services fall due otherwise, by tag. */
async function touchedBikes(
  tx: EntityManager,
  from: PolicyVersion,
  to: PolicyVersion,
  now: number,
  /** When their services would fall due; what is not in it stays as it is. */
  services: ReadonlyMap<string, readonly DueService[]> = new Map(),
): Promise<readonly Touched[]> {
  const states = await tx.getRepository(bikeStateEntity).find();
  const tags = await tagsOf(tx);
  return states
    .flatMap(({ bikeId, facts }): Touched[] => {
      const effect = policyEffect(facts, from, to, now, services.get(bikeId));
      const tag = tags.get(bikeId);
      return effect && tag ? [{ bikeId, tag, effect }] : [];
    })
    .sort((a, b) => (a.tag < b.tag ? -1 : 1));
}

/** The program's own rules: what is in force, what a change would do, and every version there was. */
export class Policies {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<PolicyEvents & CatalogueEvents>,
    private readonly now: () => number,
  ) {}

  /** How long names of people who left are kept; null for ever, and while there is no program. */
  async namesKeptDays(): Promise<number | null> {
    if (!(await this.source.getRepository(policyEntity).exists())) return null;
    return (await currentPolicy(this.source.manager)).policy.namesKeptDays;
  }

  /** Which bikes' fitness a change would change, and why. Writes nothing. */
  async preview(actor: Actor, choices: Choices): Promise<AnswerOf<typeof previewPolicy>> {
    requireAct(actor, 'edit-program');
    refuseChoices(choices);
    const tx = this.source.manager;
    const { policy } = await currentPolicy(tx);
    const at = this.now();
    const next = { ...policy, ...choices };
    const states = await tx.getRepository(bikeStateEntity).find();
    const services = await servicesUnderPolicy(
      tx,
      states.map(({ bikeId }) => bikeId),
      next,
    );
    const touched = await touchedBikes(tx, policy, next, at, services);
    const tags = await tagsOf(tx);
    const differing = touched.filter(({ effect }) => effect.before.fitness !== effect.after.fitness);
    return {
      at,
      readings: await readingsUnder(tx, policy, next, at),
      exposure: await exposureUnder(tx, next, at),
      practices: practicesEffect(policy, next, await effectBikes(tx)).map((each) => ({
        ...each,
        climates: each.climates && [...each.climates],
        tags: [...each.tags],
      })),
      services: servicesEffect(
        states.map(({ bikeId, facts }) => ({
          tag: tags.get(bikeId) ?? '',
          before: facts.services,
          after: services.get(bikeId) ?? [],
        })),
        at,
      ),
      bikes: differing.map(({ bikeId, tag, effect }) => ({
        bikeId,
        tag,
        before: effect.before.fitness,
        after: effect.after.fitness,
        findings: effect.findings.map((finding) => ({
          id: finding.id,
          words: `${finding.words.checkpoint}: ${finding.words.fault}`,
          because: finding.legal ? ('legal' as const) : ('limit' as const),
          until: finding.limit?.until ?? null,
        })),
        services: effect.after.reasons.flatMap((reason) =>
          reason.code === 'service-overdue' || reason.code === 'service-fix-by' ? [reason.service] : [],
        ),
      })),
    };
  }

  /**
   * Publishes the next version and, in the same act, moves what is open on every bike to it. Nothing anybody does to a bike may come
   * between: the heads of all chains are held meanwhile.
   */
  async publish(actor: Actor, body: BodyOf<typeof publishPolicy>): Promise<AnswerOf<typeof publishPolicy>> {
    requireAct(actor, 'edit-program');
    refuseChoices(body.policy);
    return this.log.act(
      { chain: PROGRAM_CHAIN, id: body.id, request: body, author: actor.id, everySite: true },
      async (tx) => {
        const before = await currentPolicy(tx);
        if (before.hash !== body.base)
          throw new RefusedError('conflict.version', {}, { current: before.policy });
        const policy: PolicyVersion = {
          ...before.policy,
          ...body.policy,
          schema: 2,
          version: before.policy.version + 1,
          note: body.note,
        };
        const hash = hashOf(policy);
        const touched = await touchedBikes(tx, before.policy, policy, this.now());
        const moved = touched.map(({ bikeId, effect }): NewEvent<PolicyEvents & CatalogueEvents> => ({
          kind: 'finding.under-policy',
          body: { bikeId, findings: effect.findings, policyHash: hash },
        }));
        return [...moved, { kind: 'policy.published', body: { hash, policy } }];
      },
      async (_tx, { events }) => {
        const { length: bikes } = await events('finding.under-policy');
        for (const { body: published } of await events('policy.published'))
          return { hash: published.hash, policy: published.policy, bikes };
        throw new Error('a published policy has no version');
      },
    );
  }

  async versions(actor: Actor): Promise<AnswerOf<typeof policyVersions>> {
    requireAct(actor, 'see');
    const rows = await this.source.getRepository(policyEntity).find({ order: { version: 'DESC' } });
    return {
      versions: rows.map((row) => ({
        hash: row.hash,
        policy: completePolicy(row.policy),
        publishedBy: row.publishedBy,
        publishedAt: row.publishedAt?.getTime() ?? null,
      })),
    };
  }
}
