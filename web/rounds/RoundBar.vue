<script setup lang="ts">
import { computed } from 'vue';
import { useNow } from '@cadre/web/platform/time';
import { useSession } from '@cadre/web/people';
import { ActButton } from '@cadre/web/ui';
import { shortWhen } from './round-wording';
import type { BoardRow } from './use-round-board';
import * as t from './messages';

/** The acts of a round: the next bike for me, or several at once. */
const props = defineProps<{ next: BoardRow | null; left: number; zone: string }>();
defineEmits<{ next: []; batch: [] }>();
const session = useSession();
const now = useNow();
const nextWords = computed(() => {
  const row = props.next;
  if (!row) return '';
  const why =
    row.look?.by === session.person?.id && row.look?.state === 'open'
      ? t.startedYou
      : row.neededAt
        ? t.neededShortWhen({ shortWhen: shortWhen(row.neededAt, now.value, props.zone) })
        : t.nearest;
  return `${row.bike.tag} · ${why}`;
});
</script>

<template>
  <div
    data-bottom-bar
    class="fixed inset-x-0 bottom-[var(--nav-bar)] z-10 lg:pl-[calc(var(--nav-rail)+1rem)] border-t-2 border-ink/30 bg-ground px-4 py-2.5 max-sm:px-2"
  >
    <div class="mx-auto flex max-w-[110rem] items-center gap-2">
      <ActButton class="max-sm:px-2" :disabled="left === 0" data-round-line @click="$emit('batch')">{{
        t.batchCheck
      }}</ActButton>
      <ActButton
        kind="main"
        big
        class="min-w-0 grow"
        :disabled="!next"
        data-next-for-me
        @click="$emit('next')"
        >{{ next ? '' : left ? t.othersWorkingOnAll : t.allDone
        }}<span v-if="next" class="leading-tight"
          ><span class="max-sm:sr-only">{{ t.nextForMe }}{{ ' ' }}</span
          >{{ nextWords }}</span
        ></ActButton
      >
    </div>
  </div>
</template>
