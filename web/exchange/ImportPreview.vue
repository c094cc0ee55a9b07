<script setup lang="ts">
import { computed, watch } from 'vue';
import { slipOf, type PlannedRow } from '@cadre/core/exchange';
import { ActButton, CheckField } from '@cadre/web/ui';
import { useImport } from './use-import';
import { columnWords, issueWords } from './wording';
import * as t from './messages';

/** What the file becomes, row by row, before anything comes in. */
const emit = defineEmits<{ bad: [] }>();
const bring = useImport();
watch([() => bring.update, () => bring.makes], () => void bring.plan());
const TELL: readonly (readonly [PlannedRow['act'], string])[] = [
  ['add', 'new'],
  ['change', 'changed'],
  ['same', t.unchanged],
  ['wrong', 'wrong'],
  ['skip', t.notBikesBlankLines],
];
/** A rack about to be made whose name looks like a slip of one there is. */
function like(name: string, site: string): string {
  const known = (bring.current?.racks ?? []).filter((rack) => rack.site === site).map((rack) => rack.name);
  const slip = slipOf(name, known);
  return slip ? t.didYouMeanSlip({ slip }) : '';
}
const ready = computed(() => (bring.preview?.counts.add ?? 0) + (bring.preview?.counts.change ?? 0));
const places = computed(() => [
  ...(bring.preview?.sites.map((site) => t.siteSite({ site })) ?? []),
  ...(bring.preview?.racks.map((rack) =>
    rack.hooksBefore
      ? t.rackHooksHooksBeforeHooks({ rack: rack.rack, hooksBefore: rack.hooksBefore, hooks: rack.hooks })
      : t.rackRackWithHook({ rack: rack.rack, hooks: rack.hooks, like: like(rack.rack, rack.site) }),
  ) ?? []),
]);
</script>

<template>
  <div v-if="bring.preview" class="space-y-4">
    <dl class="flex flex-wrap gap-x-8 gap-y-2" :aria-label="t.rows">
      <div
        v-for="[act, words] in TELL"
        :key="act"
        :data-count-of="act"
        :class="bring.preview.counts[act] === 0 && act !== 'add' && 'hidden'"
      >
        <dd
          class="sturdy text-4xl leading-none"
          :class="act === 'wrong' ? 'text-held' : act === 'same' || act === 'skip' ? 'text-soft' : ''"
        >
          {{ bring.preview.counts[act] }}
        </dd>
        <dt class="text-soft">{{ words }}</dt>
      </div>
    </dl>
    <div class="flex flex-wrap gap-x-6">
      <CheckField v-model="bring.update" data-update>{{ t.changeBikesAlreadyIn }}</CheckField>
      <CheckField v-model="bring.makes" data-makes>{{ t.addSitesRacksHooks }}</CheckField>
    </div>
    <p v-if="places.length" class="rounded-md bg-sunk px-4 py-2">
      <span class="font-semibold">{{ t.newPlaces }}</span> {{ places.join(' · ') }}
    </p>
    <p v-if="bring.preview.models.length" class="rounded-md bg-sunk px-4 py-2">
      <span class="font-semibold">{{ t.newModelCount({ models: bring.preview.models.length }) }}</span>
      {{ t.builtFromWhatTheir({ models: bring.preview.models.map((model) => model.name).join(' · ') }) }}
    </p>
    <section v-if="bring.preview.wrong.length" aria-labelledby="wrong">
      <div class="flex flex-wrap items-center gap-3">
        <h3 id="wrong" class="sturdy mr-auto text-lg text-held">
          {{ t.rowWrong({ wrong: bring.preview.counts.wrong }) }}
        </h3>
        <ActButton data-bad-rows @click="emit('bad')">{{ t.downloadWrongRowsWith }}</ActButton>
      </div>
      <ul
        class="mt-1 max-h-96 divide-y divide-line overflow-y-auto rounded-lg border-2 border-held bg-plate"
        tabindex="0"
        :aria-label="t.wrongRows"
      >
        <li
          v-for="row in bring.preview.wrong"
          :key="row.line"
          class="flex gap-3 px-3 py-1.5"
          :data-wrong="row.line"
        >
          <span class="figures w-20 shrink-0 text-soft">{{ t.rowLine({ line: row.line }) }}</span><span
            class="sturdy w-24 shrink-0 break-all"
            >{{ row.tag || t.noTag }}</span
          >
          <span class="grow leading-snug"
            ><span v-for="(issue, index) in row.issues" :key="index" class="block">{{
              issueWords(issue)
            }}</span></span
          >
        </li>
      </ul>
      <p v-if="bring.preview.counts.wrong > bring.preview.wrong.length" class="text-soft">
        {{ t.firstWrongShownDownload({ wrong: bring.preview.wrong.length }) }}
      </p>
    </section>
    <section v-if="bring.preview.changed.length" aria-labelledby="changed">
      <h3 id="changed" class="sturdy text-lg">
        {{ t.bikeChanged({ change: bring.preview.counts.change }) }}
      </h3>
      <ul
        class="mt-1 max-h-96 divide-y divide-line overflow-y-auto rounded-lg border-2 border-line bg-plate"
        tabindex="0"
        :aria-label="t.changedBikes"
      >
        <li
          v-for="row in bring.preview.changed"
          :key="row.line"
          class="flex gap-3 px-3 py-1.5"
          :data-changed="row.bike.tag"
        >
          <span class="sturdy w-24 shrink-0">{{ row.bike.tag }}</span>
          <span class="grow leading-snug"
            ><span v-for="difference in row.differences" :key="difference.column" class="block"
              >{{ columnWords(difference.column) }}:
              <s class="text-soft">{{ difference.before || t.emptyCell }}</s> →
              <strong>{{ difference.after || t.emptyCell }}</strong></span
            ></span
          >
        </li>
      </ul>
    </section>
    <p v-if="bring.preview.added.length" class="text-soft">
      {{ t.newBikesForExample }}
      <span class="sturdy text-ink">{{ bring.preview.added.map((bike) => bike.tag).join(' ') }}</span>
    </p>
    <div class="flex flex-wrap gap-2">
      <ActButton
        kind="main"
        big
        :disabled="ready === 0 || bring.refusal.busy"
        data-bring-in
        @click="bring.run()"
        >{{ ready ? t.importBike({ ready }) : t.nothingImport }}</ActButton
      >
      <ActButton v-if="bring.table" @click="bring.stage = 'columns'">{{ t.backColumns }}</ActButton>
      <ActButton @click="bring.begin()">{{ t.otherFile }}</ActButton>
    </div>
  </div>
</template>
