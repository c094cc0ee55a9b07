<script setup lang="ts">
import { AREA_ICONS } from './area-icons';
import { useNavigation } from './use-navigation';
import * as t from './messages';

/** In the office: every area at the side, each with its first view behind it. */
const { areas, area } = useNavigation();
</script>

<template>
  <nav
    :aria-label="t.areas"
    class="fixed inset-y-0 left-0 z-20 flex w-[var(--nav-rail)] flex-col gap-1 border-r-2 border-ink/20 bg-sunk px-1.5 pt-2 max-lg:hidden print:hidden"
    data-rail
  >
    <RouterLink
      v-for="each in areas"
      :key="each.area"
      :to="{ name: each.views[0]?.name }"
      class="flex min-h-16 flex-col items-center justify-center gap-1 rounded-md px-1 text-center text-[0.75rem] font-semibold leading-tight [overflow-wrap:anywhere] hover:bg-plate"
      :class="each.area === area?.area ? 'bg-ink! text-ground' : ''"
      :aria-current="each.area === area?.area ? 'true' : undefined"
      :data-area="each.area"
    >
      <component :is="AREA_ICONS[each.area]" class="size-6" aria-hidden="true" />{{ each.label }}
    </RouterLink>
  </nav>
</template>
