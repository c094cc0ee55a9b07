<script setup lang="ts">
import { TriangleAlert } from '@lucide/vue';
import { ActButton } from '@cadre/web/ui';
import type { InstrumentField } from './use-instrument-field';
import * as t from './messages';

/** What an instrument said that was not simply taken, at the field it was meant for. */
defineProps<{ field: InstrumentField }>();
</script>

<template>
  <div
    v-if="field.said.value"
    role="alert"
    class="flex basis-full flex-wrap items-center gap-x-3 gap-y-1 font-semibold text-watch"
    data-instrument-says
  >
    <TriangleAlert class="size-5 shrink-0" aria-hidden="true" />
    <span class="min-w-0">{{ field.said.value }}</span>
    <ActButton v-if="field.confirm.value" data-confirm-reading @click="field.confirm.value()">{{
      t.useValue
    }}</ActButton>
  </div>
</template>
