<script setup lang="ts">
import { X } from '@lucide/vue';
import type { Bike } from '@cadre/contract/fleet';
import type { Fitness } from '@cadre/core/fitness';
import { FitnessMark, IconButton } from '@cadre/web/ui';
import * as t from './messages';
import { FITNESS_WORDS, KIND_WORDS } from '@cadre/web/words';

/** Which bike is in hand, and whether it may go out. */
defineProps<{ bike: Bike; fitness: Fitness; bare: boolean }>();
const emit = defineEmits<{ away: [] }>();
</script>

<template>
  <div class="flex items-start gap-3">
    <div class="grow">
      <h2 class="sturdy text-4xl leading-none">
        <RouterLink
          :to="{ name: 'bike', params: { bikeId: bike.id } }"
          class="underline decoration-2 underline-offset-4"
          >{{ bike.tag }}</RouterLink
        >
      </h2>
      <p class="mt-1 leading-tight text-soft">
        {{ [KIND_WORDS[bike.build.kind], bike.model, bike.size].filter(Boolean).join(' · ') }}
      </p>
    </div>
    <p
      class="flex items-center gap-2 rounded-md px-1 text-lg font-semibold"
      :class="fitness === 'held' ? 'text-held' : fitness === 'cleared-with-watch' ? 'text-watch' : ''"
      data-fitness-word
    >
      <FitnessMark :fitness="fitness" :size="30" />{{ FITNESS_WORDS[fitness] }}
    </p>
    <IconButton v-if="!bare" class="min-[900px]:hidden" :name="t.closeBike" @click="emit('away')">
      <X class="size-6" aria-hidden="true" />
    </IconButton>
  </div>
</template>
