<script setup lang="ts">
import { ACCESSORIES, type Accessory } from '@cadre/core/fleet';
import { CheckField, SelectField, TextField } from '@cadre/web/ui';
import { ACCESSORY_WORDS, BUILD_FIELDS } from '@cadre/web/words';
import { useProvided } from '@cadre/web/platform/provided';
import { BUILD_FORM } from './use-build-form';
import * as t from './messages';

/** The fields of a build. `own` marks those in which a bike is built otherwise than its model. */
defineProps<{
  errorOf: (path: string) => string | null;
  own?: ReadonlySet<string>;
}>();
const form = useProvided(BUILD_FORM);
const { accessories } = form;
function carry(accessory: Accessory, yes: boolean): void {
  const rest = accessories.value.filter((each) => each !== accessory);
  accessories.value = yes ? [...rest, accessory] : rest;
}
</script>

<template>
  <fieldset class="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
    <legend class="sturdy mb-2 text-lg">{{ t.buildDecidesWhichQuestions }}</legend>
    <div
      v-for="field in BUILD_FIELDS"
      :key="field.name"
      :class="own?.has(field.name) && '-mx-1 rounded-md border-l-4 border-watch bg-watch-wash px-1 pb-1'"
    >
      <TextField
        v-if="field.name === 'sprockets'"
        v-model="form.fields[field.name]!"
        :label="own?.has(field.name) ? t.labelOwn({ label: field.label }) : field.label"
        type="number"
        :error="errorOf(`build.${field.name}`)"
      />
      <SelectField
        v-else
        v-model="form.fields[field.name]!"
        :label="own?.has(field.name) ? t.labelOwn({ label: field.label }) : field.label"
        :options="field.options"
        :error="errorOf(`build.${field.name}`)"
        @change="field.name === 'kind' && form.kindChosen()"
      />
    </div>
  </fieldset>
  <fieldset>
    <legend class="sturdy mb-1 text-lg">
      {{ t.accessories
      }}<span v-if="own?.has('accessories')" class="text-base font-normal text-watch"
        >{{ ' ' }}{{ t.own }}</span
      >
    </legend>
    <div class="flex flex-wrap gap-x-5">
      <CheckField
        v-for="each in ACCESSORIES"
        :key="each"
        :model-value="accessories.includes(each)"
        @update:model-value="carry(each, $event)"
        >{{ ACCESSORY_WORDS[each] }}</CheckField
      >
    </div>
  </fieldset>
</template>
