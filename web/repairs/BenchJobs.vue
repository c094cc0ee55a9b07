<script setup lang="ts">
import type { Bike } from '@cadre/contract/fleet';
import type { StockItem } from '@cadre/contract/parts';
import type { FitnessAnswer } from '@cadre/core/fitness';
import type { BenchPlace } from '@cadre/core/repairs';
import { clock, useNow } from '@cadre/web/platform/time';
import { withPosition, FITNESS_WORDS, reasonWords } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { FitnessMark } from '@cadre/web/ui';
import { placeWords } from './bench-wording';
import * as t from './messages';

/** The jobs in their order: each with what is wrong, why it stands there, and when it may be out. The same work runs on in one bracket. */
const props = defineProps<{
  places: readonly BenchPlace[];
  items: readonly StockItem[];
  answer: (bike: Bike) => FitnessAnswer;
  inHand: string | null;
}>();
const emit = defineEmits<{ pick: [bikeId: string] }>();
const fleet = useFleet();
const now = useNow();
const bikeOf = (place: BenchPlace): Bike | undefined => fleet.bikeById.get(place.job.bikeId);
/** What is to be repaired; where nothing is, what holds it. */
const firstReason = (bike: Bike): string => {
  const repairs = bike.facts.findings.filter((finding) => finding.severity !== 'watch');
  const reason = props.answer(bike).reasons[0];
  if (repairs[0] && reason?.code === 'no-valid-check')
    return `${withPosition(repairs[0].words.checkpoint, repairs[0].position)}: ${repairs[0].words.fault.toLowerCase()}`;
  return reason
    ? reasonWords(reason, now.value, fleet.nameOf).what
    : (bike.facts.findings[0]?.words.fault ?? '');
};
const why = (place: BenchPlace): string =>
  placeWords(place.because, {
    group: (id) => fleet.groups.find((group) => group.id === id)?.name ?? t.aGroup,
    item: (id) => props.items.find((item) => item.id === id)?.name ?? t.aPart,
    now: now.value,
    timeZone: fleet.siteById.get(place.job.siteId)?.timeZone,
  });
const urgent = (place: BenchPlace): boolean => place.because.code === 'for-group';
</script>

<template>
  <ol
    class="flex flex-col max-[900px]:max-h-72 max-[900px]:overflow-y-auto"
    tabindex="0"
    :aria-label="t.repairsInOrder"
  >
    <li
      v-for="(place, at) in places"
      :key="place.job.bikeId"
      :class="place.sameWork ? 'border-l-8 border-rail pl-1 pt-1' : 'pt-1.5'"
    >
      <button
        v-if="bikeOf(place)"
        type="button"
        class="flex min-h-14 w-full items-center gap-3 rounded-md border-2 px-2.5 py-1.5 text-left"
        :class="inHand === place.job.bikeId ? 'border-act bg-plate' : 'border-line bg-plate/60'"
        :aria-current="inHand === place.job.bikeId ? 'true' : undefined"
        :data-job="bikeOf(place)!.tag"
        :data-because="place.because.code"
        @click="emit('pick', place.job.bikeId)"
      >
        <span class="figures w-5 shrink-0 text-right text-soft">{{ at + 1 }}</span>
        <FitnessMark :fitness="answer(bikeOf(place)!).fitness" :size="26" />
        <span class="min-w-0 grow leading-tight"
          ><span class="flex items-baseline gap-2"
            ><span class="sturdy text-xl">{{ bikeOf(place)!.tag }}</span
            ><span class="figures ml-auto shrink-0 text-sm text-soft"
              >{{ t.minutesMin({ minutes: place.job.minutes })
              }}<template v-if="place.readyAt !== null"> · {{ clock(place.readyAt) }}</template></span
            ></span
          ><span class="sr-only">{{ FITNESS_WORDS[answer(bikeOf(place)!).fitness] }}: </span
          >{{ firstReason(bikeOf(place)!)
          }}<span class="block text-sm" :class="urgent(place) ? 'font-semibold text-act' : 'text-soft'"
            ><span v-if="place.sameWork">{{ t.sameWorkAsRow }}{{ ' ' }}</span
            >{{ why(place) }}</span
          ></span
        >
      </button>
    </li>
  </ol>
</template>
