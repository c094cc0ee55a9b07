<script setup lang="ts">
import { computed } from 'vue';
import { fitItemsOf } from '@cadre/core/fleet';
import { useSession } from '@cadre/web/people';
import { BikeSign } from '@cadre/web/figures';
import { useFleet } from '@cadre/web/fleet';
import { KIND_WORDS } from '@cadre/web/words';
import { ActButton } from '@cadre/web/ui';
import * as t from './messages';

/** Every model with its figure, how much of its fit list is stated, and how many bikes inherit it. */
const fleet = useFleet();
const session = useSession();
const models = computed(() =>
  fleet.models.map((model) => {
    const bikes = fleet.bikes.filter((bike) => bike.modelId === model.id);
    return {
      model,
      bikes: bikes.length,
      own: bikes.filter((bike) => bike.own.length > 0).length,
      stated: Object.keys(model.fit).length,
      items: fitItemsOf(model.build).length,
    };
  }),
);
</script>

<template>
  <main class="max-w-6xl px-4 pb-12 pt-3">
    <div class="flex flex-wrap items-center gap-3">
      <h1 class="sturdy mr-auto text-2xl">{{ t.models }}</h1>
      <ActButton v-if="session.may('edit-fleet')" :to="{ name: 'model-new' }" data-model-new kind="main">{{
        t.addModel
      }}</ActButton>
    </div>
    <p class="mt-1 max-w-prose text-soft">
      {{ t.bikesBoughtAlikeShare }}
    </p>
    <ul class="mt-4 grid gap-4 sm:grid-cols-2 lg:grid-cols-3">
      <li v-for="each in models" :key="each.model.id">
        <RouterLink
          :to="{ name: 'model', params: { modelId: each.model.id } }"
          class="block rounded-lg border-2 border-ink/55 bg-plate p-3 shadow-[0_3px_0_0_rgb(0_0_0/.13)]"
          :data-model="each.model.name"
        >
          <span class="block h-32"><BikeSign :build="each.model.build" /></span>
          <span class="sturdy mt-2 block text-xl leading-tight">{{ each.model.name }}</span>
          <span class="block text-soft"
            >{{ t.kindBike({ kind: KIND_WORDS[each.model.build.kind], bikes: each.bikes })
            }}<template v-if="each.own">{{ ' ' }}{{ t.bikeWithOwnBuild({ own: each.own }) }}</template></span
          >
          <span class="mt-2 flex items-center gap-2">
            <span class="h-2 grow overflow-hidden rounded-full bg-sunk" aria-hidden="true"
              ><span class="block h-full bg-act" :style="{ width: `${(100 * each.stated) / each.items}%` }"
            /></span>
            <span class="figures text-[0.95rem]">{{
              t.fitListStatedItems({ stated: each.stated, items: each.items })
            }}</span>
          </span>
        </RouterLink>
      </li>
    </ul>
    <p v-if="models.length === 0" class="mt-4 text-lg">
      {{ t.noModelsYetAdd }}
    </p>
  </main>
</template>
