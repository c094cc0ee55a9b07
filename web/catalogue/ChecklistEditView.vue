<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';
import {
  BY,
  compareChecklists,
  ROUTE_KEYS,
  zonesOf,
  type By,
  type Checkpoint,
  type Route,
  type ChecklistItem,
  type Zone,
} from '@cadre/core/catalogue';
import { BIKE_KINDS } from '@cadre/core/fleet';
import { CHECKPOINTS, SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import { count } from '@cadre/web/platform/time';
import { fieldWords } from '@cadre/web/platform/api';
import { KIND_WORDS, ZONE_WORDS } from '@cadre/web/words';
import { ActButton, CheckField, NoticePlate, SelectField, TextField, useRefusal } from '@cadre/web/ui';
import CatalogueNav from './CatalogueNav.vue';
import CheckpointForm from './CheckpointForm.vue';
import CheckpointPicker from './CheckpointPicker.vue';
import CoveragePanel from './CoveragePanel.vue';
import PublishPanel from './PublishPanel.vue';
import ChecklistItemRow from './ChecklistItemRow.vue';
import { BY_WORDS, ROUTE_WORDS, warningWords } from './checklist-wording';
import { useCatalogue } from './use-catalogue';
import { useCheckpoints } from './use-checkpoints';
import { useChecklistDraft } from './use-checklist-draft';

/** A checklist being written. Everything typed is kept in this browser; nothing is asked of a bike until it is published. */
const props = defineProps<{ checklistKey?: string }>();
const router = useRouter();
const catalogue = useCatalogue();
const refusal = useRefusal();
const draft = useChecklistDraft();
const { all } = useCheckpoints();
const { checklist, published, unsaved, warnings, difference, dropped, issues } = draft;
const picking = ref(false);
/** The checkpoint whose wording is open: null none, 'new' a fresh one. */
const writing = ref<Checkpoint | 'new' | null>(null);
onMounted(() => refusal.run(() => draft.begin(props.checklistKey ?? null)));

const ownKeys = computed(
  () => new Set(all.value.filter((each) => each.own).map((each) => each.checkpoint.key)),
);
const SHIPPED = new Set(CHECKPOINTS.map((checkpoint) => checkpoint.key));
const isOwn = (checkpoint: Checkpoint): boolean =>
  ownKeys.value.has(checkpoint.key) || !SHIPPED.has(checkpoint.key);
const taken = computed(
  () =>
    new Set([
      ...all.value.map((each) => each.checkpoint.key),
      ...(checklist.value?.items ?? []).map((item) => item.checkpoint.key),
    ]),
);
const wasCritical = computed(
  () =>
    new Set(
      (published.value?.items ?? []).filter((item) => item.critical).map((item) => item.checkpoint.key),
    ),
);
const zoneOf = (item: ChecklistItem): Zone =>
  item.checkpoint.at.only ?? item.checkpoint.at.front ?? item.checkpoint.at.rear ?? 'off-bike';
const groups = computed(() => {
  const now = checklist.value;
  if (!now) return [];
  return zonesOf(now.route)
    .map((zone) => ({ zone, items: now.items.filter((item) => zoneOf(item) === zone) }))
    .filter((group) => group.items.length > 0);
});
const zoneName = (zone: Zone): string =>
  zone === 'front-wheel' ? 'Wheels' : zone === 'front-brake' ? 'Brakes' : ZONE_WORDS[zone];
function step(items: readonly ChecklistItem[], at: number, by: number): void {
  const key = items[at]?.checkpoint.key;
  const before = by < 0 ? items[at - 1] : items[at + 2];
  const behind =
    by > 0 && !before
      ? (checklist.value?.items.at(
          (checklist.value.items.findIndex((item) => item === items[at + 1]) ?? 0) + 1,
        )?.checkpoint.key ?? null)
      : null;
  if (key) draft.moveTo(key, before?.checkpoint.key ?? behind);
}

const own = computed(() => catalogue.policy()?.ownRoutes ?? []);
const routeKey = computed({
  get: () =>
    typeof checklist.value?.route === 'string' ? checklist.value.route : (checklist.value?.route.key ?? ''),
  set: (key: string) => draft.set({ route: own.value.find((route) => route.key === key) ?? (key as Route) }),
});
const routes = computed(() => {
  const frozen = checklist.value && typeof checklist.value.route !== 'string' ? [checklist.value.route] : [];
  const named = [
    ...own.value,
    ...frozen.filter((route) => !own.value.some((each) => each.key === route.key)),
  ];
  return [
    ...ROUTE_KEYS.map((key) => ({ value: key, label: ROUTE_WORDS[key] })),
    ...named.map((route) => ({ value: route.key, label: route.name })),
  ];
});
const CLEARING = [
  { value: 'no', label: 'Nothing: it is work, not a release to the trail' },
  { value: 'yes', label: 'The bike, until the end of the day or its return' },
  { value: 'after', label: 'The bike, on a day with a whole ride-out' },
];
const clearing = computed({
  get: () => (!checklist.value?.clears ? 'no' : checklist.value.afterRideOut ? 'after' : 'yes'),
  set: (how: string) =>
    draft.set({
      clears: how !== 'no',
      afterRideOut: how === 'after' ? true : undefined,
      validity: { until: how === 'no' ? 'never' : 'end-of-day-or-return' },
    }),
});
const name = computed({ get: () => checklist.value?.name ?? '', set: (text) => draft.set({ name: text }) });
const purpose = computed({
  get: () => checklist.value?.purpose ?? '',
  set: (text) => draft.set({ purpose: text }),
});
function toggleKind(kind: string, yes: boolean): void {
  const now = new Set(checklist.value?.kinds ?? BIKE_KINDS);
  if (yes) now.add(kind);
  else now.delete(kind);
  draft.set({
    kinds: now.size === BIKE_KINDS.length ? undefined : BIKE_KINDS.filter((each) => now.has(each)),
  });
}
function toggleBetween(by: By, yes: boolean): void {
  const now = new Set(checklist.value?.between ?? []);
  if (yes) now.add(by);
  else now.delete(by);
  draft.set({ between: BY.filter((each) => now.has(each)) });
}
function keepCheckpoint(checkpoint: Checkpoint): void {
  if (writing.value === 'new') draft.add(checkpoint);
  else draft.setItem(checkpoint.key, { checkpoint });
  writing.value = null;
}
/** A newer Cadre ships this checklist otherwise than it stands here: the lead may take that over, and look before publishing. */
const shipped = computed(() => SHIPPED_CHECKLISTS.find((each) => each.key === checklist.value?.key) ?? null);
const shippedDiffers = computed(() => {
  if (!shipped.value || !checklist.value) return false;
  const { added, removed, changed, checklist: settings } = compareChecklists(checklist.value, shipped.value);
  return added.length + removed.length + changed.length + settings.length > 0;
});
function takeShipped(): void {
  if (!shipped.value) return;
  const { key: _key, version: _version, schema: _schema, ...content } = shipped.value;
  draft.set({ afterRideOut: undefined, kinds: undefined, ...content });
}
const tried = ref(false);
const said = (path: string): string | null => {
  const issue = tried.value ? issues.value.find((each) => each.path === path) : undefined;
  return issue ? fieldWords(issue.code, issue.params) : null;
};
const publish = (note: string, reason: string): void => {
  tried.value = true;
  if (issues.value.length > 0) return;
  void refusal.run(async () => {
    const key = await draft.publish(note, reason);
    await router.push({ name: 'checklist', params: { checklistKey: key } });
  });
};
const leave = (): void =>
  void refusal.run(async () => {
    const key = published.value?.key;
    await draft.drop();
    await router.push(key ? { name: 'checklist', params: { checklistKey: key } } : { name: 'checklists' });
  });
</script>

<template>
  <main class="mx-auto max-w-[100rem] px-4 pb-24 pt-4">
    <CatalogueNav />
    <NoticePlate v-if="refusal.said.value" class="mt-3" :said="refusal.said.value" />
    <template v-if="checklist">
      <div class="mt-3 flex flex-wrap items-center gap-3">
        <a
          href="#publish"
          class="order-last inline-flex min-h-12 items-center font-semibold text-act underline lg:hidden"
          >Kind by kind, and publish</a
        >
        <h1 class="sturdy grow text-2xl">
          {{ published ? `Changing ${published.name}` : 'A new checklist' }}
        </h1>
        <p class="text-soft" role="status" data-draft-state>
          {{ unsaved ? 'Kept in this browser, not saved' : 'Saved' }}
        </p>
        <ActButton v-if="shippedDiffers" data-take-shipped @click="takeShipped">As Cadre ships it</ActButton>
        <ActButton :disabled="!unsaved || refusal.busy.value" data-save-draft @click="refusal.run(draft.save)"
          >Save the draft</ActButton
        >
      </div>
      <div class="mt-3 grid gap-6 lg:grid-cols-[1fr_27rem]">
        <div class="min-w-0 space-y-5">
          <div class="grid gap-3 sm:grid-cols-2">
            <TextField v-model="name" label="Name" :error="said('name')" data-field="checklist-name" />
            <TextField v-model="purpose" label="What it is for" />
            <SelectField v-model="routeKey" label="Route" :options="routes" :error="said('route')" />
            <SelectField v-model="clearing" label="What a whole check on it clears" :options="CLEARING" />
          </div>
          <fieldset>
            <legend class="font-semibold">Meant for</legend>
            <div class="flex flex-wrap gap-x-4">
              <CheckField
                v-for="kind in BIKE_KINDS"
                :key="kind"
                :model-value="!checklist.kinds || checklist.kinds.includes(kind)"
                @update:model-value="toggleKind(kind, $event)"
                >{{ KIND_WORDS[kind] }}</CheckField
              >
            </div>
          </fieldset>
          <fieldset>
            <legend class="font-semibold">What may have happened since the last one, besides outings</legend>
            <div class="flex flex-wrap gap-x-4">
              <CheckField
                v-for="by in BY"
                :key="by"
                :model-value="checklist.between?.includes(by) ?? false"
                @update:model-value="toggleBetween(by, $event)"
                >{{ BY_WORDS[by] }}</CheckField
              >
            </div>
          </fieldset>
          <section aria-labelledby="items">
            <div class="flex flex-wrap items-center gap-2">
              <h2 id="items" class="sturdy grow text-xl">
                {{ count(checklist.items.length, 'checkpoint') }}
              </h2>
              <ActButton :aria-expanded="picking" data-pick @click="picking = !picking">{{
                picking ? 'Close the catalogue' : 'Add from the catalogue'
              }}</ActButton>
              <ActButton data-write-checkpoint @click="writing = 'new'">Write an own one</ActButton>
            </div>
            <p v-if="said('items')" class="font-semibold text-held" role="alert">
              Choose at least one checkpoint.
            </p>
            <CheckpointPicker
              v-if="picking"
              class="mt-2"
              :known="all"
              :on="new Set(checklist.items.map((item) => item.checkpoint.key))"
              @add="draft.add"
              @remove="draft.remove"
            />
            <CheckpointForm
              v-if="writing === 'new'"
              class="mt-2"
              :checkpoint="null"
              :taken="taken"
              @keep="keepCheckpoint"
              @away="writing = null"
            />
            <div v-for="group in groups" :key="group.zone" class="mt-4">
              <h3 class="sturdy border-t-4 border-rail pt-1 text-[0.95rem] text-soft">
                {{ zoneName(group.zone) }}
              </h3>
              <ol class="mt-1 space-y-1">
                <template v-for="(item, index) in group.items" :key="item.checkpoint.key">
                  <ChecklistItemRow
                    :item="item"
                    :between="checklist.between ?? []"
                    :own="isOwn(item.checkpoint)"
                    :first="index === 0"
                    :last="index === group.items.length - 1"
                    :was-critical="wasCritical.has(item.checkpoint.key)"
                    @set="(part) => draft.setItem(item.checkpoint.key, part)"
                    @remove="draft.remove(item.checkpoint.key)"
                    @edit="writing = item.checkpoint"
                    @step="(by) => step(group.items, index, by)"
                    @dropped="(key) => draft.moveTo(key, item.checkpoint.key)"
                  />
                  <li v-if="writing !== 'new' && writing?.key === item.checkpoint.key" class="list-none">
                    <CheckpointForm
                      :checkpoint="item.checkpoint"
                      :taken="taken"
                      @keep="keepCheckpoint"
                      @away="writing = null"
                    />
                  </li>
                </template>
              </ol>
            </div>
            <p class="mt-2 text-soft">
              Within a zone the stand asks what wants the same side and phase together, in this order.
            </p>
          </section>
        </div>
        <div
          class="space-y-4 lg:sticky lg:top-[calc(var(--strip)+0.75rem)] lg:max-h-[calc(100dvh-var(--strip)-1.5rem)] lg:self-start lg:overflow-y-auto"
        >
          <section aria-labelledby="cover" class="rounded-lg border-2 border-ink/60 bg-plate p-3">
            <h2 id="cover" class="sturdy mb-1 text-lg">Kind by kind</h2>
            <CoveragePanel :checklist="checklist" :catalogue="CHECKPOINTS" />
          </section>
          <ul
            v-if="warnings.length"
            class="space-y-1 rounded-md border-2 border-watch bg-watch-wash px-4 py-3 text-watch"
            aria-label="Worth a second look"
            data-warnings
          >
            <li v-for="(warning, index) in warnings" :key="index" class="leading-snug">
              {{ warningWords(warning) }}
            </li>
          </ul>
          <PublishPanel
            :difference="difference"
            :dropped="dropped"
            :issues="tried ? issues : []"
            :busy="refusal.busy.value"
            :fresh="published === null"
            @publish="publish"
            @leave="leave"
          />
        </div>
      </div>
    </template>
    <p v-else-if="draft.missing.value" class="p-4">There is no checklist and no draft of that name.</p>
    <p v-else-if="!refusal.said.value" class="p-4 text-soft" role="status">Getting the checklist …</p>
  </main>
</template>
