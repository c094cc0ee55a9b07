import { ref, type Ref } from 'vue';
import {
  addRack,
  addSite as addSiteRoute,
  changeRack,
  changeSite as changeSiteRoute,
  orderRacks,
  removeRack,
  type Rack,
  type Site,
} from '@cadre/contract/fleet';
import { useAct } from '@cadre/web/platform/act';
import { useRefusal, type Refusal } from '@cadre/web/ui';
import { useFleet } from '@cadre/web/fleet';

interface SiteFields {
  readonly name: string;
  readonly timeZone: string;
  readonly opensAt: string;
}

export interface Arrange {
  addSite(fields: SiteFields): Promise<boolean>;
  changeSite(site: Site, fields: SiteFields): Promise<boolean>;
  /** The bike in the air: the next hook chosen takes it. */
  readonly lifted: Ref<string | null>;
  readonly refusal: Refusal;
  lift(bikeId: string): Promise<void>;
  put(bikeId: string, hookId: string): Promise<void>;
  change(rack: Rack, name: string, hooks: number): Promise<boolean>;
  move(rack: Rack, by: number): Promise<boolean>;
  place(rackId: string, where: Rack): Promise<boolean>;
  remove(rack: Rack): Promise<boolean>;
  add(siteId: string, name: string, hooks: number): Promise<boolean>;
}

/** Changing racks and where bikes hang. Two bikes change places when one is put where the other hangs. */
export function useArrange(): Arrange {
  const fleet = useFleet();
  const refusal = useRefusal();
  const act = useAct();
  const lifted = ref<string | null>(null);

  async function put(bikeId: string, hookId: string): Promise<void> {
    lifted.value = null;
    const bike = fleet.bikeById.get(bikeId);
    const rack = fleet.racks.find((each) => each.hooks.some((hook) => hook.id === hookId));
    if (!bike || !rack || bike.hookId === hookId) return;
    const there = fleet.bikes.find((each) => each.hookId === hookId);
    const swapped = there && bike.siteId === rack.siteId ? bike.hookId : null;
    await refusal.run(() =>
      fleet.hang(rack.siteId, [
        { bikeId, hookId },
        ...(there ? [{ bikeId: there.id, hookId: swapped }] : []),
      ]),
    );
  }

  /** Takes a tag up, puts it down again, or changes places with the one that is up. */
  async function lift(bikeId: string): Promise<void> {
    const up = lifted.value;
    if (up === bikeId) lifted.value = null;
    else if (up) {
      const hookId = fleet.bikeById.get(bikeId)?.hookId;
      if (hookId) await put(up, hookId);
      else lifted.value = bikeId;
    } else lifted.value = bikeId;
  }

  const change = (rack: Rack, name: string, hooks: number): Promise<boolean> =>
    refusal.run(async () => {
      await act(changeRack, { params: { id: rack.id }, body: { name, hooks } });
      await fleet.load();
    });

  const order = (siteId: string, rackIds: readonly string[]): Promise<boolean> =>
    refusal.run(async () => {
      await act(orderRacks, { params: { id: siteId }, body: { rackIds: [...rackIds] } });
      await fleet.load();
    });
  const idsAt = (siteId: string): string[] =>
    fleet.racks.filter((each) => each.siteId === siteId).map((each) => each.id);

  async function move(rack: Rack, by: number): Promise<boolean> {
    const ids = idsAt(rack.siteId);
    const at = ids.indexOf(rack.id);
    const other = ids[at + by];
    if (other === undefined) return false;
    ids[at] = other;
    ids[at + by] = rack.id;
    return order(rack.siteId, ids);
  }

  /** Puts a rack where another of its site stands; the others close up. */
  async function place(rackId: string, where: Rack): Promise<boolean> {
    const ids = idsAt(where.siteId);
    const from = ids.indexOf(rackId);
    const to = ids.indexOf(where.id);
    if (from < 0 || from === to) return false;
    ids.splice(from, 1);
    ids.splice(to, 0, rackId);
    return order(where.siteId, ids);
  }

  const remove = (rack: Rack): Promise<boolean> =>
    refusal.run(async () => {
      await act(removeRack, { params: { id: rack.id }, body: {} });
      await fleet.load();
    });

  const add = (siteId: string, name: string, hooks: number): Promise<boolean> =>
    refusal.run(async () => {
      await act(addRack, { body: { siteId, name, hooks } });
      await fleet.load();
    });

  const addSite = (fields: SiteFields): Promise<boolean> =>
    refusal.run(async () => {
      await act(addSiteRoute, { body: { ...fields } });
      await fleet.load();
    });

  const changeSite = (site: Site, fields: SiteFields): Promise<boolean> =>
    refusal.run(async () => {
      await act(changeSiteRoute, { params: { id: site.id }, body: { ...fields } });
      await fleet.load();
    });

  return { addSite, changeSite, lifted, refusal, lift, put, change, move, place, remove, add };
}
