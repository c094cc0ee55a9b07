import { In, type EntityManager } from 'typeorm';
import {
  policyOn,
  questionKey,
  questionsOf,
  type ChecklistVersion,
  type PolicyVersion,
  type Question,
} from '@cadre/core/catalogue';
import {
  checkExposure,
  everyDayOf,
  type BikeSince,
  type CheckExposure,
  type ExposureRules,
} from '@cadre/core/exposure';
import type { FitnessFacts } from '@cadre/core/fitness';
import { siteDay } from '@cadre/core/schedule';
import { causesOfFault, SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import { DAY_MS } from '@cadre/core/time';
import { publishedChecklists } from '@cadre/server/catalogue';
import { partsByBike, siteEntity, type BikeRow } from '@cadre/server/fleet';
import { judgedAlikeSince } from './policy-since';
import { happeningsSince } from './happenings';
import { looksSince, type AskedBike } from './looks';

type Bike = Pick<BikeRow, 'id' | 'siteId' | 'build'>;

/** One bike with the checklist it is asked by. */
export interface ToAsk {
  readonly bike: Bike;
  readonly checklist: ChecklistVersion;
  readonly facts: Pick<FitnessFacts, 'findings'>;
}

export interface AskedAndResting extends CheckExposure {
  readonly questions: readonly Question[];
}

/** Whether a check on this checklist is asked by exposure on such a bike: only what lets a bike out for the day ever is. */
export const isByExposure = (policy: PolicyVersion, { bike, checklist }: Omit<ToAsk, 'facts'>): boolean =>
  checklist.clears && !checklist.afterRideOut && policy.exposure.kinds.includes(bike.build.kind);

/**
 * What a check begun now asks of each bike with why, and what rests on which pass. Whether the policy asks such bikes by exposure is not considered.
 *
 * @param policy the program's, for no bike and no season in particular
 */
export async function exposureOfBikes(
  tx: EntityManager,
  asking: readonly ToAsk[],
  policy: PolicyVersion,
  now: number,
): Promise<ReadonlyMap<string, AskedAndResting>> {
  const ids = asking.map(({ bike }) => bike.id);
  if (ids.length === 0) return new Map();
  const sites = await tx
    .getRepository(siteEntity)
    .findBy({ id: In([...new Set(asking.map(({ bike }) => bike.siteId))]) });
  const zoneOf = new Map(sites.map((site) => [site.id, site.timeZone]));
  const parts = await partsByBike(tx, ids);
  const bikes = asking.map(({ bike: { id, siteId, build } }): AskedBike => ({
    ...{ id, siteId, kind: build.kind, timeZone: zoneOf.get(siteId) ?? 'UTC' },
    fitted: { build, parts: parts.get(id)?.parts ?? [] },
  }));
  const questions = new Map(
    asking.map(({ checklist }, index): [string, readonly Question[]] => {
      const { id, siteId, kind, fitted, timeZone } = bikes[index] as AskedBike;
      const { practices } = policyOn(policy, { kind, siteId, day: siteDay(now, timeZone) });
      return [id, questionsOf(checklist, fitted, practices)];
    }),
  );
  const rules: ExposureRules = {
    causesOf: causesOfFault,
    everyDay: everyDayOf([
      ...SHIPPED_CHECKLISTS,
      ...(await publishedChecklists(tx)).map((row) => row.checklist),
    ]),
    restDays: policy.exposure.restDays,
  };
  const moment = now - rules.restDays * DAY_MS;
  const looked = await looksSince(tx, bikes, policy, questions, {
    moment,
    since: await judgedAlikeSince(tx, policy, now),
  });
  const happened = await happeningsSince(tx, ids, policy, moment);
  return new Map(
    asking.map(({ facts }, index) => {
      const { id, siteId, fitted, timeZone } = bikes[index] as AskedBike;
      const own = looked.get(id);
      const since: BikeSince = {
        happenings: [...(happened.get(id) ?? []), ...(own?.work ?? [])],
        lockedAway: policy.exposure.lockedSites.includes(siteId),
        outdoors: fitted.build.accessories.includes('outdoors'),
        timeZone,
        looks: own?.looks ?? new Map(),
        openFindings: new Set(facts.findings.map((finding) => questionKey(finding))),
      };
      const asked = questions.get(id) ?? [];
      return [id, { questions: asked, ...checkExposure(asked, since, rules, now) }];
    }),
  );
}
