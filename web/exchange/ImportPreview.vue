<script setup lang="ts">
import { computed, watch } from 'vue';
import { slipOf, type PlannedRow } from '@cadre/core/exchange';
import { count } from '@cadre/web/platform/time';
import { ActButton, CheckField } from '@cadre/web/ui';
import { useImport } from './use-import';
import { columnWords, issueWords } from './wording';

/** What the file becomes, row by row, before anything comes in. */
const emit = defineEmits<{ bad: [] }>();
const bring = useImport();
watch([() => bring.update, () => bring.makes], () => void bring.plan());
const TELL: readonly (readonly [PlannedRow['act'], string])[] = [
  ['add', 'new'],
  ['change', 'changed'],
  ['same', 'as they are'],
  ['wrong', 'wrong'],
  ['skip', 'no bikes (blank, totals)'],
];
/** A rack about to be made whose name looks like a slip of one there is. */
function like(name: string, site: string): string {
  const known = (bring.current?.racks ?? []).filter((rack) => rack.site === site).map((rack) => rack.name);
  const slip = slipOf(name, known);
  return slip ? ` (a slip for ${slip}?)` : '';
}
const ready = computed(() => (bring.preview?.counts.add ?? 0) + (bring.preview?.counts.change ?? 0));
const places = computed(() => [
  ...(bring.preview?.sites.map((site) => `site ${site}`) ?? []),
  ...(bring.preview?.racks.map((rack) =>
    rack.hooksBefore
      ? `${rack.rack}: hooks ${rack.hooksBefore} → ${rack.hooks}`
      : `rack ${rack.rack} with ${count(rack.hooks, 'hook')}${like(rack.rack, rack.site)}`,
  ) ?? []),
]);
</script>

<template>
  <div v-if="bring.preview" class="space-y-4">
    <dl class="flex flex-wrap gap-x-8 gap-y-2" aria-label="Rows">
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
      <CheckField v-model="bring.update" data-update>Change bikes that are in the fleet</CheckField>
      <CheckField v-model="bring.makes" data-makes>Make sites, racks and hooks the list names</CheckField>
    </div>
    <p v-if="places.length" class="rounded-md bg-sunk px-4 py-2">
      <span class="font-semibold">To be made:</span> {{ places.join(' · ') }}
    </p>
    <p v-if="bring.preview.models.length" class="rounded-md bg-sunk px-4 py-2">
      <span class="font-semibold">{{ count(bring.preview.models.length, 'model') }} to be made</span> from
      what their bikes share:
      {{ bring.preview.models.map((model) => model.name).join(' · ') }}
    </p>
    <section v-if="bring.preview.wrong.length" aria-labelledby="wrong">
      <div class="flex flex-wrap items-center gap-3">
        <h3 id="wrong" class="sturdy mr-auto text-lg text-held">
          {{ count(bring.preview.counts.wrong, 'row') }} wrong
        </h3>
        <ActButton data-bad-rows @click="emit('bad')">Download them with why</ActButton>
      </div>
      <ul
        class="mt-1 max-h-96 divide-y divide-line overflow-y-auto rounded-lg border-2 border-held bg-plate"
        tabindex="0"
        aria-label="Wrong rows"
      >
        <li
          v-for="row in bring.preview.wrong"
          :key="row.line"
          class="flex gap-3 px-3 py-1.5"
          :data-wrong="row.line"
        >
          <span class="figures w-20 shrink-0 text-soft">row {{ row.line }}</span
          ><span class="sturdy w-24 shrink-0 break-all">{{ row.tag || 'no tag' }}</span>
          <span class="grow leading-snug"
            ><span v-for="(issue, index) in row.issues" :key="index" class="block">{{
              issueWords(issue)
            }}</span></span
          >
        </li>
      </ul>
      <p v-if="bring.preview.counts.wrong > bring.preview.wrong.length" class="text-soft">
        The first {{ bring.preview.wrong.length }}; the download has all.
      </p>
    </section>
    <section v-if="bring.preview.changed.length" aria-labelledby="changed">
      <h3 id="changed" class="sturdy text-lg">{{ count(bring.preview.counts.change, 'bike') }} changed</h3>
      <ul
        class="mt-1 max-h-96 divide-y divide-line overflow-y-auto rounded-lg border-2 border-line bg-plate"
        tabindex="0"
        aria-label="Changed bikes"
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
              <s class="text-soft">{{ difference.before || 'empty' }}</s> →
              <strong>{{ difference.after || 'empty' }}</strong></span
            ></span
          >
        </li>
      </ul>
    </section>
    <p v-if="bring.preview.added.length" class="text-soft">
      New, among others:
      <span class="sturdy text-ink">{{ bring.preview.added.map((bike) => bike.tag).join(' ') }}</span>
    </p>
    <div class="flex flex-wrap gap-2">
      <ActButton
        kind="main"
        big
        :disabled="ready === 0 || bring.refusal.busy"
        data-bring-in
        @click="bring.run()"
        >{{ ready ? `Bring in ${count(ready, 'bike')}` : 'Nothing to bring in' }}</ActButton
      >
      <ActButton v-if="bring.table" @click="bring.stage = 'columns'">Back to the columns</ActButton>
      <ActButton @click="bring.begin()">Another file</ActButton>
    </div>
  </div>
</template>
