<script setup lang="ts">
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import type { Bike } from '@cadre/contract/fleet';
import { BikeChoice } from '@cadre/web/schedule';
import { ActButton, ChoiceChips, SelectField } from '@cadre/web/ui';
import { batchQuery, readScope } from './batch-address';
import { useBatchChoice } from './use-batch-choice';
import * as t from './messages';

/** Before the batch: which bikes, with what. One act starts with what is most usual. */
const props = defineProps<{ named: readonly Bike[] | null; unknown: readonly string[]; paper: boolean }>();
const router = useRouter();
const choice = useBatchChoice(() => props.named);
const { siteId, rule, checklistKey, of, bikes, sites, checklists, scopes } = choice;
const shownTags = computed(() => bikes.value.map((bike) => bike.tag));
function start(): void {
  void router.push({
    name: 'batch-check',
    query: batchQuery({
      tags: shownTags.value,
      checklistKey: checklistKey.value,
      scope: readScope(of.value),
      way: props.paper ? 'paper' : 'batch',
    }),
  });
}
function print(): void {
  void router.push({
    name: 'paper',
    query: batchQuery({
      tags: shownTags.value,
      checklistKey: checklistKey.value,
      scope: readScope(of.value),
      way: 'batch',
    }),
  });
}
</script>

<template>
  <main class="max-w-5xl space-y-5 px-4 pb-28 pt-3" data-batch-choice>
    <header>
      <h1 class="sturdy text-3xl leading-none">{{ paper ? t.enterPaperSheet : t.batchCheck }}</h1>
      <p class="mt-1 max-w-[60ch] text-soft">
        {{ paper ? t.chooseBikesChecklistPrinted : t.answerOneQuestionOn }}
      </p>
    </header>
    <p v-if="unknown.length" role="alert" class="border-l-4 border-held bg-held-wash px-3 py-2">
      {{ t.noBikeHereHas({ unknown: unknown.join(', ') }) }}
    </p>
    <section aria-labelledby="batch-with" class="grid gap-3 sm:grid-cols-2">
      <h2 id="batch-with" class="sturdy text-xl sm:col-span-2">{{ t.questions }}</h2>
      <SelectField v-model="checklistKey" :label="t.checklist" :options="checklists" data-batch-checklist />
      <SelectField v-model="of" :label="t.wholeChecklistOneZone" :options="scopes" data-batch-of />
    </section>
    <section v-if="!named" aria-labelledby="batch-bikes" class="space-y-3">
      <h2 id="batch-bikes" class="sturdy text-xl">{{ t.bikes }}</h2>
      <ChoiceChips
        v-if="sites.length > 1"
        :name="t.site"
        named
        :options="sites"
        :chosen="[siteId]"
        @toggle="(site) => (siteId = site)"
      />
      <BikeChoice v-model="rule" :site-id="siteId" />
    </section>
    <section aria-live="polite" class="rounded-md bg-sunk p-3">
      <p class="font-semibold" data-batch-count>{{ t.bikeCount({ bikes: bikes.length }) }}</p>
      <p class="sturdy mt-1 max-h-32 overflow-y-auto leading-snug">{{ shownTags.join(' ') }}</p>
      <p v-if="bikes.length === 0" class="text-watch">{{ t.noBikeMatchesWiden }}</p>
    </section>
    <div data-bottom-bar class="fixed inset-x-0 bottom-0 z-10 border-t-2 border-ink/30 bg-ground px-4 py-2.5">
      <div class="flex max-w-5xl gap-2">
        <ActButton :disabled="bikes.length === 0" data-batch-print @click="print">{{
          t.printPaperSheet
        }}</ActButton>
        <ActButton
          kind="main"
          big
          class="grow"
          :disabled="bikes.length === 0"
          data-batch-start
          @click="start"
          >{{ paper ? t.enterAnswers : t.checkBikes({ bikes: bikes.length }) }}</ActButton
        >
      </div>
    </div>
  </main>
</template>
