<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { ReleaseReadiness } from '@cadre/core/fitness';
import { useSession } from '@cadre/web/people';
import { ActButton, CheckField, TextField } from '@cadre/web/ui';
import HangTag from './HangTag.vue';
import { blockWords } from './wording';
import * as t from './messages';

/** What still stands before the release, or the release itself: somebody's name under letting it out. */
const props = defineProps<{ bike: Bike; readiness: ReleaseReadiness; busy: boolean }>();
const emit = defineEmits<{ release: [note: string, hangTagBack: boolean]; hang: [name: string] }>();
const session = useSession();
const note = ref('');
const back = ref(false);
const hangs = computed(() => props.bike.facts.holds.find((hold) => hold.hangTag)?.hangTag ?? null);
</script>

<template>
  <div class="rounded-md border-2 p-3" :class="readiness.blocks.length ? 'border-line' : 'border-act'">
    <h3 class="sturdy text-lg">{{ t.release }}</h3>
    <ul v-if="readiness.blocks.length" class="mt-1 list-disc pl-6">
      <li v-for="(block, index) in readiness.blocks" :key="index">{{ blockWords(block) }}</li>
    </ul>
    <HangTag
      class="mt-2"
      :bike="bike"
      :busy="busy"
      :may="session.may('mark')"
      @hang="(name) => emit('hang', name)"
    />
    <template v-if="readiness.blocks.length === 0">
      <template v-if="session.may('release')">
        <p class="mt-1 leading-snug">
          {{ t.everyDoNotRide }}
        </p>
        <CheckField v-if="hangs" v-model="back" data-tag-back class="mt-2 font-semibold">{{
          t.hangTagHangsOff({ hangs })
        }}</CheckField>
        <TextField v-model="note" :label="t.note" class="mt-2" maxlength="400" />
        <ActButton
          kind="main"
          big
          class="mt-2 w-full"
          :disabled="busy || (hangs !== null && !back)"
          data-release
          @click="emit('release', note.trim(), back)"
          >{{ t.releaseTag({ tag: bike.tag }) }}</ActButton
        >
      </template>
      <p v-else>{{ t.readyForReleaseMechanic }}</p>
    </template>
  </div>
</template>
