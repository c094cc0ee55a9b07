<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { dayAndClock, useToday } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { ActButton, CheckField, NoticePlate, useRefusal } from '@cadre/web/ui';
import { askTimeline, type TimelinePage } from './ask-timeline';
import { byWords, entryWords, type TimelineEntry } from './wording';
import * as t from './messages';

/**
 * Everything that happened to a bike, newest first, as the record has it. `version` changes when there is more to fetch; `asked` is its first page,
 * asked for before there was a place to show it.
 */
const props = defineProps<{
  bikeId: string;
  version: unknown;
  timeZone?: string | undefined;
  most?: number;
  asked?: Promise<TimelinePage> | undefined;
}>();
const fleet = useFleet();
const today = useToday();
const refusal = useRefusal();
const entries = ref<readonly TimelineEntry[]>([]);
const next = ref<number | null>(null);
const quiet = ref(false);
let { asked } = props;

async function load(before?: number): Promise<void> {
  const { bikeId } = props;
  await refusal.run(async () => {
    const first = asked;
    asked = undefined;
    const answer = await (first ?? askTimeline(bikeId, { before, most: props.most, all: quiet.value }));
    if (bikeId !== props.bikeId) return; // a late answer about another bike
    entries.value = before === undefined ? answer.entries : [...entries.value, ...answer.entries];
    next.value = answer.next;
  });
}
watch([() => props.bikeId, () => props.version, quiet], () => void load(), { immediate: true });
const shown = computed(() =>
  entries.value.map((entry) => ({
    entry,
    words: entryWords(entry, fleet.nameOf),
    by: byWords(entry, fleet.nameOf),
  })),
);
</script>

<template>
  <section aria-labelledby="timeline">
    <div class="flex flex-wrap items-center gap-3">
      <h2 id="timeline" class="sturdy mr-auto text-xl">{{ t.timeline }}</h2>
      <CheckField v-model="quiet" class="print:hidden">{{ t.showHooksOutingsMarks }}</CheckField>
    </div>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <ol class="mt-1 border-l-4 border-line">
      <li
        v-for="{ entry, words, by } in shown"
        :key="entry.id"
        class="relative py-2 pl-5"
        :data-entry="entry.kind"
      >
        <span
          class="absolute -left-[0.6rem] top-3.5 size-4 rounded-full border-4"
          :class="
            words.weight === 'strong'
              ? 'border-act bg-act'
              : words.weight === 'plain'
                ? 'border-act bg-ground'
                : 'border-line bg-ground'
          "
          aria-hidden="true"
        />
        <p class="leading-snug">
          <span class="font-semibold">{{ words.what }}</span>{{ ' '
          }}<span class="figures text-soft"
            >· {{ dayAndClock(entry.happenedAt, today, timeZone)
            }}<template v-if="by"> · {{ by }}</template></span
          >
        </p>
        <p v-if="words.detail" class="max-w-prose leading-snug text-soft">{{ words.detail }}</p>
      </li>
    </ol>
    <p v-if="!refusal.busy.value && shown.length === 0" class="text-soft">{{ t.noEntriesYet }}</p>
    <ActButton
      v-if="next !== null"
      class="mt-2 print:hidden"
      :disabled="refusal.busy.value"
      @click="load(next)"
      >{{ t.showEarlier }}</ActButton
    >
  </section>
</template>
