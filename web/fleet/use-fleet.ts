import { defineStore } from 'pinia';
import { computed, ref, shallowRef, type ComputedRef } from 'vue';
import { getBike, hangBikes, type Bike, type Model } from '@cadre/contract/fleet';
import { getWall, type Wall } from '@cadre/contract/wall';
import type { FitnessAnswer } from '@cadre/core/fitness';
import { now, setHomeZone, setServerNow } from '@cadre/web/platform/time';
import { RefusedError, send, sendForText, UnreachableError, wantsSignIn } from '@cadre/web/platform/api';
import { useAct } from '@cadre/web/platform/act';
import { followChanges } from './live-stream';
import { gatherChanges } from './gather-changes';
import { putTogether } from './put-together';
import { keepAnswers } from './kept-answers';
import { LastShown } from './last-shown';
import { SavedWall } from './kept-wall';
import * as t from './messages';

/** A store wraps every function it gives out as an act that can be watched: far too dear for one asked once a bike, thousands of times a frame. */
const unwatched = <T>(fn: T): ComputedRef<T> => computed(() => fn);

/** The wall with bikes taken over, each in its place or at the end. */
function withBikes(wall: Wall, fresh: readonly Bike[]): Wall {
  if (fresh.length === 0) return wall;
  const byId = new Map(fresh.map((bike) => [bike.id, bike]));
  const updated = wall.bikes.map((bike) => byId.get(bike.id) ?? bike);
  const known = new Set(updated.map((bike) => bike.id));
  return { ...wall, bikes: [...updated, ...fresh.filter((bike) => !known.has(bike.id))] };
}

/** The racks and bikes, live while there is signal, as they were when there is none. */
export const useFleet = defineStore('fleet', () => {
  const wall = shallowRef<Wall | null>(null);
  /** When what is shown was true; null while it is live. */
  const asOf = ref<number | null>(null);
  const savedWall = new SavedWall();
  const act = useAct();
  let stop: (() => void) | null = null;

  /** The bikes there are; one that is gone is known by its id still, for its record. */
  const bikes = computed<readonly Bike[]>(() =>
    (wall.value?.bikes ?? []).filter((bike) => bike.whereabouts !== 'gone'),
  );
  const bikeById = computed(() => new Map((wall.value?.bikes ?? []).map((bike) => [bike.id, bike])));
  const models = computed(() => wall.value?.models ?? []);
  const modelById = computed(() => new Map(models.value.map((model) => [model.id, model])));
  /** The model of a bike, or of what is being typed as one; null when it is of none. */
  const modelOf = ({ modelId }: { readonly modelId: string | null }): Model | null =>
    modelById.value.get(modelId ?? '') ?? null;
  const groups = computed(() => wall.value?.groups ?? []);
  const racks = computed(() => wall.value?.racks ?? []);
  const hookWords = computed(
    () =>
      new Map(
        racks.value.flatMap((rack) =>
          rack.hooks.map((hook) => [hook.id, t.rackHook({ rack: rack.name, hook: hook.number })] as const),
        ),
      ),
  );
  /** Where a bike hangs, in words; nothing when it is on no hook. */
  const hookOf = ({ hookId }: Bike): string => hookWords.value.get(hookId ?? '') ?? '';
  const siteById = computed(() => new Map((wall.value?.sites ?? []).map((site) => [site.id, site])));
  const names = computed(() => new Map((wall.value?.people ?? []).map((person) => [person.id, person.name])));
  const nameOf = (id: string): string => names.value.get(id) ?? t.unknownPerson;

  let loading: Promise<void> | null = null;
  /** Asks for the wall. Whoever asks while the first is on its way waits for the same; later each asks anew, for something has changed. */
  function load(): Promise<void> {
    if (loading && !wall.value) return loading;
    const own = fetchWall();
    loading = own;
    own.catch(() => {
      // Refused: the next one asks anew instead of waiting for the same refusal.
      if (loading === own) loading = null;
    });
    return own;
  }
  /** Asks for it while the server is still asked who this is; that there is nobody is told by the session, not here. */
  async function loadAhead(): Promise<void> {
    try {
      await load();
    } catch (error) {
      if (!(error instanceof RefusedError)) throw error;
    }
  }
  const lastShown = new LastShown();
  async function fetchWall(): Promise<void> {
    const asked = performance.now();
    try {
      const { answer, text } = await sendForText(getWall);
      setServerNow(answer.now);
      setHomeZone(answer.sites[0]?.timeZone);
      // The whole may be older than a bike that came while it was on its way: that one stays as it is, and is asked for.
      const newer = lastShown.allSince(asked);
      wall.value = withBikes(
        answer,
        newer.flatMap((id) => bikeById.value.get(id) ?? []),
      );
      asOf.value = null;
      savedWall.whole(text);
      for (const id of newer) void refresh(id);
    } catch (error) {
      if (wantsSignIn(error) && wall.value) return;
      if (!(error instanceof UnreachableError)) throw error;
      wall.value ??= await savedWall.read();
      asOf.value ??= wall.value?.now ?? null;
      setHomeZone(wall.value?.sites[0]?.timeZone);
    }
  }

  /** Takes over bikes as an act of this browser was answered with them. */
  function put(...fresh: readonly Bike[]): void {
    for (const { id } of fresh) lastShown.answered(id);
    show(fresh);
  }

  function show(fresh: readonly Bike[]): void {
    for (const { id } of fresh) lastShown.shown(id);
    if (!wall.value || fresh.length === 0) return;
    wall.value = withBikes(wall.value, fresh);
    savedWall.change(fresh);
  }

  async function refresh(id: string): Promise<void> {
    const asked = performance.now();
    try {
      const bike = await send(getBike, { params: { id } });
      if (lastShown.since(id, asked)) await refresh(id);
      else show([bike]);
    } catch (error) {
      // Told again by the next change or the next load; a refusal here means the session ended.
      if (!(error instanceof UnreachableError) && !(error instanceof RefusedError)) throw error;
    }
  }

  const listeners = new Set<(bikeId: string | null) => void>();
  const tell = (bikeId: string | null): void => listeners.forEach((listener) => listener(bikeId));
  /** Tells of every change as it comes: the bike it is of, or null when anything may have changed. Answers how to stop it. */
  function onChanged(listener: (bikeId: string | null) => void): () => void {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }

  const arrive = putTogether((arrived) => {
    show(arrived.filter(({ id }) => !lastShown.mayBeOlder(id)));
    for (const { id } of arrived) {
      if (lastShown.mayBeOlder(id)) void refresh(id);
      tell(id);
    }
  });
  const gather = gatherChanges({ one: (id) => void refresh(id), all: load });

  /** Follows what others do. A page put away lets its stream go: a hidden page must not hold a connection. */
  function follow(): void {
    stop ??= followChanges({
      changed: (bikeId, bike) => {
        if (bike)
          arrive(bike); // told of once it is put
        else {
          if (bike === undefined) gather.changed(bikeId);
          tell(bikeId);
        }
      },
      anew: () => {
        void load();
        tell(null);
      },
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

  /** Hangs bikes on hooks of one site, one or many at once. */
  async function hang(
    siteId: string,
    moves: readonly { bikeId: string; hookId: string | null }[],
  ): Promise<void> {
    put(
      ...(
        await act(
          hangBikes,
          { body: { siteId, moves: moves.map((each) => ({ ...each })), at: now() } },
          moves.map((each) => each.bikeId).join(),
        )
      ).bikes,
    );
  }

  const judged = keepAnswers();
  const fitnessOf = (bike: Bike, at: number): FitnessAnswer =>
    judged(bike.facts, at, wall.value?.recordedUntil);

  return {
    wall,
    asOf,
    bikes,
    bikeById,
    models,
    modelOf: unwatched(modelOf),
    groups,
    racks,
    hookOf: unwatched(hookOf),
    siteById,
    nameOf: unwatched(nameOf),
    load,
    loadAhead,
    put,
    refresh,
    onChanged,
    follow,
    unfollow,
    hang,
    fitnessOf: unwatched(fitnessOf),
  };
});
