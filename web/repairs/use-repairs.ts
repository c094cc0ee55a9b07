import { ref, type Ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { closeFinding, mergeFindings, setSeverity } from '@cadre/contract/findings';
import {
  finishRepair,
  hangTag,
  listRepairs,
  openRecheck,
  planRepair,
  releaseBike,
  startRepair,
  type Repair,
  type RepairPlan,
} from '@cadre/contract/repairs';
import { leaveApart, putTogether } from '@cadre/contract/reassembly';
import type { Check } from '@cadre/contract/checks';
import type { Severity } from '@cadre/core/catalogue';
import type { Finding } from '@cadre/core/findings';
import { now } from '@cadre/web/platform/time';
import { RefusedError, send } from '@cadre/web/platform/api';
import { useAct } from '@cadre/web/platform/act';
import { itemContent } from '@cadre/core/authorship';
import { proofFor } from '@cadre/web/platform/authorship';
import { useSession } from '@cadre/web/people';
import { useFleet } from '@cadre/web/fleet';
import type { Done } from './finish-form';

export interface Repairs {
  readonly repairs: Ref<readonly Repair[]>;
  load(): Promise<void>;
  start(bike: Bike, findingIds: readonly string[]): Promise<void>;
  plan(repair: Repair, plan: RepairPlan): Promise<void>;
  finish(repair: Repair, done: Done): Promise<void>;
  /** The id of the check to look again with: the one somebody opened, or a new one. */
  recheck(repair: Repair): Promise<string>;
  regrade(finding: Finding, severity: Severity, reason: string): Promise<void>;
  /** The other is closed into this one. */
  merge(finding: Finding, otherId: string): Promise<void>;
  /** Its part is not on the bike any more. */
  closeFinding(finding: Finding, reason: string): Promise<void>;
  leave(bike: Bike, what: string): Promise<void>;
  close(itemId: string): Promise<void>;
  hang(bike: Bike, name: string): Promise<void>;
  release(bike: Bike, note: string, hangTagBack: boolean): Promise<void>;
}

/** The bench's acts. They need the server: nothing here is done on trust. */
export function useRepairs(): Repairs {
  const fleet = useFleet();
  const session = useSession();
  const act = useAct();
  const repairs = ref<readonly Repair[]>([]);
  const bikeOf = (finding: Finding): string =>
    fleet.bikes.find((bike) => bike.facts.findings.some((each) => each.id === finding.id))?.id ?? '';

  async function load(): Promise<void> {
    repairs.value = (await send(listRepairs)).repairs;
  }
  /** What a repair's act answers: the bike as it stands, and the list anew. */
  async function taken(answer: { bike: Bike }): Promise<void> {
    fleet.put(answer.bike);
    await load();
  }
  return {
    repairs,
    load,
    start: async (bike, findingIds) =>
      taken(
        await act(
          startRepair,
          { body: { at: now(), bikeId: bike.id, findingIds: [...findingIds] } },
          bike.id,
        ),
      ),
    plan: async (repair, plan) =>
      taken(await act(planRepair, { params: { id: repair.id }, body: { at: now(), plan } })),
    finish: async (repair, done) =>
      taken(await act(finishRepair, { params: { id: repair.id }, body: { at: now(), ...done } })),
    recheck: async (repair) => {
      try {
        return (await act(openRecheck, { params: { id: repair.id }, body: { at: now() } })).id;
      } catch (error) {
        if (error instanceof RefusedError && error.problem.code === 'conflict.check-open')
          return (error.problem.current as Check).id;
        throw error;
      }
    },
    regrade: async (finding, severity, reason) => {
      const bikeId = bikeOf(finding);
      await act(setSeverity, { params: { id: finding.id }, body: { at: now(), severity, reason } });
      await fleet.refresh(bikeId);
    },
    merge: async (finding, otherId) => {
      const bikeId = bikeOf(finding);
      await act(mergeFindings, { params: { id: finding.id }, body: { at: now(), otherId } });
      await fleet.refresh(bikeId);
    },
    closeFinding: async (finding, reason) => {
      const bikeId = bikeOf(finding);
      await act(closeFinding, { params: { id: finding.id }, body: { at: now(), reason } });
      await fleet.refresh(bikeId);
      await load();
    },
    leave: async (bike, what) =>
      fleet.put(await act(leaveApart, { params: { id: bike.id }, body: { at: now(), what } })),
    close: async (itemId) =>
      fleet.put(await act(putTogether, { params: { id: itemId }, body: { at: now() } })),
    hang: async (bike, name) =>
      fleet.put(await act(hangTag, { params: { id: bike.id }, body: { at: now(), hangTag: name } })),
    release: async (bike, note, hangTagBack) => {
      const author = session.person?.id ?? '';
      const prove = (body: object) =>
        proofFor(author, 'release', itemContent({ bikeId: bike.id, author }, body));
      const body = { at: now(), note, hangTagBack };
      fleet.put(await act(releaseBike, { params: { id: bike.id }, body, prove }));
      await load();
    },
  };
}
