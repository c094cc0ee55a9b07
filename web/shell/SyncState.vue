<script setup lang="ts">
import { Check, CloudOff, HardDriveDownload } from '@lucide/vue';
import { useOutbox } from '@cadre/web/checks';
import { storageTrouble } from '@cadre/web/platform/local-db';
import * as t from './messages';

/** Whether what was marked is on the server. As wide with nothing to say as with much: nothing under the hand may move with each mark. */
const outbox = useOutbox();
</script>

<template>
  <p
    role="status"
    class="flex min-h-10 w-[8.25rem] shrink-0 items-center gap-1.5 rounded-md px-1.5 text-sm leading-tight max-sm:w-11 max-sm:flex-col max-sm:justify-center max-sm:gap-0 max-sm:px-0 max-sm:text-[0.65rem]"
    :class="outbox.waiting || !outbox.reachable ? 'bg-watch-wash font-semibold text-watch' : 'text-soft'"
    data-sync
  >
    <component
      :is="!outbox.reachable ? CloudOff : outbox.waiting ? HardDriveDownload : Check"
      class="size-5 shrink-0"
      aria-hidden="true"
    />
    <span v-if="outbox.waiting" class="figures text-sm sm:hidden" aria-hidden="true">{{
      outbox.waiting
    }}</span>
    <span class="max-sm:sr-only"
      ><template v-if="outbox.waiting">{{ t.waitingNotSynced({ waiting: outbox.waiting }) }}</template
      ><template v-else>{{ storageTrouble ? t.notKnown : t.allSynced }}</template
      ><template v-if="!outbox.reachable">{{ ' ' }}{{ t.offline }}</template></span
    >
  </p>
</template>
