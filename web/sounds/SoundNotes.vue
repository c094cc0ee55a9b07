<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { Mic, Square } from '@lucide/vue';
import { SOUND_LIMITS } from '@cadre/core/sounds';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton, NoticePlate, TextField } from '@cadre/web/ui';
import { useRecorder } from './use-recorder';
import { useSounds } from './use-sounds';
import * as t from './messages';

/** Recordings of a noise on a bike: fifteen seconds at most, with gear and what one was doing. */
const props = defineProps<{ bikeId: string; timeZone?: string | undefined }>();
const fleet = useFleet();
const session = useSession();
const now = useNow();
const { sounds, offline, draft, waiting, take, save, discard } = useSounds(
  () => props.bikeId,
  () => session.person?.id,
);
const { state, seconds, trouble, start, stop } = useRecorder((blob, at) => void take(blob, at));
const gear = ref('');
const doing = ref('');
const left = computed(() => SOUND_LIMITS.secondsMost - seconds.value);
const said = computed(() => trouble.value ?? draft.value?.trouble ?? null);
watch(
  () => draft.value?.id,
  () => {
    gear.value = draft.value?.gear ?? '';
    doing.value = draft.value?.doing ?? '';
  },
);
const described = (of: { gear: string; doing: string }): string =>
  [of.gear, of.doing].filter(Boolean).join(' · ') || t.noise;
</script>

<template>
  <section
    class="space-y-2 rounded-lg border-2 border-line bg-plate p-3"
    aria-labelledby="sound-notes"
    data-sound-notes
  >
    <div class="flex items-center gap-3">
      <h2 id="sound-notes" class="sturdy grow text-lg">{{ t.noises }}</h2>
      <template v-if="session.may('mark') && !draft">
        <ActButton v-if="state === 'off'" data-record-sound @click="start"
          ><Mic class="size-5" aria-hidden="true" />{{ t.record }}</ActButton
        >
        <ActButton v-else kind="main" data-stop-sound @click="stop"
          ><Square class="size-5" aria-hidden="true" />{{ t.stopIn({ seconds: left }) }}</ActButton
        >
      </template>
    </div>
    <NoticePlate v-if="said" :said="said" />
    <form
      v-if="draft"
      class="space-y-2 rounded-md bg-sunk p-3"
      @submit.prevent="save(gear.trim(), doing.trim())"
    >
      <!-- A noise is heard, not read: what it is like is said in the fields beside it. -->
      <audio controls :src="draft.address" class="w-full" :aria-label="t.recording"></audio>
      <div class="grid grid-cols-[8rem_1fr] gap-2">
        <TextField v-model="gear" :label="t.gear" maxlength="40" data-sound-gear />
        <TextField v-model="doing" :label="t.doing" maxlength="120" />
      </div>
      <div class="flex gap-2">
        <ActButton kind="main" type="submit" data-save-sound>{{ t.save }}</ActButton>
        <ActButton data-discard-sound @click="discard">{{ t.discard }}</ActButton>
      </div>
    </form>
    <ul v-if="waiting.length || sounds.length" class="divide-y divide-line">
      <li v-for="each in waiting" :key="each.id" class="space-y-1 py-2" data-waiting-sound>
        <p class="flex flex-wrap gap-x-2 leading-snug">
          <strong>{{ described(each) }}</strong>
          <span class="text-soft"> {{ dayAndClock(each.at, now, timeZone) }}</span>
        </p>
        <p class="font-semibold text-watch">{{ t.savedHere }}</p>
        <audio controls :src="each.address" class="w-full" :aria-label="t.recording"></audio>
      </li>
      <li v-for="each in sounds" :key="each.id" class="space-y-1 py-2" data-sound>
        <p class="flex flex-wrap gap-x-2 leading-snug">
          <strong>{{ described(each) }}</strong>
          <span class="text-soft">
            {{ t.secondsBy({ seconds: each.seconds, name: fleet.nameOf(each.by) }) }},
            {{ dayAndClock(each.at, now, timeZone) }}</span
          >
        </p>
        <audio
          controls
          preload="none"
          :src="`/api/v1/sounds/${each.id}`"
          class="w-full"
          :aria-label="t.recording"
        ></audio>
      </li>
    </ul>
    <p v-else-if="offline" class="text-soft">{{ t.offline }}</p>
    <p v-else class="text-soft">{{ t.noNoises }}</p>
  </section>
</template>
