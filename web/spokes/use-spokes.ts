import { useSessionStorage } from '@vueuse/core';
import { computed, ref, type ComputedRef, type Ref } from 'vue';
import { DEFAULT_POLICY } from '@cadre/core/catalogue';
import { readNumber, spokesVerdicts, type SpokesAnswer } from '@cadre/core/measures';
import { SPOKE_HZ, type Pluck } from '@cadre/core/spoke-pitch';
import { useCatalogue } from '@cadre/web/catalogue';
import { pitchOf } from './pitch-of';

export const SPOKE_COUNTS = [16, 18, 20, 24, 28, 32, 36] as const;
export type SpokeSide = 'left' | 'right';

export interface JudgedSpoke {
  readonly share: number;
  readonly outcome: SpokesAnswer['outcomes'][number];
}

export interface SpokesInHand {
  readonly count: Ref<number>;
  /** Hz, from the valve round; null: not plucked yet, 0: no tension. */
  readonly pitches: Ref<readonly (number | null)[]>;
  /** The spoke that is plucked next; null: all are. */
  readonly next: ComputedRef<number | null>;
  /** The last pluck was not clear. */
  readonly unclear: Ref<boolean>;
  /** Each plucked spoke beside its side's middle, and what that is by the limits. */
  readonly judged: ComputedRef<ReadonlyMap<number, JudgedSpoke>>;
  readonly answers: ComputedRef<Readonly<Record<SpokeSide, SpokesAnswer | null>>>;
  heard(pluck: Pluck): void;
  slack(): void;
  takeBack(): void;
  pick(spoke: number): void;
  clear(): void;
  setCount(count: number): void;
  /** Pitches typed by hand, apart by spaces; whether they were understood. */
  type(text: string): boolean;
  /** A side's pitches as they are typed at its checkpoint; empty until all are known. */
  textOf(side: SpokeSide): string;
}

/** Spokes alternate from the valve round: the first is of the left side. */
export const sideOf = (spoke: number): SpokeSide => (spoke % 2 === 0 ? 'left' : 'right');

/** The spokes of one wheel as they are plucked in turn, each side against its own middle. */
export function useSpokes(): SpokesInHand {
  const catalogue = useCatalogue();
  const count = useSessionStorage('cadre.spokes.count', 32);
  const pitches = useSessionStorage<(number | null)[]>('cadre.spokes', Array<null>(count.value).fill(null));
  const picked = ref<number | null>(null);
  const unclear = ref(false);
  const order = ref<readonly number[]>([]);
  const next = computed(() => {
    if (picked.value !== null) return picked.value;
    const first = pitches.value.findIndex((each) => each === null);
    return first < 0 ? null : first;
  });
  const ofSide = (side: SpokeSide): { readonly spoke: number; readonly hz: number }[] =>
    pitches.value.flatMap((hz, spoke) => (hz !== null && sideOf(spoke) === side ? [{ spoke, hz }] : []));
  const answerOf = (side: SpokeSide): SpokesAnswer | null => {
    const { limits } = catalogue.policy() ?? DEFAULT_POLICY;
    const readings = ofSide(side).map(({ hz }) => hz);
    const answer = readings.length >= 4 ? spokesVerdicts({ readings, method: 'pitch' }, limits) : null;
    return answer?.ok ? answer.value : null;
  };
  const answers = computed(() => ({ left: answerOf('left'), right: answerOf('right') }));
  function set(spoke: number, hz: number | null): void {
    pitches.value = pitches.value.map((each, at) => (at === spoke ? hz : each));
    order.value = hz === null ? order.value : [...order.value, spoke];
    picked.value = null;
    unclear.value = false;
  }
  return {
    count,
    pitches,
    next,
    unclear,
    answers,
    judged: computed(
      () =>
        new Map(
          (['left', 'right'] as const).flatMap((side) =>
            ofSide(side).flatMap(({ spoke }, at) => {
              const answer = answers.value[side];
              const [share, outcome] = [answer?.relative[at], answer?.outcomes[at]];
              return share === undefined || outcome === undefined
                ? []
                : [[spoke, { share, outcome }] as const];
            }),
          ),
        ),
    ),
    heard(pluck) {
      const spoke = next.value;
      if (spoke === null) return;
      const others = ofSide(sideOf(spoke)).map(({ hz }) => hz);
      const hz = pitchOf(pluck, others);
      if (hz === null) unclear.value = true;
      else set(spoke, hz);
    },
    slack() {
      if (next.value !== null) set(next.value, 0);
    },
    takeBack() {
      const last = order.value.at(-1);
      if (last === undefined) return;
      set(last, null);
      order.value = order.value.slice(0, -1);
    },
    pick: (spoke) => (picked.value = spoke),
    clear() {
      pitches.value = Array<null>(count.value).fill(null);
      order.value = [];
      picked.value = null;
      unclear.value = false;
    },
    setCount(many) {
      count.value = many;
      this.clear();
    },
    type(text) {
      const values = text
        .split(/[\s;]+/)
        .filter(Boolean)
        .map((each) => readNumber(each));
      const fits = (each: number | null): each is number =>
        each !== null && (each === 0 || (each >= SPOKE_HZ.least && each <= SPOKE_HZ.most));
      if (values.length === 0 || values.length > count.value || !values.every(fits)) return false;
      for (const hz of values) if (next.value !== null) set(next.value, hz);
      return true;
    },
    textOf(side) {
      const own = ofSide(side);
      return own.length === count.value / 2 ? `${own.map(({ hz }) => Math.round(hz)).join(' ')} Hz` : '';
    },
  };
}
