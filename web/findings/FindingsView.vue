<script setup lang="ts">
import { computed, ref } from 'vue';
import { SEVERITIES } from '@cadre/core/catalogue';
import { SEVERITY_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { ChoiceChips, TextField } from '@cadre/web/ui';
import { useSession } from '@cadre/web/people';
import ActOnSeveral from './ActOnSeveral.vue';
import SavedViewsBar from './SavedViewsBar.vue';
import FindingsTable from './FindingsTable.vue';
import { FOUND_STATES, FOUND_STATE_WORDS, useFindings } from './use-findings';
import * as t from './messages';

/** Everything open on the fleet: worst first, or by whatever head is touched. */
const fleet = useFleet();
if (!fleet.wall) void fleet.load();
const session = useSession();
const chosen = ref<ReadonlySet<string>>(new Set());
const { all, rows, search, severities, states, set } = useFindings();
/** What is chosen and still in sight: nobody acts on what a search has hidden. */
const inHand = computed(() => rows.value.filter((row) => chosen.value.has(row.id)));
const mayAct = computed(() => session.may('repair') || session.may('raise-severity'));
function toggle(ids: readonly string[], yes: boolean): void {
  const next = new Set(chosen.value);
  for (const id of ids) {
    if (yes) next.add(id);
    else next.delete(id);
  }
  chosen.value = next;
}
</script>

<template>
  <main class="mx-auto max-w-[100rem] px-4 pb-16 pt-4" data-findings>
    <div class="flex flex-wrap items-end gap-x-6 gap-y-3">
      <h1 class="sturdy mr-auto text-3xl leading-tight">{{ t.findings }}</h1>
      <TextField
        class="w-72 max-sm:w-full"
        :label="t.search"
        :model-value="search"
        data-findings-search
        @update:model-value="(q: string) => set({ q })"
      />
    </div>
    <div class="mt-3 flex flex-wrap gap-x-6 gap-y-2">
      <ChoiceChips
        :name="t.severity"
        :options="SEVERITIES.map((value) => ({ value, label: SEVERITY_WORDS[value] }))"
        :chosen="severities"
        @choose="(severity) => set({ severity })"
      />
      <ChoiceChips
        :name="t.state"
        :options="FOUND_STATES.map((value) => ({ value, label: FOUND_STATE_WORDS[value] }))"
        :chosen="states"
        @choose="(state) => set({ state })"
      />
    </div>
    <SavedViewsBar class="mt-2" />
    <p class="mt-3 text-soft" role="status">
      {{
        rows.length === all.length
          ? t.findingCount({ all: all.length })
          : t.rowsFinding({ rows: rows.length, all: all.length })
      }}.
    </p>
    <FindingsTable
      v-if="rows.length"
      class="mt-2"
      :rows="rows"
      :chosen="chosen"
      :may-act="mayAct"
      @toggle="toggle"
    />
    <p v-else class="mt-4 text-lg">
      {{ all.length ? t.noOpenFindingMatches : fleet.wall ? t.noBikeHasOpen : t.loadingFleet }}
    </p>
    <ActOnSeveral
      v-if="inHand.length"
      :rows="inHand"
      @done="(ids) => toggle(ids, false)"
      @none="chosen = new Set()"
    />
  </main>
</template>
