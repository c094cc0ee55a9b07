<script setup lang="ts">
import type { Area } from '@cadre/web/platform/nav';
import { AREA_ICONS } from './area-icons';
import { useUnreadReports } from './use-unread-reports';
import * as t from './messages';

/** The sign of an area; the workshop’s says how many reports are open where the strip has no room for it. */
defineProps<{ area: Area }>();
const unread = useUnreadReports();
</script>

<template>
  <span class="relative">
    <component :is="AREA_ICONS[area]" class="size-6" aria-hidden="true" />
    <span
      v-if="area === 'workshop' && unread > 0"
      class="absolute -right-4 -top-1 rounded-full bg-held px-1.5 text-xs text-on-held sm:hidden"
      :aria-label="t.reportsWaiting({ unread })"
      role="img"
      >{{ unread }}</span
    >
  </span>
</template>
