<script setup lang="ts">
import { computed } from 'vue';
import type { ChecklistVersion } from '@cadre/core/catalogue';
import { useCatalogue } from '@cadre/web/catalogue';
import { CautionLine } from '@cadre/web/ui';
import * as t from './messages';

/** What stands at a signature about the checklist itself: what it leaves out and why, and that a newer version has to be used. */
const props = defineProps<{ checklist: ChecklistVersion; hash: string }>();
const catalogue = useCatalogue();
const newest = computed(() => catalogue.summaryOf(props.checklist.key));
const isNewest = computed(() => !newest.value || newest.value.hash === props.hash);
const leftOut = computed(() => (isNewest.value ? (newest.value?.leavesOut ?? []) : []));
</script>

<template>
  <div v-if="checklist.clears && (leftOut.length || !isNewest)" class="space-y-2" data-clearing-note>
    <CautionLine v-if="!isNewest" :text="t.checklistHasNewerVersion" />
    <p v-if="leftOut.length" class="rounded-md border-2 border-watch bg-watch-wash px-4 py-2">
      {{
        t.checklistLeavesOutCritical({
          leftOut: leftOut.length,
          names: leftOut.join(', '),
          part2: newest?.reason ? t.leadsReasonReason({ reason: newest.reason }) : t.noLeadGaveReason,
        })
      }}
    </p>
  </div>
</template>
