<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { SEVERITY_WORDS } from '@cadre/web/words';
import { FOUND_STATE_WORDS, type FindingRow, type FoundState } from './use-findings';
import * as t from './messages';

/** One finding: how bad, on which bike, what and where, since when and until when. */
const props = defineProps<{ row: FindingRow; chosen: boolean; mayAct: boolean }>();
const emit = defineEmits<{ toggle: [yes: boolean] }>();
const fleet = useFleet();
const now = useNow();
const isWorst = computed(() => props.row.severity === 'stop' || props.row.overdue);
const until = computed(() => {
  const { finding, overdue } = props.row;
  if (finding.severity !== 'soon' || !finding.limit) return '';
  if (overdue) return t.pastItsLimit;
  return t.whenOuting({
    when: dayAndClock(finding.limit.until, now.value),
    outings: Math.max(0, finding.limit.outings - finding.outingsUsed),
  });
});
</script>

<template>
  <tr
    class="border-b border-line leading-snug max-sm:block max-sm:py-2"
    :class="isWorst && 'bg-held-wash'"
    :data-finding="row.id"
  >
    <td v-if="mayAct" class="max-sm:float-right">
      <label class="grid size-12 place-items-center"
        ><span class="sr-only">{{ t.chooseTagWhat({ tag: row.tag, what: row.what }) }}</span
        ><input
          type="checkbox"
          class="size-6"
          :checked="chosen"
          data-choose-finding
          @change="emit('toggle', ($event.target as HTMLInputElement).checked)"
      /></label>
    </td>
    <td
      class="p-2 font-semibold max-sm:inline-block max-sm:p-1"
      :class="isWorst ? 'text-held' : row.severity === 'upkeep' ? '' : 'text-watch'"
    >
      {{ SEVERITY_WORDS[row.severity] }}
    </td>
    <td class="p-2 max-sm:inline-block max-sm:p-1">
      <RouterLink
        :to="{ name: 'bench', params: { bikeId: row.bikeId } }"
        class="sturdy inline-flex min-h-12 items-center text-lg underline"
        >{{ row.tag }}</RouterLink
      >
    </td>
    <td class="p-2 max-sm:block max-sm:p-1">
      {{ row.what
      }}<span v-if="row.finding.words.note" class="text-soft"> “{{ row.finding.words.note }}”</span>
    </td>
    <td class="p-2 max-sm:inline-block max-sm:p-1">{{ row.where }}</td>
    <td class="p-2 max-sm:inline-block max-sm:p-1">
      {{ FOUND_STATE_WORDS[row.finding.state as FoundState] }}
    </td>
    <td class="figures p-2 text-soft max-sm:inline-block max-sm:p-1">
      {{ dayAndClock(row.openedAt, now) }}, {{ fleet.nameOf(row.finding.openedBy)
      }}{{ row.finding.timesSeen > 1 ? t.seenTime({ timesSeen: row.finding.timesSeen }) : '' }}
    </td>
    <td class="figures p-2 max-sm:block max-sm:p-1" :class="row.overdue && 'font-semibold text-held'">
      {{ until }}
    </td>
  </tr>
</template>
