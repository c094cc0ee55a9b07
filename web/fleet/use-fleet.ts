import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { getBike, getWall, moveBike, type Bike, type Wall } from '@cadre/contract/fleet';
import { evaluateFitness, type FitnessAnswer, type FitnessFacts } from '@cadre/core/fitness';
import { keepThing, keptThing, now, RefusedError, send, setServerNow, UnreachableError } from '@cadre/web/app';
import { v7 as newId } from 'uuid';
import { followChanges } from './live-stream';

/** The racks and bikes, live while there is signal, as they were when there is none. */
export const useFleet = defineStore('fleet', () => {
  const wall = shallowRef<Wall | null>(null);
  /** When what is shown was true; null while it is live. */
  const asOf = ref<number | null>(null);
  let stop: (() => void) | null = null;

  const bikes = computed<readonly Bike[]>(() => wall.value?.bikes ?? []);
  const bikeById = computed(() => new Map(bikes.value.map((bike) => [bike.id, bike])));
  const siteById = computed(() => new Map((wall.value?.sites ?? []).map((site) => [site.id, site])));
  const names = computed(() => new Map((wall.value?.people ?? []).map((person) => [person.id, person.name])));
  const nameOf = (id: string): string => names.value.get(id) ?? 'somebody';

  async function load(): Promise<void> {
    try {
      const fresh = await send(getWall);
      setServerNow(fresh.now);
      wall.value = fresh;
      asOf.value = null;
      await keepThing('wall', fresh);
    } catch (error) {
      if (error instanceof RefusedError && error.problem.code === 'session.required' && wall.value) return;
      if (!(error instanceof UnreachableError)) throw error;
      wall.value ??= await keptThing<Wall>('wall');
      asOf.value ??= wall.value?.now ?? null;
    }
  }

  function put(bike: Bike): void {
    if (!wall.value) return;
    const known = wall.value.bikes.some((each) => each.id === bike.id);
    const others = known ? wall.value.bikes.map((each) => (each.id === bike.id ? bike : each)) : [...wall.value.bikes, bike];
    wall.value = { ...wall.value, bikes: others };
    void keepThing('wall', wall.value);
  }

  async function refresh(id: string): Promise<void> {
    try {
      put(await send(getBike, { params: { id } }));
    } catch (error) {
      // Told again by the next change or the next load; a refusal here means the session ended.
      if (!(error instanceof UnreachableError) && !(error instanceof RefusedError)) throw error;
    }
  }

  /** Follows what others do. A page put away lets its stream go: a hidden page must not hold a connection. */
  function follow(): void {
    stop ??= followChanges({
      changed: (bikeId) => void (bikeId ? refresh(bikeId) : load()),
      anew: () => void load(),
      broken: () => {
        asOf.value ??= now();
      },
    });
  }
  window.addEventListener('pagehide', unfollow);
  window.addEventListener('pageshow', (event) => {
    if (!event.persisted || !wall.value) return;
    follow();
    void load();
  });

  function unfollow(): void {
    stop?.();
    stop = null;
  }

  async function move(bike: Bike, to: 'in' | 'out'): Promise<void> {
    put(await send(moveBike, { params: { id: bike.id }, body: { id: newId(), to, at: now() } }));
  }

  function fitnessOf(bike: Bike, at: number): FitnessAnswer {
    return evaluateFitness(bike.facts as FitnessFacts, at);
  }

  return { wall, asOf, bikes, bikeById, siteById, nameOf, load, put, refresh, follow, unfollow, move, fitnessOf };
});
