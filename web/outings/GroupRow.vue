<script setup lang="ts">
import { computed } from 'vue';
import type { Group } from '@cadre/contract/schedule';
import { clock } from '@cadre/web/platform/time';
import { ActButton } from '@cadre/web/ui';
import * as t from './messages';

/** A group of today: when it goes, how many bikes it has, how many are ready for it. */
const props = defineProps<{ group: Group; zone: string; taken: number; ready: number; main: boolean }>();
const wanted = computed(() => props.group.wants.reduce((sum, want) => sum + want.count, 0));
const left = computed(() => Math.max(0, wanted.value - props.taken));
const short = computed(() => Math.max(0, left.value - props.ready));
</script>

<template>
  <li
    class="flex items-center gap-x-3 rounded-md border-2 border-line bg-plate px-3 py-2"
    :data-desk-group="group.name"
  >
    <p class="sturdy w-16 shrink-0 text-xl leading-tight">
      {{ clock(group.outAt, zone) }}
      <span class="block text-base text-soft">{{ clock(group.backAt, zone) }}</span>
    </p>
    <p class="min-w-0 grow leading-tight">
      <strong class="block truncate text-lg">{{ group.name }}</strong>
      <span v-if="left === 0" class="text-act">{{ t.groupAll({ wanted }) }}</span>
      <span v-else class="figures text-soft"
        ><template v-if="taken">{{ t.groupTaken({ taken, wanted }) }} · </template
        >{{ t.groupReady({ ready: Math.min(ready, left), left })
        }}<strong v-if="short > 0" class="block text-watch">{{ t.groupShort({ short }) }}</strong></span
      >
    </p>
    <ActButton
      v-if="left > 0"
      :kind="main ? 'main' : 'plain'"
      :to="{ name: 'hand-out', params: { groupId: group.id } }"
      class="shrink-0 whitespace-nowrap"
      :data-hand-out="group.name"
      >{{ t.handOutGroup }}</ActButton
    >
  </li>
</template>
