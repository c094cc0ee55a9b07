import { ref, type Ref } from 'vue';
import { v7 as newId } from 'uuid';
import type { Bike } from '@cadre/contract/fleet';
import { closeFinding, mergeFindings, setSeverity } from '@cadre/contract/findings';
import {
  finishRepair,
  hangTag,
  leaveApart,
  listRepairs,
  openReLook,
  planRepair,
  putTogether,
  releaseBike,
  startRepair,
  type Repair,
  type RepairPlan,
} from '@cadre/contract/repairs';
import type { Check } from '@cadre/contract/checks';
import type { Severity } from '@cadre/core/catalogue';
import type { Finding } from '@cadre/core/findings';
import { now, RefusedError, send } from '@cadre/web/app';
import { useFleet } from '@cadre/web/fleet';
import type { Done } from './finish-form';

export interface Repairs {
  readonly repairs: Ref<readonly Repair[]>;
  load(): Promise<void>;
  start(bike: Bike, findingIds: readonly string[]): Promise<void>;
  plan(repair: Repair, plan: RepairPlan): Promise<void>;
  finish(repair: Repair, done: Done): Promise<void>;
  /** The id of the check to look again with: the one somebody opened, or a new one. */
  reLook(repair: Repair): Promise<string>;
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
  const repairs = ref<readonly Repair[]>([]);
  const bikeOf = (finding: Finding): string => fleet.bikes.find((bike) => bike.facts.findings.some((each) => each.id === finding.id))?.id ?? '';

  async function load(): Promise<void> {
    repairs.value = (await send(listRepairs)).repairs;
  }
  /** What a repair's act answers: the bike as it stands, and the list anew. */
  async function taken(answer: { bike: Bike }): Promise<void> {
    fleet.put(answer.bike);
    await load();
  }
  const stamp = () => ({ id: newId(), at: now() });
  return {
    repairs,
    load,
    start: async (bike, findingIds) => taken(await send(startRepair, { body: { ...stamp(), bikeId: bike.id, findingIds: [...findingIds] } })),
    plan: async (repair, plan) => taken(await send(planRepair, { params: { id: repair.id }, body: { ...stamp(), plan } })),
    finish: async (repair, done) => taken(await send(finishRepair, { params: { id: repair.id }, body: { ...stamp(), ...done } })),
    reLook: async (repair) => {
      try {
        return (await send(openReLook, { params: { id: repair.id }, body: stamp() })).id;
      } catch (error) {
        if (error instanceof RefusedError && error.problem.code === 'conflict.check-open') return (error.problem.current as Check).id;
        throw error;
      }
    },
    regrade: async (finding, severity, reason) => {
      const bikeId = bikeOf(finding);
      await send(setSeverity, { params: { id: finding.id }, body: { ...stamp(), severity, reason } });
      await fleet.refresh(bikeId);
    },
    merge: async (finding, otherId) => {
      const bikeId = bikeOf(finding);
      await send(mergeFindings, { params: { id: finding.id }, body: { ...stamp(), otherId } });
      await fleet.refresh(bikeId);
    },
    closeFinding: async (finding, reason) => {
      const bikeId = bikeOf(finding);
      await send(closeFinding, { params: { id: finding.id }, body: { ...stamp(), reason } });
      await fleet.refresh(bikeId);
      await load();
    },
    leave: async (bike, what) => fleet.put(await send(leaveApart, { params: { id: bike.id }, body: { ...stamp(), what } })),
    close: async (itemId) => fleet.put(await send(putTogether, { params: { id: itemId }, body: stamp() })),
    hang: async (bike, name) => fleet.put(await send(hangTag, { params: { id: bike.id }, body: { ...stamp(), hangTag: name } })),
    release: async (bike, note, hangTagBack) => {
      fleet.put(await send(releaseBike, { params: { id: bike.id }, body: { ...stamp(), note, hangTagBack } }));
      await load();
    },
  };
}
