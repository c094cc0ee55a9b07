<script setup lang="ts">
import { onMounted, onScopeDispose, ref } from 'vue';
import { useRoute } from 'vue-router';
import { CircleHelp, House, MessageSquareWarning, Search, SunMoon, UserRound } from '@lucide/vue';
import { useOutbox } from '@cadre/web/checks';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { clock, useNow } from '@cadre/web/platform/time';
import { nextTheme, theme } from '@cadre/web/platform/theme';
import { DayLine } from '@cadre/web/schedule';
import { IconButton } from '@cadre/web/ui';
import ShellNotices from './ShellNotices.vue';
import SyncState from './SyncState.vue';
import ViewTabs from './ViewTabs.vue';
import { useUnreadReports } from './use-unread-reports';
import * as t from './messages';

/** One line over every screen: where one is, the day, what is synced, and who is signed in. Where hands are busy, only what the work needs. */
const THEME_WORDS = { light: t.light, dim: t.dim, contrast: t.highContrast };
const emit = defineEmits<{ change: []; help: []; find: [] }>();
const session = useSession();
const fleet = useFleet();
const now = useNow();
const outbox = useOutbox();
const route = useRoute();
const unread = useUnreadReports();
const strip = ref<HTMLElement | null>(null);
/** What sticks under the strip, and what is scrolled to, needs to know how high it is. */
const measured = new ResizeObserver(([entry]) =>
  document.documentElement.style.setProperty('--strip', `${entry?.borderBoxSize[0]?.blockSize ?? 64}px`),
);
onMounted(() => strip.value && measured.observe(strip.value));
onScopeDispose(() => measured.disconnect());
</script>

<template>
  <header
    ref="strip"
    class="sticky top-0 z-20 border-b-4 border-act bg-ground print:hidden"
    :data-waiting="outbox.waiting"
  >
    <div class="mx-auto flex max-w-[110rem] items-center gap-2 px-3 py-1 max-sm:gap-1 max-sm:px-1.5">
      <template v-if="route.meta.work">
        <RouterLink
          :to="{ name: 'wall' }"
          class="grid size-11 shrink-0 place-items-center rounded-md hover:bg-sunk"
          :aria-label="t.goRackWall"
        >
          <House class="size-6" aria-hidden="true" />
        </RouterLink>
        <div id="work-head" class="min-w-0 grow" />
      </template>
      <template v-else>
        <ViewTabs />
        <DayLine class="lg:ml-auto" />
        <RouterLink
          v-if="unread > 0"
          :to="{ name: 'reports' }"
          class="flex h-11 shrink-0 items-center gap-1.5 rounded-md border-2 border-held px-2 font-semibold text-held max-sm:hidden"
          :aria-label="t.reportsWaiting({ unread })"
          data-reports-waiting
          ><MessageSquareWarning class="size-5" aria-hidden="true" />{{ unread }}</RouterLink
        >
      </template>
      <span
        v-if="fleet.wall?.demo && !route.meta.work"
        class="figures shrink-0 rounded bg-sunk px-1.5 text-sm leading-tight max-md:hidden"
        :class="unread > 0 && 'max-[1400px]:hidden'"
        data-demo-time
        >{{ t.demoTime }}<br /><strong>{{ clock(now, fleet.wall.sites[0]?.timeZone) }}</strong></span
      >
      <SyncState />
      <div class="flex shrink-0 items-center max-sm:-ml-1">
        <IconButton class="max-sm:w-10" :name="t.find" data-find @click="emit('find')">
          <Search class="size-6" aria-hidden="true" />
        </IconButton>
        <IconButton
          class="max-sm:hidden"
          :class="route.meta.work && 'hidden'"
          :name="t.themeThemeChange({ theme: THEME_WORDS[theme] })"
          data-theme-button
          @click="nextTheme"
        >
          <SunMoon class="size-6" aria-hidden="true" />
        </IconButton>
        <IconButton
          class="max-sm:w-10"
          :class="route.meta.work && 'max-sm:hidden'"
          :name="t.helpOnScreen"
          data-help
          @click="emit('help')"
        >
          <CircleHelp class="size-6" aria-hidden="true" />
        </IconButton>
      </div>
      <button
        type="button"
        class="flex min-h-11 shrink-0 items-center gap-1.5 rounded-md border-2 border-ink/60 bg-plate px-2.5 font-semibold max-sm:px-2"
        data-person
        @click="emit('change')"
      >
        <UserRound class="size-5 max-sm:hidden" aria-hidden="true" /><span
          class="max-w-24 truncate max-sm:max-w-12"
          >{{ session.person?.name.split(' ')[0] }}</span
        ><span v-if="session.person?.trainee" class="rounded bg-sunk px-1 text-xs max-sm:hidden">{{
          t.trainee
        }}</span
        ><span class="sr-only">{{ t.changePerson }}</span>
      </button>
    </div>
    <ShellNotices @change="emit('change')" />
  </header>
</template>
