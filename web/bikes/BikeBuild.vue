<script setup lang="ts">
import { computed } from 'vue';
import { buildText } from '@cadre/core/fleet';
import type { Bike } from '@cadre/contract/fleet';
import { useFleet } from '@cadre/web/fleet';
import { ACCESSORY_WORDS, BUILD_FIELDS } from '@cadre/web/words';
import { useSession } from '@cadre/web/people';
import * as t from './messages';

/** What it is built of; what differs from its model is marked. */
const props = defineProps<{ bike: Bike }>();
const fleet = useFleet();
const session = useSession();
const model = computed(() => fleet.modelOf(props.bike));
const build = computed(() => {
  const here = props.bike;
  const own = new Set<string>(here.own);
  return [
    ...BUILD_FIELDS.map((field) => ({
      label: field.label,
      value:
        field.options.find((option) => option.value === buildText(here.build, field.name))?.label ??
        buildText(here.build, field.name),
      own: own.has(field.name),
    })),
    {
      label: t.accessories,
      value:
        here.build.accessories.map((each) => ACCESSORY_WORDS[each].toLowerCase()).join(', ') || t.nothingWord,
      own: own.has('accessories'),
    },
  ];
});
</script>

<template>
  <section aria-labelledby="build" class="rounded-lg border-2 border-line bg-plate p-4">
    <div class="flex items-center gap-3">
      <h2 id="build" class="sturdy mr-auto text-xl">{{ t.build }}</h2>
      <RouterLink
        v-if="model"
        :to="{ name: 'model', params: { modelId: model.id } }"
        class="min-h-8 font-semibold text-act underline"
        >{{ session.may('edit-fleet') ? t.editModel : t.theModel }}</RouterLink
      >
    </div>
    <dl class="mt-1">
      <div
        v-for="row in build"
        :key="row.label"
        class="flex gap-3 border-t border-line py-1 leading-snug first:border-0"
      >
        <dt class="w-36 shrink-0 text-soft">{{ row.label }}</dt>
        <dd>
          {{ row.value
          }}<span v-if="row.own" class="ml-1 rounded bg-watch-wash px-1 text-sm text-watch">{{ t.own }}</span>
        </dd>
      </div>
    </dl>
  </section>
</template>
