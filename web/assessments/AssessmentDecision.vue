<script setup lang="ts">
import { ref } from 'vue';
import { ActButton, TextField } from '@cadre/web/ui';

/** A used bike taken into the fleet, or not, with the reason. */
defineProps<{ busy: boolean; wrong: boolean; looked: boolean }>();
const emit = defineEmits<{ decide: [accept: boolean, reason: string] }>();
const reason = ref('');
</script>

<template>
  <div class="space-y-4">
    <TextField v-model="reason" label="Reason" maxlength="400" data-reason />
    <div class="flex flex-wrap gap-2">
      <ActButton
        kind="main"
        big
        class="grow"
        :disabled="busy || wrong || !looked"
        data-accept
        @click="emit('decide', true, reason.trim())"
        >Take it into the fleet</ActButton
      >
      <ActButton
        big
        class="grow"
        :disabled="busy || wrong || !reason.trim()"
        data-decline
        @click="emit('decide', false, reason.trim())"
        >Leave it, for this reason</ActButton
      >
    </div>
    <p class="text-[0.95rem] text-soft">
      Taken, it keeps all its findings and stays held until it is repaired, looked at and released like any
      bike.
    </p>
  </div>
</template>
