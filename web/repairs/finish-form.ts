import { computed, reactive, ref, type ComputedRef, type Ref } from 'vue';
import { v7 as newId } from 'uuid';
import type { Bike } from '@cadre/contract/fleet';
import type { BodyOf } from '@cadre/contract/http';
import type { StockItem } from '@cadre/contract/parts';
import type { finishRepair, Repair } from '@cadre/contract/repairs';
import type { FitmentPosition, Joint } from '@cadre/core/fleet';
import type { Finding } from '@cadre/core/findings';
import { readNumber } from '@cadre/core/measures';
import { likelyPart, placesOn } from '@cadre/core/parts';
import { leastWork, withImplied, type Touched } from '@cadre/core/catalogue';
import { touchesOfPart, withTouches } from '@cadre/core/repairs';
import { jointsTouched } from '@cadre/core/torque';
import { useFollowed } from '@cadre/web/followed-guides';
import { useWrench, type WrenchAtHand } from '@cadre/web/equipment';

type Body = BodyOf<typeof finishRepair>;
/** What a finished repair says, without what sending it adds. */
export type Done = Omit<Body, 'id' | 'at'>;

export interface UsedRow {
  readonly partId: string;
  readonly item: StockItem;
  count: number;
  findingId: string;
  /** Where it sits from now on; null: used up, such as a cable. */
  position: FitmentPosition | null;
}

export interface FinishForm {
  readonly done: Record<string, string>;
  readonly touched: Ref<readonly Touched[]>;
  /** What the work on these findings touches in any case: nobody can leave it out. */
  readonly least: ComputedRef<readonly Touched[]>;
  /** What is looked at again: what was said, the least, and what the parts that went on touch. */
  readonly allTouched: ComputedRef<readonly Touched[]>;
  readonly used: Ref<readonly UsedRow[]>;
  /** What lies on the shelf for this bike: what the findings likely take first. */
  readonly suggested: ComputedRef<readonly StockItem[]>;
  readonly others: ComputedRef<readonly StockItem[]>;
  readonly joints: ComputedRef<readonly Joint[]>;
  readonly torques: Record<string, string>;
  /** Each pull a wrench sent for a joint, in order. */
  readonly pulls: Record<string, readonly number[]>;
  /** The wrench of the register that sent the pulls of a joint; without one the wrench at hand counts. */
  readonly sentBy: Record<string, string | null>;
  readonly hand: WrenchAtHand;
  readonly minutes: Ref<string>;
  readonly missing: ComputedRef<readonly Finding[]>;
  readonly minutesWrong: ComputedRef<boolean>;
  readonly torquesWrong: ComputedRef<readonly string[]>;
  tighten(joint: Joint, typed: string): void;
  take(item: StockItem): void;
  drop(partId: string): void;
  places(item: StockItem): readonly FitmentPosition[];
  /** Everything as it is sent, or null while something is missing or wrong. */
  read(): Done | null;
}

const key = (touched: Touched): string => `${touched.touch}@${touched.position}`;
export const sameTouch = (a: Touched, b: Touched): boolean => key(a) === key(b);

/** What is typed and chosen while a repair is finished. It lives as long as the bench shows the bike: a refusal loses nothing. */
export function useFinishForm(
  bike: () => Bike,
  repair: Repair,
  findings: () => readonly Finding[],
  items: () => readonly StockItem[],
): FinishForm {
  const done = reactive<Record<string, string>>(
    Object.fromEntries(findings().map((finding) => [finding.id, ''])),
  );
  // A guide that was followed for this bike has said what its work touches.
  const followed = useFollowed(() => bike().id);
  const touched = ref<readonly Touched[]>(followed.value);
  const least = computed(() => withImplied(findings().flatMap(leastWork)));
  const used = ref<readonly UsedRow[]>([]);
  const torques = reactive<Record<string, string>>({});
  const minutes = ref('');
  const pulls = reactive<Record<string, readonly number[]>>({});
  const sentBy = reactive<Record<string, string | null>>({});
  const hand = useWrench();

  const places = (item: StockItem): readonly FitmentPosition[] =>
    placesOn(item, { build: bike().build, modelId: bike().modelId });
  const fitting = computed(() => items().filter((item) => places(item).length > 0));
  const likely = computed(() => findings().flatMap((finding) => likelyPart(finding) ?? []));
  const isLikely = (item: StockItem): boolean =>
    likely.value.some((part) => part.kind === item.kind && places(item).includes(part.position)) ||
    repair.plan.needs.some((need) => need.itemId === item.id);
  const suggested = computed(() => fitting.value.filter(isLikely));
  const others = computed(() => fitting.value.filter((item) => !isLikely(item)));
  const allTouched = computed(() =>
    withImplied(
      used.value.reduce<readonly Touched[]>(
        (all, { item, position }) =>
          position === null ? all : withTouches(all, touchesOfPart(item.kind, position, bike().build)),
        withTouches(touched.value, least.value),
      ),
    ),
  );
  const joints = computed(() => jointsTouched(allTouched.value, bike().build));
  const missing = computed(() => findings().filter((finding) => !done[finding.id]?.trim()));
  const minutesWrong = computed(() => minutes.value !== '' && !/^\d{1,4}$/.test(minutes.value.trim()));
  const torquesWrong = computed(() =>
    joints.value.filter((joint) => {
      const typed = torques[joint]?.trim() ?? '';
      const value = readNumber(typed);
      return typed !== '' && (value === null || value < 0.5 || value > 200);
    }),
  );

  const tighten = (joint: Joint, typed: string): void => {
    torques[joint] = typed;
  };
  function take(item: StockItem): void {
    const known = used.value.find((row) => row.item.id === item.id);
    const finding = findings().find((each) => likelyPart(each)?.kind === item.kind) ?? findings()[0];
    const wanted = finding ? likelyPart(finding)?.position : undefined;
    const here = places(item);
    const taken = used.value.filter((row) => row.item.kind === item.kind).map((row) => row.position);
    const position =
      here.find((place) => place === wanted && !taken.includes(place)) ??
      here.find((place) => !taken.includes(place)) ??
      null;
    if (known && position === null) {
      known.count += 1;
      return;
    }
    used.value = [
      ...used.value,
      {
        partId: newId(),
        item,
        count: 1,
        findingId: finding?.id ?? '',
        position: item.kind === 'other' ? null : position,
      },
    ];
  }
  function drop(partId: string): void {
    used.value = used.value.filter((row) => row.partId !== partId);
  }
  function read(): Done | null {
    if (missing.value.length > 0 || minutesWrong.value || torquesWrong.value.length > 0) return null;
    followed.value = [];
    return {
      work: findings().map((finding) => ({ findingId: finding.id, done: done[finding.id]?.trim() ?? '' })),
      touched: allTouched.value.map((each) => ({ ...each })),
      minutes: minutes.value.trim() === '' ? null : Number(minutes.value),
      used: used.value.map(({ partId, item, count, findingId, position }) => ({
        ...{ itemId: item.id, count, findingId },
        fits: position === null ? null : { partId, position, anyway: '' },
      })),
      torques: joints.value.flatMap((joint) => {
        const value = readNumber(torques[joint] ?? '');
        if (value === null) return [];
        const sent = pulls[joint] ?? [];
        const equipmentId = (sent.length ? sentBy[joint] : undefined) ?? hand.wrench.value?.id;
        const by = equipmentId ? { equipmentId } : {};
        return [{ joint, newtonMetres: value, ...by, ...(sent.length ? { pulls: [...sent] } : {}) }];
      }),
    };
  }
  return {
    done,
    touched,
    least,
    allTouched,
    used,
    suggested,
    others,
    joints,
    torques,
    pulls,
    sentBy,
    hand,
    minutes,
    missing,
    minutesWrong,
    torquesWrong,
    tighten,
    take,
    drop,
    places,
    read,
  };
}
