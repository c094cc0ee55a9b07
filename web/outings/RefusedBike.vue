<script setup lang="ts">
import { computed } from 'vue';
import { OctagonX } from '@lucide/vue';
import type { Bike } from '@cadre/contract/fleet';
import { now, clock } from '@cadre/web/platform/time';
import { useAnswers, useFleet } from '@cadre/web/fleet';
import { ActButton } from '@cadre/web/ui';
import { FITNESS_WORDS, reasonWords } from '@cadre/web/words';
import { useOutings } from './use-outings';
import * as t from './messages';

/** A bike that was scanned and cannot go out: why, and which other can instead. */
const props = defineProps<{
  bike: Bike;
  siteId: string;
  zone: string;
  instead: Bike | null;
  askedFor: boolean;
}>();
const emit = defineEmits<{ take: []; close: [] }>();
const fleet = useFleet();
const answers = useAnswers();
const outings = useOutings();
const why = computed(() => {
  const { bike } = props;
  if (bike.siteId !== props.siteId) return { what: t.otherSite({ tag: bike.tag }), todo: t.chooseThatSite };
  if (bike.whereabouts === 'out') {
    const at = outings.outingOf(bike.id)?.at;
    return {
      what: t.isOutSince({ tag: bike.tag, time: at === undefined ? '' : clock(at, props.zone) }),
      todo: t.takeItBackFirst,
    };
  }
  const answer = answers.byBike.get(bike.id);
  const [reason] = answer?.reasons ?? [];
  const words = reason ? reasonWords(reason, now(), fleet.nameOf, props.zone) : null;
  return {
    what: t.cannotGoOut({ tag: bike.tag, why: FITNESS_WORDS[answer?.fitness ?? 'due'].toLowerCase() }),
    todo: words ? [words.what, words.detail].filter(Boolean).join(' · ') : '',
  };
});
</script>

<template>
  <div role="alert" class="space-y-2 rounded-md border-2 border-held bg-held-wash px-4 py-3" data-refused>
    <p class="flex items-start gap-2">
      <OctagonX class="mt-0.5 shrink-0 text-held" aria-hidden="true" />
      <span
        ><strong>{{ why.what }}</strong
        ><br />{{ why.todo }}</span
      >
    </p>
    <p v-if="instead" class="text-soft">
      {{ t.takeInsteadAt({ tag: instead.tag, hook: fleet.hookOf(instead) }) }}
    </p>
    <p v-else-if="bike.siteId === siteId" class="text-soft">{{ askedFor ? t.noOther : t.notAskedFor }}</p>
    <div class="flex flex-wrap gap-2">
      <ActButton v-if="instead" data-take-instead @click="emit('take')">{{
        t.takeInstead({ tag: instead.tag })
      }}</ActButton>
      <ActButton kind="quiet" @click="emit('close')">{{ t.close }}</ActButton>
    </div>
  </div>
</template>
