import { computed, ref, type ComputedRef, type Ref } from 'vue';
import { countStock, listStock, setStockItem, type StockFields, type StockItem } from '@cadre/contract/parts';
import {
  orderList,
  type CountReason,
  type PartNeed,
  type StockItem as CoreItem,
  type SupplierOrder,
} from '@cadre/core/parts';
import { now } from '@cadre/web/platform/time';
import { send } from '@cadre/web/platform/api';
import { useAct } from '@cadre/web/platform/act';

export interface Stock {
  readonly items: Ref<readonly StockItem[]>;
  readonly needs: Ref<readonly PartNeed[]>;
  readonly orders: ComputedRef<readonly SupplierOrder[]>;
  readonly loaded: Ref<boolean>;
  load(): Promise<void>;
  set(id: string, fields: StockFields, version: number | null): Promise<void>;
  count(item: StockItem, by: number, why: CountReason, note: string): Promise<void>;
}

/** What lies on the shelf, who counts on it, and what is to be ordered. */
export function useStock(): Stock {
  const items = ref<readonly StockItem[]>([]);
  const needs = ref<readonly PartNeed[]>([]);
  const loaded = ref(false);
  const act = useAct();
  const orders = computed(() => orderList(items.value as readonly CoreItem[], needs.value));

  async function load(): Promise<void> {
    const answer = await send(listStock);
    items.value = answer.items;
    needs.value = answer.needs;
    loaded.value = true;
  }
  const put = (item: StockItem): void => {
    items.value = [...items.value.filter((each) => each.id !== item.id), item].sort(
      (a, b) => a.kind.localeCompare(b.kind) || a.name.localeCompare(b.name),
    );
  };
  async function set(id: string, item: StockFields, version: number | null): Promise<void> {
    put(await act(setStockItem, { params: { id }, body: { item, version, at: now() } }));
  }
  async function count(item: StockItem, by: number, why: CountReason, note: string): Promise<void> {
    put(await act(countStock, { params: { id: item.id }, body: { by, why, note, at: now() } }));
  }
  return { items, needs, orders, loaded, load, set, count };
}
