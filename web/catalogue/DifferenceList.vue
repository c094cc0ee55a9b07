<script setup lang="ts">
import { computed } from 'vue';
import { changesNothing, type ChecklistDifference } from '@cadre/core/catalogue';
import { ITEM_CHANGE_WORDS, CHECKLIST_CHANGE_WORDS } from './checklist-wording';
import * as t from './messages';

/** What changed from one version to another, in words. */
const props = defineProps<{ difference: ChecklistDifference }>();
const none = computed(() => changesNothing(props.difference));
</script>

<template>
  <ul class="space-y-1 leading-snug">
    <li v-if="none" class="text-soft">{{ t.noChanges }}</li>
    <li v-for="each in difference.added" :key="each.key">
      <span class="sturdy">+</span> {{ each.name
      }}<span v-if="each.critical">{{ ' ' }}{{ t.critical2 }}</span>
    </li>
    <li v-for="each in difference.removed" :key="each.key" :class="each.critical && 'text-held'">
      <span class="sturdy">−</span> {{ each.name
      }}<span v-if="each.critical">{{ ' ' }}{{ t.wasCritical2 }}</span>
    </li>
    <li
      v-for="each in difference.changed"
      :key="each.key"
      :class="each.changes.includes('critical-dropped') && 'text-held'"
    >
      <span class="sturdy">~</span> {{ each.name }}:
      {{ each.changes.map((change) => ITEM_CHANGE_WORDS[change]).join(', ') }}
    </li>
    <li v-if="difference.checklist.length">
      <span class="sturdy">~</span>
      {{
        t.checklistChecklist({
          checklist: difference.checklist.map((change) => CHECKLIST_CHANGE_WORDS[change]).join(', '),
        })
      }}
    </li>
  </ul>
</template>
