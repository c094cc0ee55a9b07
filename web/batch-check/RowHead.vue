<script setup lang="ts">
import { computed } from 'vue';
import { useFleet } from '@cadre/web/fleet';
import { KIND_WORDS } from '@cadre/web/words';
import { useSession } from '@cadre/web/people';
import type { BatchBike } from './batch-bike';
import * as t from './messages';

/** Which bike a row is of, how far it is, and who else is on it. */
const props = defineProps<{ row: BatchBike }>();
const fleet = useFleet();
const session = useSession();
const others = computed(() =>
  props.row.authors.filter((id) => id !== session.person?.id).map((id) => fleet.nameOf(id).split(' ')[0]),
);
const words = computed(() => {
  if (props.row.state === 'signed') return 'signed';
  if (props.row.state === 'signing') return t.signedSavedOnDevice;
  if (props.row.complete) return t.completeNotSigned;
  return others.value.length ? '' : `${KIND_WORDS[props.row.bike.build.kind]} ${props.row.bike.size}`;
});
</script>

<template>
  <span class="min-w-0 leading-tight">
    <span class="sturdy flex items-center gap-1.5 text-lg leading-tight"
      ><span class="size-2.5 shrink-0 rounded-full border-2 border-rail bg-ground" aria-hidden="true" />{{
        row.bike.tag
      }}</span
    >
    <span
      class="block truncate text-sm"
      :class="row.complete && row.state === 'open' ? 'font-semibold text-act' : 'text-soft'"
      >{{ words
      }}<span v-if="others.length" class="font-semibold text-ink" data-others>{{
        t.partWithOthers({ part: words ? ' · ' : '', others: others.join(', ') })
      }}</span></span
    >
  </span>
</template>
