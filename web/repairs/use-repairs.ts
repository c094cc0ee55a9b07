import { ref, type Ref } from 'vue';
import { v7 as newId } from 'uuid';
import type { Bike } from '@cadre/contract/fleet';
import { finishRepair, leaveApart, listRepairs, openReLook, putTogether, releaseBike, startRepair, type Repair } from '@cadre/contract/repairs';
import type { Check } from '@cadre/contract/checks';
import type { Touched } from '@cadre/core/repairs';
import { now, RefusedError, send } from '@cadre/web/app';
import { useFleet } from '@cadre/web/fleet';

export interface Repairs {
  readonly repairs: Ref<readonly Repair[]>;
  load(): Promise<void>;
  start(bike: Bike, findingIds: readonly string[]): Promise<void>;
  finish(repair: Repair, work: readonly { findingId: string; done: string }[], touched: readonly Touched[], minutes: number | null): Promise<void>;
  /** The id of the check to look again with: the one somebody opened, or a new one. */
  reLook(repair: Repair): Promise<string>;
  leave(bike: Bike, what: string): Promise<void>;
  close(itemId: string): Promise<void>;
  release(bike: Bike, note: string): Promise<void>;
}

/** The bench's acts. They need the server: nothing here is done on trust. */
export function useRepairs(): Repairs {
  const fleet = useFleet();
  const repairs = ref<readonly Repair[]>([]);

  async function load(): Promise<void> {
    repairs.value = (await send(listRepairs)).repairs;
  }
  async function start(bike: Bike, findingIds: readonly string[]): Promise<void> {
    const answer = await send(startRepair, { body: { id: newId(), bikeId: bike.id, findingIds: [...findingIds], at: now() } });
    fleet.put(answer.bike);
    await load();
  }
  async function finish(
    repair: Repair,
    work: readonly { findingId: string; done: string }[],
    touched: readonly Touched[],
    minutes: number | null,
  ): Promise<void> {
    const answer = await send(finishRepair, {
      params: { id: repair.id },
      body: { id: newId(), work: [...work], touched: touched.map((each) => ({ ...each })), minutes, at: now() },
    });
    fleet.put(answer.bike);
    await load();
  }
  async function reLook(repair: Repair): Promise<string> {
    try {
      return (await send(openReLook, { params: { id: repair.id }, body: { id: newId(), at: now() } })).id;
    } catch (error) {
      if (error instanceof RefusedError && error.problem.code === 'conflict.check-open') return (error.problem.current as Check).id;
      throw error;
    }
  }
  async function leave(bike: Bike, what: string): Promise<void> {
    fleet.put(await send(leaveApart, { params: { id: bike.id }, body: { id: newId(), what, at: now() } }));
  }
  async function close(itemId: string): Promise<void> {
    fleet.put(await send(putTogether, { params: { id: itemId }, body: { id: newId(), at: now() } }));
  }
  async function release(bike: Bike, note: string): Promise<void> {
    fleet.put(await send(releaseBike, { params: { id: bike.id }, body: { id: newId(), note, at: now() } }));
    await load();
  }
  return { repairs, load, start, finish, reLook, leave, close, release };
}
