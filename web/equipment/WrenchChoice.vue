<script setup lang="ts">
import { computed } from 'vue';
import { SelectField } from '@cadre/web/ui';
import type { WrenchAtHand } from './use-wrench';
import * as t from './messages';

/** Which torque wrench is in hand; shown where the register has any. */
const props = defineProps<{ hand: WrenchAtHand }>();
const options = computed(() => [
  { value: '', label: t.noWrench },
  ...props.hand.wrenches.value.map(({ id, tag }) => ({ value: id, label: tag })),
]);
const value = computed(() => props.hand.wrench.value?.id ?? '');
</script>

<template>
  <SelectField
    v-if="hand.wrenches.value.length"
    :model-value="value"
    :label="t.wrenchAtHand"
    :options="options"
    data-wrench-at-hand
    @update:model-value="hand.choose"
  />
</template>
