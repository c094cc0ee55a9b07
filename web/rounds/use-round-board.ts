import { computed, type ComputedRef } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { Round } from '@cadre/contract/rounds';
import {
  ABANDONED_AFTER_MS,
  countRound,
  neededBikes,
  nextForMe,
  projectFinish,
  roundRows,
  type Projection,
  type RoundCount,
  type RoundRow,
} from '@cadre/core/rounds';
import type { Group } from '@cadre/core/schedule';
import { useNow } from '@cadre/web/platform/time';
import { useCatalogue, useCheckMinutes } from '@cadre/web/catalogue';
import { useFleet, usePicked } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { useCandidates } from '@cadre/web/schedule';

export interface BoardRow extends RoundRow {
  readonly bike: Bike;
  readonly place: number;
  /** When the first group that needs it goes out. */
  readonly neededAt: number | null;
}

export interface RoundBoard {
  readonly rows: ComputedRef<readonly BoardRow[]>;
  readonly count: ComputedRef<RoundCount>;
  readonly inHand: ComputedRef<readonly BoardRow[]>;
  readonly waiting: ComputedRef<readonly BoardRow[]>;
  readonly done: ComputedRef<readonly BoardRow[]>;
  readonly next: ComputedRef<BoardRow | null>;
  readonly hands: ComputedRef<number>;
  readonly projection: ComputedRef<Projection | null>;
  /** Minutes a check of it takes by its checklist; 0 while that is not known. */
  minutesOf(row: BoardRow): number;
  /** Where one looks a bike of the round over; back here afterwards. */
  standOf(row: BoardRow): object;
}

/** A round as its board shows it: who is on which bike, what is left in which order, and when it will be done. */
export function useRoundBoard(round: () => Round): RoundBoard {
  const fleet = useFleet();
  const session = useSession();
  const picked = usePicked();
  const now = useNow();
  const catalogue = useCatalogue();
  const candidates = useCandidates();
  const places = computed(() => new Map(candidates.value.map((each) => [each.id, each.place])));
  const needed = computed(() =>
    neededBikes(
      candidates.value.filter((each) => round().bikeIds.includes(each.id)),
      fleet.groups as readonly Group[],
      now.value,
      catalogue.policy()?.substitution,
    ),
  );
  const rows = computed(() =>
    roundRows(round().bikeIds, round().looks, now.value).flatMap((row): BoardRow[] => {
      const bike = fleet.bikeById.get(row.bikeId);
      return bike
        ? [
            {
              ...row,
              bike,
              place: places.value.get(row.bikeId) ?? Infinity,
              neededAt: needed.value.get(row.bikeId) ?? null,
            },
          ]
        : [];
    }),
  );
  const byNeed = (a: BoardRow, b: BoardRow): number =>
    (a.neededAt ?? Infinity) - (b.neededAt ?? Infinity) || a.place - b.place;
  const waiting = computed(() =>
    rows.value
      .filter((row) => row.state === 'waiting' || row.state === 'incomplete')
      .sort((a, b) => (a.neededAt === b.neededAt ? a.place - b.place : byNeed(a, b))),
  );
  const inHand = computed(() =>
    rows.value.filter((row) => row.state === 'in-hand' || row.state === 'abandoned'),
  );
  const done = computed(() =>
    rows.value
      .filter((row) => row.state === 'done')
      .sort((a, b) => (b.look?.signedAt ?? 0) - (a.look?.signedAt ?? 0)),
  );
  const next = computed(() => {
    const me = session.person?.id ?? '';
    const found = nextForMe(rows.value, me, places.value.get(picked.id ?? '') ?? null, (bikeId) => ({
      place: places.value.get(bikeId) ?? Infinity,
      neededAt: needed.value.get(bikeId) ?? null,
    }));
    return rows.value.find((row) => row.bikeId === found?.bikeId) ?? null;
  });

  const checkMinutes = useCheckMinutes(
    () => rows.value.map((row) => row.bike),
    () => round().checklistKey,
  );
  const minutesOf = (row: BoardRow): number => checkMinutes(row.bike) ?? 0;
  /** Who marked just now, else who is meant to. */
  const hands = computed(() => {
    const busy = new Set(
      rows.value.flatMap((row) =>
        row.look && now.value - row.look.lastAt < ABANDONED_AFTER_MS
          ? [row.look.signedBy ?? row.look.by]
          : [],
      ),
    );
    return busy.size || round().people.length || 1;
  });
  const left = computed(() => rows.value.filter((row) => row.state !== 'done'));
  const projection = computed(() => {
    const minutes = left.value.map(minutesOf);
    return projectFinish({
      now: now.value,
      left: left.value.length,
      hands: hands.value,
      own: round().minutes,
      checklistMinutes: minutes.reduce((sum, each) => sum + each, 0) / Math.max(1, minutes.length),
    });
  });
  function standOf(row: BoardRow): object {
    const { checklistKey, id } = round();
    return {
      name: 'stand',
      params: { bikeId: row.bikeId },
      query: { ...(checklistKey ? { checklist: checklistKey } : {}), from: `/rounds/${id}` },
    };
  }
  return {
    rows,
    count: computed(() => countRound(rows.value)),
    inHand,
    waiting,
    done,
    next,
    hands,
    projection,
    minutesOf,
    standOf,
  };
}
