<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { Group } from '@cadre/contract/schedule';
import type { KitItem } from '@cadre/contract/kit';
import { proposeKit } from '@cadre/core/kit';
import { siteDay, type Group as CoreGroup } from '@cadre/core/schedule';
import { useNow } from '@cadre/web/platform/time';
import { ActButton, ChoiceChips, NoticePlate, useRefusal } from '@cadre/web/ui';
import { KITS_WORDS } from './kit-words';
import { useKit } from './use-kit';
import * as t from './messages';

/** What a group takes besides bikes: proposed, changed by touch, packed ahead; it goes out with the first bikes. */
const props = defineProps<{ group: Group; zone: string }>();
const store = useKit();
const now = useNow();
const refusal = useRefusal();
const left = ref<ReadonlySet<string>>(new Set());
const day = computed(() => siteDay(now.value, props.zone));
const shares = computed(() =>
  proposeKit(props.group as CoreGroup, store.items.value as KitItem[], day.value),
);
watch(
  () => props.group.id,
  () => (left.value = new Set()),
);
const packed = computed(() =>
  store.items.value.filter((item) => item.groupId === props.group.id && item.whereabouts === 'packed'),
);
const isOut = computed(() =>
  store.items.value.some((item) => item.groupId === props.group.id && item.whereabouts === 'out'),
);
const chosen = computed(() =>
  shares.value.flatMap(({ items }) => items).filter((item) => !left.value.has(item.id)),
);
const isAsPacked = computed(() => {
  const own = new Set(packed.value.map(({ id }) => id));
  return own.size === chosen.value.length && chosen.value.every(({ id }) => own.has(id));
});
function toggle(id: string): void {
  const next = new Set(left.value);
  if (!next.delete(id)) next.add(id);
  left.value = next;
}
/** Lends what is packed, as the bikes go. */
defineExpose({
  async lend(): Promise<void> {
    const ids = packed.value.map(({ id }) => id);
    if (ids.length > 0) await store.lend(ids, props.group.id);
  },
});
</script>

<template>
  <section
    v-if="store.items.value.length && !isOut"
    class="space-y-2 rounded-lg bg-sunk p-3"
    :aria-label="t.kitForGroup"
    data-kit-for-group
  >
    <h2 class="sturdy text-lg">{{ t.kitForGroup }}</h2>
    <div v-for="share in shares" :key="share.kind" class="space-y-1">
      <p class="leading-tight">
        <strong>{{ KITS_WORDS[share.kind] }}</strong>
        <span class="figures ml-2 text-soft">{{
          t.shareOf({ count: share.items.filter(({ id }) => !left.has(id)).length, wanted: share.wanted })
        }}</span>
        <span v-if="share.lacking" class="ml-2 font-semibold text-watch">{{
          t.lackingCount({ count: share.lacking })
        }}</span>
      </p>
      <ChoiceChips
        :name="KITS_WORDS[share.kind]"
        :options="share.items.map(({ id, tag, size }) => ({ value: id, label: `${tag} ${size}`.trim() }))"
        :chosen="share.items.map(({ id }) => id).filter((id) => !left.has(id))"
        @toggle="toggle"
      />
    </div>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <p v-if="isAsPacked && packed.length" role="status" class="font-semibold">
      {{ t.packedCount({ count: packed.length }) }}
    </p>
    <ActButton
      v-else-if="chosen.length"
      :disabled="refusal.busy.value"
      data-pack-kit
      @click="
        refusal.run(() =>
          store.pack(
            group.id,
            chosen.map(({ id }) => id),
          ),
        )
      "
      >{{ t.packCount({ count: chosen.length }) }}</ActButton
    >
  </section>
</template>
