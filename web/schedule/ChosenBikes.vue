<script setup lang="ts">
import type { Bike } from '@cadre/contract/fleet';
import type { BikeRule } from '@cadre/core/rounds';
import { TextField } from '@cadre/web/ui';
import BikeChoice from './BikeChoice.vue';
import * as t from './messages';

/** Which bikes: by rule, by tag, and which these are now. Without a rule they are named by their tags alone. */
defineProps<{ siteId: string; bikes: readonly Bike[]; byTag: boolean; error: string | null }>();
const rule = defineModel<BikeRule>('rule', { required: true });
const tags = defineModel<string>('tags', { required: true });
</script>

<template>
  <fieldset class="space-y-2">
    <legend class="sturdy text-xl">{{ t.bikes }}</legend>
    <BikeChoice v-if="!byTag" v-model="rule" :site-id="siteId" />
    <TextField
      v-model="tags"
      :label="byTag ? t.tags : t.moreTags"
      :error="error"
      :hint="t.tagsApart"
      data-bike-tags
    />
    <p class="rounded bg-sunk px-3 py-2" aria-live="polite" data-chosen-bikes>
      <span class="font-semibold">{{ t.chosenBikes({ bikes: bikes.length }) }}</span>
      <span class="sturdy mt-0.5 block max-h-24 overflow-y-auto text-[0.95rem] leading-snug">{{
        bikes.map((bike) => bike.tag).join(' ')
      }}</span>
    </p>
  </fieldset>
</template>
