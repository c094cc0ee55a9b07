import { computed, type ComputedRef } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { Bike } from '@cadre/contract/fleet';
import { handForce, readNumber, wrenchSetting } from '@cadre/core/measures';
import { torqueCard, type TorqueCardRow } from '@cadre/core/torque';
import { usePolicyOn } from '@cadre/web/catalogue';
import { useWrench, type WrenchAtHand } from '@cadre/web/equipment';
import { useFleet } from '@cadre/web/fleet';
import * as t from './messages';

const STARTS = { wrench: '200', adapter: '0' } as const;
export type WrenchField = keyof typeof STARTS;
const RANGES: Record<WrenchField, readonly [number, number]> = { wrench: [50, 1500], adapter: [0, 500] };

export interface TorqueInHand {
  readonly rows: ComputedRef<readonly TorqueCardRow[]>;
  /** The wrench of the register in hand: its length is filled in. */
  readonly hand: WrenchAtHand;
  text(field: WrenchField): string;
  set(field: WrenchField, text: string): void;
  errorOf(field: WrenchField): string | null;
  /** What to set the wrench to and how hard to pull at its end; null while its lengths cannot be. */
  atTheWrench(target: number): { readonly set: number; readonly pull: number } | null;
}

/** Every joint of a bike with the torque it takes here. */
export function useTorqueRows(bike: () => Bike | null): ComputedRef<readonly TorqueCardRow[]> {
  const fleet = useFleet();
  const policyOn = usePolicyOn();
  return computed(() => {
    const here = bike();
    if (!here) return [];
    const model = fleet.modelOf(here)?.fit ?? {};
    return torqueCard({ build: here.build, model, own: here.fit, parts: here.marked }, policyOn(here));
  });
}

/** The torque card of a bike and the wrench at hand, whose lengths stand in the address. */
export function useTorqueCard(bike: () => Bike | null): TorqueInHand {
  const route = useRoute();
  const router = useRouter();
  const hand = useWrench();
  const text = (field: WrenchField): string => {
    const asked = route.query[field];
    if (typeof asked === 'string') return asked;
    const length = field === 'wrench' ? hand.wrench.value?.lengthMm : null;
    return length ? String(length) : STARTS[field];
  };
  const set = (field: WrenchField, typed: string): void =>
    void router.replace({ query: { ...route.query, [field]: typed } });
  function errorOf(field: WrenchField): string | null {
    const read = readNumber(text(field));
    const [least, most] = RANGES[field];
    if (read === null) return t.enterNumber;
    return read < least || read > most ? t.enterLeastMostMm({ least, most }) : null;
  }
  function atTheWrench(target: number): { set: number; pull: number } | null {
    const [wrench, adapter] = [
      readNumber(text('wrench')) ?? Number.NaN,
      readNumber(text('adapter')) ?? Number.NaN,
    ];
    const setting = wrenchSetting(target, wrench, adapter);
    // The hand pulls at the whole lever: wrench and adapter in line.
    const force = handForce(target, wrench + adapter);
    return setting.ok && force.ok ? { set: setting.value, pull: force.value } : null;
  }
  return { rows: useTorqueRows(bike), hand, text, set, errorOf, atTheWrench };
}
