<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import { CircleAlert, CircleCheck, CircleX, Clock } from '@lucide/vue';
import type { EquipmentItem } from '@cadre/contract/equipment';
import type { EquipmentStanding } from '@cadre/core/equipment';
import { useNow } from '@cadre/web/platform/time';
import { useFleet, useSite } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton, ChoiceChips } from '@cadre/web/ui';
import EquipmentDetail from './EquipmentDetail.vue';
import EquipmentForm from './EquipmentForm.vue';
import { EQUIPMENT_WORDS, STANDING_WORDS, checkWords } from './equipment-words';
import { standing, useEquipment } from './use-equipment';
import * as t from './messages';

/** Tools and instruments by how far they may be relied on: failed and due first; one touch opens its reference check. */
const fleet = useFleet();
const session = useSession();
const store = useEquipment();
const now = useNow();
onMounted(() => {
  if (!fleet.wall) void fleet.load();
});
const { chosen: chosenSite, sites, siteId } = useSite();
const ORDER: readonly EquipmentStanding[] = ['failed', 'due', 'ready', 'withdrawn'];
const rows = computed(() =>
  store.items.value
    .filter((item) => item.siteId === siteId.value)
    .map((item) => ({ item, as: standing(item, now.value) }))
    .toSorted(
      (a, b) =>
        ORDER.indexOf(a.as) - ORDER.indexOf(b.as) ||
        a.item.tag.localeCompare(b.item.tag, undefined, { numeric: true }),
    ),
);
const SIGNS = { ready: CircleCheck, due: Clock, failed: CircleX, withdrawn: CircleAlert };
const doubtfulOf = (item: EquipmentItem) =>
  store.doubtful.value.filter(({ equipmentId }) => equipmentId === item.id);
const open = ref<string | null>(null);
const form = ref<'add' | 'change' | null>(null);
const opened = computed(() => store.items.value.find(({ id }) => id === open.value) ?? null);
function touch(item: EquipmentItem): void {
  form.value = null;
  open.value = open.value === item.id ? null : item.id;
}
</script>

<template>
  <main class="mx-auto max-w-6xl space-y-4 px-4 pb-16 pt-3 max-sm:px-2" data-equipment-view>
    <header class="flex flex-wrap items-center gap-x-4 gap-y-2">
      <h1 class="sturdy mr-auto text-2xl">{{ t.equipment }}</h1>
      <ChoiceChips
        v-if="sites.length > 1"
        :name="t.site"
        :options="sites"
        :chosen="[siteId]"
        @toggle="(site) => (chosenSite = site)"
      />
      <ActButton :to="{ name: 'instruments' }" data-to-instruments>{{ t.connectInstruments }}</ActButton>
      <ActButton
        v-if="session.may('edit-fleet')"
        data-add-equipment
        @click="
          open = null;
          form = form === 'add' ? null : 'add';
        "
        >{{ t.addTool }}</ActButton
      >
    </header>
    <p v-if="store.offline.value" role="status" class="rounded-md bg-watch-wash px-4 py-2 text-watch">
      {{ t.offlineMayBeOld }}
    </p>
    <p v-if="!store.known.value || !fleet.wall" role="status" class="text-soft">{{ t.loading }}</p>
    <div v-else class="grid items-start gap-5 lg:grid-cols-[1fr_24rem]">
      <ul class="min-w-0 space-y-1.5 max-lg:order-2">
        <li v-if="rows.length === 0" class="text-lg">{{ t.noEquipment }}</li>
        <li v-for="{ item, as } in rows" :key="item.id">
          <button
            type="button"
            class="flex min-h-14 w-full items-center gap-3 rounded-md border-2 bg-plate px-3 py-1.5 text-left leading-tight hover:border-act"
            :class="[
              open === item.id ? 'border-act' : as === 'failed' ? 'border-held' : 'border-line',
              as === 'withdrawn' && 'text-soft',
            ]"
            :aria-expanded="open === item.id"
            :data-equipment="item.tag"
            @click="touch(item)"
          >
            <component
              :is="SIGNS[as]"
              :size="26"
              class="shrink-0"
              :class="as === 'failed' ? 'text-held' : as === 'due' ? 'text-watch' : 'text-soft'"
              aria-hidden="true"
            />
            <span class="min-w-0 grow">
              <strong class="sturdy text-lg">{{ item.tag }}</strong>
              <span class="ml-2">{{ EQUIPMENT_WORDS[item.kind] }}</span>
              <span class="block text-[0.95rem] text-soft">{{ checkWords(item) }}</span>
            </span>
            <span class="shrink-0 text-right">
              <span
                class="block font-semibold"
                :class="as === 'failed' ? 'text-held' : as === 'due' ? 'text-watch' : ''"
                >{{ STANDING_WORDS[as] }}</span
              >
              <span
                v-if="doubtfulOf(item).length"
                class="block text-[0.95rem] text-held"
                data-doubtful-count
                >{{ t.toMeasureAgain({ count: doubtfulOf(item).length }) }}</span
              >
            </span>
          </button>
        </li>
      </ul>
      <div class="max-lg:order-1 lg:sticky lg:top-24 empty:hidden">
        <EquipmentForm
          v-if="form"
          :key="form === 'change' ? (opened?.id ?? '') : 'new'"
          :item="form === 'change' ? opened : null"
          :site-id="siteId"
          :store="store"
          @done="form = null"
        />
        <EquipmentDetail
          v-else-if="opened"
          :key="opened.id"
          :item="opened"
          :doubtful="doubtfulOf(opened)"
          :store="store"
          @change="form = 'change'"
          @close="open = null"
        />
      </div>
    </div>
  </main>
</template>
