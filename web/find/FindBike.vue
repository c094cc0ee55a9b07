<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue';
import type { Bike } from '@cadre/contract/fleet';
import { indexFor, searchBikes } from '@cadre/core/fleet';
import { useNow } from '@cadre/web/platform/time';
import { FITNESS_WORDS, KIND_WORDS, WHEREABOUTS_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { ActButton, FitnessMark } from '@cadre/web/ui';
import CameraReader from './CameraReader.vue';
import type { Place } from './place';
import type { TypeAhead } from './type-ahead';
import * as t from './messages';

/** One bike, found from wherever one is: by its tag, by words, or by the code on it. */
const props = defineProps<{
  read: (text: string) => boolean;
  /** Views, acts and people that words may lead to besides bikes. */
  places: readonly Place[];
  ahead: TypeAhead;
}>();
const emit = defineEmits<{ found: [bike: Bike]; go: [place: Place]; close: [] }>();
const fleet = useFleet();
const now = useNow();
const { text } = props.ahead;
const camera = ref(false);
const MOST = 6;
const index = computed(() =>
  fleet.bikes.map((bike) => ({
    ...indexFor({
      tag: bike.tag,
      size: bike.size,
      words: [
        FITNESS_WORDS[fleet.fitnessOf(bike, now.value).fitness],
        WHEREABOUTS_WORDS[bike.whereabouts],
        KIND_WORDS[bike.build.kind],
        bike.model,
      ],
    }),
    bike,
  })),
);
const found = computed(() => {
  if (!text.value.trim()) return [];
  const exact = fleet.bikes.filter((bike) => bike.tag.toUpperCase() === text.value.trim().toUpperCase());
  const rest = searchBikes(index.value, text.value).found.map((each) => each.bike);
  return [...new Set([...exact, ...rest])].slice(0, MOST);
});
/** Each word begins a word of the place. */
const places = computed(() => {
  const words = text.value.trim().toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return [];
  return props.places
    .filter(({ label }) => {
      const own = label.toLowerCase().split(/[\s-]+/);
      return words.every((word) => own.some((each) => each.startsWith(word)));
    })
    .slice(0, MOST);
});
const nothing = ref('');
function enter(): void {
  const [first] = found.value;
  const [place] = places.value;
  if (first) emit('found', first);
  else if (place) emit('go', place);
  else if (text.value.trim() && !props.read(text.value)) nothing.value = text.value.trim();
}
watch(
  () => props.ahead.entered.value,
  (struck) => struck && enter(),
  { immediate: true },
);
function takeCode(code: string): boolean {
  if (props.read(code)) return true;
  nothing.value = code;
  return false;
}
</script>

<template>
  <Dialog
    :open="true"
    class="fixed inset-0 z-40 flex items-start justify-center bg-black/50 p-3 pt-[8dvh]"
    @close="emit('close')"
  >
    <DialogPanel
      class="w-full max-w-lg space-y-3 rounded-lg border-2 border-ink/60 bg-ground p-4"
      data-find-bike
    >
      <DialogTitle class="sturdy text-2xl">{{ t.findBike }}</DialogTitle>
      <form class="flex gap-2" role="search" @submit.prevent="enter">
        <label class="sr-only" for="find-anywhere">{{ t.tagWordsSuchAs }}</label>
        <input
          id="find-anywhere"
          v-model="text"
          autocomplete="off"
          autocapitalize="characters"
          :placeholder="t.tag"
          class="sturdy h-14 min-w-0 grow rounded-md border-2 border-ink/60 bg-plate px-3 text-2xl"
          @input="nothing = ''"
        />
        <ActButton :aria-pressed="camera" data-use-camera @click="camera = !camera">{{
          camera ? t.closeCamera : t.camera
        }}</ActButton>
      </form>
      <CameraReader v-if="camera" :take="takeCode" />
      <p v-if="nothing" role="alert" class="font-semibold text-held">
        {{ t.noBikeHereMatches({ nothing: nothing.slice(0, 60) }) }}
      </p>
      <ul v-if="found.length" class="space-y-1.5">
        <li v-for="bike in found" :key="bike.id">
          <button
            type="button"
            class="flex min-h-12 w-full items-center gap-3 rounded-md border-2 border-line bg-plate px-3 text-left"
            :data-found="bike.tag"
            @click="emit('found', bike)"
          >
            <span class="sturdy w-16 text-xl">{{ bike.tag }}</span>
            <span class="min-w-0 grow truncate text-soft"
              >{{ KIND_WORDS[bike.build.kind] }} {{ bike.size }} ·
              {{ WHEREABOUTS_WORDS[bike.whereabouts] }}</span
            >
            <FitnessMark :fitness="fleet.fitnessOf(bike, now).fitness" /><span class="sr-only">{{
              FITNESS_WORDS[fleet.fitnessOf(bike, now).fitness]
            }}</span>
          </button>
        </li>
      </ul>
      <ul v-if="places.length" class="space-y-1.5">
        <li v-for="place in places" :key="place.key">
          <button
            type="button"
            class="flex min-h-12 w-full items-center gap-3 rounded-md border-2 border-line bg-plate px-3 text-left hover:bg-sunk"
            :data-place="place.key"
            @click="emit('go', place)"
          >
            <span class="grow font-semibold">{{ place.label }}</span>
            <span class="text-soft">{{ place.kind }}</span>
          </button>
        </li>
      </ul>
      <p v-if="text.trim() && !nothing && !found.length && !places.length" class="text-soft">
        {{ t.nothingMatches }}
      </p>
    </DialogPanel>
  </Dialog>
</template>
