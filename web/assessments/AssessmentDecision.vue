<script setup lang="ts">
import { ref } from 'vue';
import { ActButton, TextField } from '@cadre/web/ui';
import * as t from './messages';

/** A used bike taken into the fleet, or not, with the reason. */
defineProps<{ busy: boolean; wrong: boolean; looked: boolean }>();
const emit = defineEmits<{ decide: [accept: boolean, reason: string] }>();
const reason = ref('');
</script>

<template>
  <div class="space-y-4">
    <TextField v-model="reason" :label="t.reason" maxlength="400" data-reason />
    <div class="flex flex-wrap gap-2">
      <ActButton
        kind="main"
        big
        class="grow"
        :disabled="busy || wrong || !looked"
        data-accept
        @click="emit('decide', true, reason.trim())"
        >{{ t.acceptIntoFleet }}</ActButton
      >
      <ActButton
        big
        class="grow"
        :disabled="busy || wrong || !reason.trim()"
        data-decline
        @click="emit('decide', false, reason.trim())"
        >{{ t.declineBike }}</ActButton
      >
    </div>
    <p class="text-[0.95rem] text-soft">
      {{ t.acceptedBikeKeepsIts }}
    </p>
  </div>
</template>
