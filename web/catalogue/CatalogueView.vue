<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { Search } from '@lucide/vue';
import { asBuilt, questionsOf, ZONES, type Zone } from '@cadre/core/catalogue';
import { BIKE_KINDS, USUAL_BUILD, type BikeKind } from '@cadre/core/fleet';
import { BikeSign } from '@cadre/web/figures';
import { KIND_WORDS, ZONE_WORDS } from '@cadre/web/words';
import CheckpointDetail from './CheckpointDetail.vue';
import { useCheckpoints, type KnownCheckpoint } from './use-checkpoints';
import * as t from './messages';

/** The whole catalogue, by zone: find a look, read it as it is taught. */
const props = defineProps<{ checkpointKey?: string }>();
const router = useRouter();
const { all, ready } = useCheckpoints();
const sought = ref('');
const kind = ref<BikeKind | null>(null);

const onKind = computed(() => {
  if (!kind.value) return null;
  const items = all.value.map(({ checkpoint }) => ({ checkpoint, critical: false }));
  return new Set(
    questionsOf({ items }, asBuilt(USUAL_BUILD[kind.value])).map((question) => question.checkpoint.key),
  );
});
const textOf = ({ checkpoint }: KnownCheckpoint): string =>
  [checkpoint.name, checkpoint.how, ...checkpoint.faults.map((fault) => fault.name)].join(' ').toLowerCase();
const found = computed(() => {
  const words = sought.value.toLowerCase().split(/\s+/).filter(Boolean);
  return all.value.filter(
    (each) =>
      (!onKind.value || onKind.value.has(each.checkpoint.key)) &&
      words.every((word) => textOf(each).includes(word)),
  );
});
const zoneOf = ({ checkpoint }: KnownCheckpoint): Zone =>
  checkpoint.at.only ?? checkpoint.at.front ?? checkpoint.at.rear ?? 'off-bike';
/** Front and rear of one look stand together, where the front is. */
const byZone = computed(() =>
  ZONES.map((zone) => ({ zone, looks: found.value.filter((each) => zoneOf(each) === zone) })).filter(
    (each) => each.looks.length > 0,
  ),
);
const zoneName = (zone: Zone): string =>
  zone === 'front-wheel' ? t.wheels : zone === 'front-brake' ? t.brakes : ZONE_WORDS[zone];
const open = computed(() => all.value.find((each) => each.checkpoint.key === props.checkpointKey) ?? null);
/** With nothing chosen a wide screen opens on the first there is; on a phone the list comes first. */
const shown = computed(() => open.value ?? (props.checkpointKey ? null : (found.value[0] ?? null)));
const nameOf = (key: string): string =>
  all.value.find((each) => each.checkpoint.key === key)?.checkpoint.name ?? key;
const pick = (key: string): void =>
  void router.replace({ name: 'catalogue', params: { checkpointKey: key } });
</script>

<template>
  <main class="mx-auto max-w-[100rem] px-4 pb-12 pt-4">
    <div class="mt-3 flex flex-wrap items-center gap-x-4 gap-y-2">
      <h1 class="sturdy text-2xl">{{ t.checkpoints }}</h1>
      <p class="text-soft" role="status">{{ t.foundAll({ found: found.length, all: all.length }) }}</p>
      <label class="relative grow sm:max-w-80">
        <span class="sr-only">{{ t.findCheckpoint }}</span>
        <Search class="pointer-events-none absolute left-3 top-3.5 size-5 text-soft" aria-hidden="true" />
        <input
          v-model="sought"
          type="search"
          :placeholder="t.spokeWeepMinimumMark"
          class="h-12 w-full rounded-md border-2 border-ink/60 bg-plate pl-10 pr-3 placeholder:text-soft"
        />
      </label>
      <div class="flex flex-wrap gap-1" role="group" :aria-label="t.questionsForKindBike">
        <button
          v-for="each in BIKE_KINDS"
          :key="each"
          type="button"
          class="grid h-12 w-16 place-items-center rounded-md border-2 p-1"
          :class="kind === each ? 'border-act bg-plate' : 'border-transparent'"
          :aria-pressed="kind === each"
          :title="KIND_WORDS[each]"
          @click="kind = kind === each ? null : each"
        >
          <BikeSign :build="USUAL_BUILD[each]" :label="KIND_WORDS[each]" />
        </button>
      </div>
    </div>
    <div class="mt-3 gap-6 lg:flex">
      <nav
        class="shrink-0 lg:sticky lg:top-[calc(var(--strip)+0.75rem)] lg:max-h-[calc(100dvh-var(--strip)-1.5rem)] lg:w-80 lg:overflow-y-auto"
        :class="open && 'max-lg:hidden'"
        :aria-label="t.checkpointsZone"
      >
        <section v-for="{ zone, looks } in byZone" :key="zone" class="mb-3">
          <h2 class="sturdy sticky top-0 bg-ground py-1 text-[0.95rem] text-soft max-lg:static">
            {{ zoneName(zone) }} · {{ looks.length }}
          </h2>
          <ul class="sm:max-lg:columns-2">
            <li v-for="each in looks" :key="each.checkpoint.key">
              <button
                type="button"
                class="flex min-h-11 w-full items-center gap-2 rounded-md px-2 text-left leading-tight max-lg:min-h-12"
                :class="
                  each.checkpoint.key === shown?.checkpoint.key
                    ? 'bg-act text-on-act max-lg:bg-transparent max-lg:text-ink'
                    : 'hover:bg-sunk'
                "
                :aria-current="each.checkpoint.key === shown?.checkpoint.key ? 'true' : undefined"
                :data-look="each.checkpoint.key"
                @click="pick(each.checkpoint.key)"
              >
                <span class="grow">{{ each.checkpoint.name }}</span>
                <span v-if="each.own" class="rounded bg-sunk px-1.5 text-sm text-ink">{{ t.own }}</span>
              </button>
            </li>
          </ul>
        </section>
        <p v-if="ready && found.length === 0" class="p-2">
          {{ t.noCheckpointMatchesTry }}
        </p>
      </nav>
      <div class="min-w-0 grow">
        <RouterLink
          v-if="open"
          :to="{ name: 'catalogue' }"
          class="mb-2 inline-flex min-h-12 items-center font-semibold text-act underline lg:hidden"
          >{{ t.allCheckpoints }}</RouterLink
        >
        <CheckpointDetail
          v-if="shown"
          :key="shown.checkpoint.key"
          :class="!open && 'max-lg:hidden'"
          :written="shown.checkpoint"
          :own="shown.own"
          :on="shown.on"
          :ready="ready"
          :name-of="nameOf"
        />
        <p v-else-if="checkpointKey && ready" class="p-4">
          {{ t.checkpointDoesNotExist }}
        </p>
        <p v-else-if="!ready" class="p-4 text-soft" role="status">{{ t.loadingCheckpoints }}</p>
      </div>
    </div>
  </main>
</template>
