<script setup lang="ts">
import AreaIcon from './AreaIcon.vue';
import { useNavigation } from './use-navigation';
import * as t from './messages';

/** On a phone and a tablet: every area at the bottom, its views in a sheet over it. */
const { areas, area, view } = useNavigation();
function hide(event: Event): void {
  const link = event.currentTarget as HTMLElement;
  link.closest<HTMLElement>('[popover]')?.hidePopover();
}
</script>

<template>
  <nav
    :aria-label="t.areas"
    class="fixed inset-x-0 bottom-0 z-20 flex h-[var(--nav-bar)] border-t-2 border-ink/30 bg-sunk lg:hidden print:hidden"
    data-nav-bar
  >
    <template v-for="each in areas" :key="each.area">
      <RouterLink
        v-if="each.views.length === 1"
        :to="{ name: each.views[0]?.name }"
        class="flex min-w-0 flex-1 flex-col items-center justify-center gap-0.5 text-center text-[0.7rem] font-semibold leading-tight [overflow-wrap:anywhere]"
        :class="each.area === area?.area && 'bg-ink text-ground'"
        :aria-current="each.area === area?.area ? 'true' : undefined"
        :data-area="each.area"
      >
        <AreaIcon :area="each.area" />
        {{ each.label }}
      </RouterLink>
      <button
        v-else
        type="button"
        :popovertarget="`nav-${each.area}`"
        class="flex min-w-0 flex-1 flex-col items-center justify-center gap-0.5 text-center text-[0.7rem] font-semibold leading-tight [overflow-wrap:anywhere]"
        :class="each.area === area?.area && 'bg-ink text-ground'"
        :aria-current="each.area === area?.area ? 'true' : undefined"
        :data-area="each.area"
      >
        <AreaIcon :area="each.area" />
        {{ each.label }}
      </button>
      <div
        v-if="each.views.length > 1"
        :id="`nav-${each.area}`"
        popover
        class="fixed inset-x-2 top-auto bottom-[calc(var(--nav-bar)+0.5rem)] m-0 w-auto rounded-lg border-2 border-ink/60 bg-plate p-1 text-ink shadow-lg"
      >
        <RouterLink
          v-for="link in each.views"
          :key="link.name"
          :to="{ name: link.name }"
          class="flex min-h-12 items-center rounded px-3 text-lg font-semibold"
          :class="link.name === view && 'bg-sunk'"
          :aria-current="link.name === view ? 'page' : undefined"
          @click="hide"
          >{{ link.label }}</RouterLink
        >
      </div>
    </template>
  </nav>
</template>
