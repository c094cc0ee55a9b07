<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import { ScanLine } from '@lucide/vue';
import type { KitItem } from '@cadre/contract/kit';
import { plain } from '@cadre/core/fleet';
import { KIT_KINDS, kitNeeds } from '@cadre/core/kit';
import { siteDay } from '@cadre/core/schedule';
import { useNow } from '@cadre/web/platform/time';
import { useFleet, useSite } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton, ChoiceChips, NoticePlate, useRefusal } from '@cadre/web/ui';
import KitDetail from './KitDetail.vue';
import KitItemForm from './KitItemForm.vue';
import { KITS_WORDS, lookOf } from './kit-words';
import KitTag from './KitTag.vue';
import { useKit } from './use-kit';
import * as t from './messages';

/** Everything that is lent besides bikes, by kind; one touch opens an item on its next act. */
const fleet = useFleet();
const session = useSession();
const store = useKit();
const now = useNow();
const refusal = useRefusal();
onMounted(() => {
  if (!fleet.wall) void fleet.load();
});
const { chosen: chosenSite, sites, siteId } = useSite();
const zone = computed(() => fleet.siteById.get(siteId.value)?.timeZone ?? 'UTC');
const day = computed(() => siteDay(now.value, zone.value));
const SHOWN = [
  { value: 'all', label: t.all },
  { value: 'out', label: t.outOnly },
  { value: 'not', label: t.notReadyOnly },
] as const;
const shown = ref<(typeof SHOWN)[number]['value']>('all');
const here = computed(() => store.items.value.filter((item) => item.siteId === siteId.value));
const bins = computed(() =>
  KIT_KINDS.map((kind) => {
    const all = here.value.filter((item) => item.kind === kind && item.withdrawn === null);
    const looks = all.map((item) => ({ item, look: lookOf(item, day.value) }));
    const is = (as: string): number => looks.filter(({ look }) => look.as === as).length;
    return {
      ...{
        kind,
        all: all.length,
        ready: is('ready'),
        out: looks.filter(({ item }) => item.whereabouts === 'out').length,
      },
      items: here.value
        .filter((item) => item.kind === kind)
        .filter((item) => shown.value === 'all' || lookOf(item, day.value).as === shown.value)
        .toSorted(
          (a, b) =>
            Number(a.withdrawn !== null) - Number(b.withdrawn !== null) ||
            a.tag.localeCompare(b.tag, undefined, { numeric: true }),
        ),
    };
  }).filter(({ items }) => items.length > 0),
);
const toBuy = computed(() => kitNeeds(here.value).toBuy);
/** Items still out, by the group they went with. */
const groupsOut = computed(() => {
  const byGroup = new Map<string, KitItem[]>();
  for (const item of here.value)
    if (item.whereabouts === 'out' && item.groupName)
      byGroup.set(item.groupName, [...(byGroup.get(item.groupName) ?? []), item]);
  return [...byGroup].map(([name, items]) => ({ name, items }));
});
const open = ref<string | null>(null);
const form = ref<'add' | 'change' | null>(null);
const opened = computed(() => store.items.value.find((item) => item.id === open.value) ?? null);
function touch(item: KitItem): void {
  form.value = null;
  open.value = open.value === item.id ? null : item.id;
}
const text = ref('');
function find(): void {
  const tag = text.value.trim();
  const item = store.items.value.find((each) => plain(each.tag) === plain(tag));
  refusal.said.value = item || !tag ? null : { what: t.noSuchTag({ tag }), todo: t.checkTagTypeAgain };
  if (!item) return;
  text.value = '';
  shown.value = 'all';
  chosenSite.value = item.siteId;
  form.value = null;
  open.value = item.id;
}
async function allBack(items: readonly KitItem[]): Promise<void> {
  const said = items.map(({ id }) => ({ itemId: id, missing: [], damp: false, impact: false }));
  await refusal.run(() => store.takeBack(said));
}
</script>

<template>
  <main class="mx-auto max-w-6xl space-y-4 px-4 pb-16 pt-3 max-sm:px-2" data-kit-view>
    <header class="flex flex-wrap items-center gap-x-4 gap-y-2">
      <h1 class="sturdy mr-auto text-2xl">{{ t.kit }}</h1>
      <ChoiceChips
        v-if="sites.length > 1"
        :name="t.site"
        :options="sites"
        :chosen="[siteId]"
        @toggle="(site) => (chosenSite = site)"
      />
      <ChoiceChips :name="t.show" :options="SHOWN" :chosen="[shown]" @toggle="(each) => (shown = each)" />
      <ActButton
        v-if="session.may('edit-fleet')"
        data-add-kit
        @click="
          open = null;
          form = form === 'add' ? null : 'add';
        "
        >{{ t.addItem }}</ActButton
      >
    </header>
    <form @submit.prevent="find">
      <label class="relative block max-w-xl">
        <span class="sr-only">{{ t.tagField }}</span>
        <ScanLine :size="22" class="absolute left-3 top-3 text-soft" aria-hidden="true" />
        <input
          v-model="text"
          autocomplete="off"
          autocapitalize="characters"
          :placeholder="t.scanHint"
          maxlength="40"
          class="h-12 w-full rounded-md border-2 border-ink/60 bg-plate pl-11 pr-3 text-lg placeholder:text-base placeholder:text-soft"
          data-kit-field
        />
      </label>
    </form>
    <p v-if="store.offline.value" role="status" class="rounded-md bg-watch-wash px-4 py-2 text-watch">
      {{ t.offlineMayBeOld }}
    </p>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <p v-if="!store.known.value || !fleet.wall" role="status" class="text-soft">{{ t.loading }}</p>
    <div v-else class="grid items-start gap-5 lg:grid-cols-[1fr_24rem]">
      <div class="min-w-0 space-y-5 max-lg:order-2">
        <p v-if="bins.length === 0" class="text-lg">{{ here.length ? t.noneShown : t.noKit }}</p>
        <section v-for="bin in bins" :key="bin.kind" :aria-labelledby="`kit-${bin.kind}`">
          <h2 :id="`kit-${bin.kind}`" class="flex items-baseline gap-3 border-b-4 border-rail pb-0.5">
            <span class="sturdy text-lg">{{ KITS_WORDS[bin.kind] }}</span>
            <span class="figures text-soft">
              {{ t.readyOf({ ready: bin.ready, all: bin.all })
              }}<template v-if="bin.out"> · {{ t.outCount({ count: bin.out }) }}</template>
            </span>
          </h2>
          <div class="mt-2 grid grid-cols-2 gap-2 sm:grid-cols-[repeat(auto-fill,minmax(12.5rem,1fr))] gap-2">
            <KitTag
              v-for="item in bin.items"
              :key="item.id"
              :item="item"
              :day="day"
              :open="open === item.id"
              @open="touch(item)"
            />
          </div>
        </section>
      </div>
      <div class="space-y-4 max-lg:order-1 lg:sticky lg:top-24 empty:hidden">
        <KitItemForm
          v-if="form"
          :key="form === 'change' ? (opened?.id ?? '') : 'new'"
          :item="form === 'change' ? opened : null"
          :site-id="siteId"
          :store="store"
          @done="form = null"
        />
        <KitDetail
          v-else-if="opened"
          :key="opened.id"
          :item="opened"
          :day="day"
          :zone="zone"
          :store="store"
          @change="form = 'change'"
          @close="open = null"
        />
        <section v-if="groupsOut.length" aria-labelledby="kit-groups" class="space-y-2">
          <h2 id="kit-groups" class="sturdy text-lg">{{ t.groupsOut }}</h2>
          <div
            v-for="group in groupsOut"
            :key="group.name"
            class="space-y-2 rounded-md border-2 border-line bg-plate p-3"
          >
            <p class="leading-tight">
              <strong>{{ group.name }}</strong>
              <span class="ml-2 text-soft">{{ group.items.map(({ tag }) => tag).join(' · ') }}</span>
            </p>
            <ActButton class="w-full" :data-all-back="group.name" @click="allBack(group.items)">{{
              t.takeAllBack({ count: group.items.length })
            }}</ActButton>
          </div>
        </section>
      </div>
    </div>
    <section
      v-if="store.known.value && toBuy.length"
      aria-labelledby="kit-buy"
      class="max-w-xl space-y-1 rounded-md bg-sunk p-3"
    >
      <h2 id="kit-buy" class="sturdy text-lg">{{ t.toBuy }}</h2>
      <ul>
        <li v-for="line in toBuy" :key="`${line.tag} ${line.name}`">{{ t.buyLine(line) }}</li>
      </ul>
      <p class="text-soft">{{ t.toBuyHint }}</p>
    </section>
  </main>
</template>
