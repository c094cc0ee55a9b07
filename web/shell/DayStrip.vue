<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, onScopeDispose, ref } from 'vue';
import { useRoute } from 'vue-router';
import { isClockBehind } from '@cadre/core/fitness';
import { useOutbox } from '@cadre/web/checks';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { GroupStrip } from '@cadre/web/schedule';
import { CircleHelp, Search, SunMoon, UserRound } from '@lucide/vue';
import { IconButton } from '@cadre/web/ui';
import DayCounts from './DayCounts.vue';
import { storageTrouble } from '@cadre/web/platform/local-db';
import { notSecureHere, takeUpdate, updateWaiting } from './shell-update';
import { nextTheme, theme } from '@cadre/web/platform/theme';
import * as t from './messages';

// Seldom: a full disk, another person who took the tablet over without a signal.
const StorageNotice = defineAsyncComponent(() => import('./StorageNotice.vue'));
const ClockBehind = defineAsyncComponent(() => import('./ClockBehind.vue'));
const WaitsFor = defineAsyncComponent(() => import('./WaitsFor.vue'));

const emit = defineEmits<{ change: []; help: []; find: [] }>();
const fleet = useFleet();
const session = useSession();
const outbox = useOutbox();
const route = useRoute();
const secureNote = ref(notSecureHere);
const strip = ref<HTMLElement | null>(null);
/** What sticks under the strip, and what is scrolled to, needs to know how high it is. */
const measured = new ResizeObserver(([entry]) =>
  document.documentElement.style.setProperty('--strip', `${entry?.borderBoxSize[0]?.blockSize ?? 64}px`),
);
onMounted(() => strip.value && measured.observe(strip.value));
onScopeDispose(() => measured.disconnect());

/** The latest time on record, while the server's clock says an earlier one. */
const behind = computed(() => {
  const { recordedUntil = 0, now = 0 } = fleet.wall ?? {};
  return isClockBehind(now, recordedUntil) ? recordedUntil : null;
});
const links = computed(() => [
  { name: 'wall', label: t.wall },
  { name: 'rounds', label: t.rounds },
  { name: 'bench', label: t.bench },
  { name: 'tools', label: t.tools },
  { name: 'checklists', label: t.checklists },
  ...(session.may('edit-program') ? [{ name: 'people', label: t.people }] : []),
]);
/** Not what one needs in the shed, where the strip must keep its height whatever it says; the wall has them under More. */
const SETUP: readonly string[] = ['checklists', 'people'];
/** On a phone the wall has it under More. */
const NOT_ON_PHONE: readonly string[] = ['tools'];
const PARTS: Readonly<Record<string, readonly string[]>> = {
  rounds: ['round', 'batch-check'],
  checklists: ['checklist', 'checklist-edit', 'checklist-new', 'catalogue', 'routes', 'policy'],
};
const isHere = (link: { name: string }): boolean =>
  route.name === link.name || (PARTS[link.name]?.includes(String(route.name)) ?? false);
</script>

<template>
  <header
    ref="strip"
    class="sticky top-0 print:hidden z-20 border-b-4 border-act bg-ground"
    :data-waiting="outbox.waiting"
  >
    <div
      class="mx-auto flex max-w-[110rem] flex-wrap items-center gap-x-5 gap-y-1 px-4 py-1.5 max-[1400px]:gap-x-3 max-sm:gap-x-2 max-sm:px-2"
    >
      <nav :aria-label="t.main" class="flex gap-1">
        <RouterLink
          v-for="link in links"
          :key="link.name"
          :to="{ name: link.name }"
          class="inline-flex min-h-12 items-center rounded-md px-3 font-semibold max-[1400px]:px-2"
          :class="[
            isHere(link) ? 'bg-ink text-ground' : '',
            SETUP.includes(link.name) && 'max-lg:hidden',
            NOT_ON_PHONE.includes(link.name) && 'max-sm:hidden',
          ]"
          :aria-current="isHere(link) ? 'page' : undefined"
          >{{ link.label }}</RouterLink
        >
      </nav>
      <div class="flex grow items-center justify-between gap-x-4 max-md:order-3 max-md:w-full max-sm:gap-x-2">
        <DayCounts />
        <!-- As wide with nothing to say as with much: what is under the hand at the stand must not move with every mark that is sent. -->
        <p
          role="status"
          class="grid min-h-11 w-[6.75rem] shrink-0 content-center rounded-md px-1.5 text-sm leading-tight"
          :class="
            outbox.waiting || !outbox.reachable ? 'bg-watch-wash font-semibold text-watch' : 'text-soft'
          "
          data-sync
        >
          <template v-if="outbox.waiting">{{
            t.waitingKeptHere({ waiting: outbox.waiting })
          }}</template><template v-else>{{ storageTrouble ? t.notKnown : t.allSent }}</template>
          <span v-if="!outbox.reachable">{{ t.noSignal }}</span>
        </p>
      </div>
      <div class="ml-auto flex items-center gap-1.5 max-sm:gap-0">
        <IconButton class="max-sm:w-10" name="Find a bike" data-find @click="emit('find')">
          <Search class="size-6" aria-hidden="true" />
        </IconButton>
        <IconButton class="max-sm:w-10" :name="`Theme: ${theme}. Change`" @click="nextTheme">
          <SunMoon class="size-6" aria-hidden="true" />
        </IconButton>
        <IconButton class="max-lg:hidden" name="Keyboard shortcuts" @click="emit('help')">
          <CircleHelp class="size-6" aria-hidden="true" />
        </IconButton>
        <button
          type="button"
          class="flex min-h-12 items-center gap-2 rounded-md border-2 border-ink/60 bg-plate px-3 font-semibold max-sm:px-2"
          data-person
          @click="emit('change')"
        >
          <UserRound class="size-5 max-sm:hidden" aria-hidden="true" /><span
            class="max-w-32 truncate max-sm:max-w-14"
            >{{ session.person?.name.split(' ')[0] }}</span
          ><span v-if="session.person?.trainee" class="rounded bg-sunk px-1 text-xs">{{ t.trainee }}</span
          ><span class="sr-only">{{ t.changePerson }}</span>
        </button>
      </div>
    </div>
    <GroupStrip v-if="fleet.groups.length" class="mx-auto max-w-[110rem]" />
    <StorageNotice v-if="storageTrouble" />
    <p v-if="session.needsSignIn" class="bg-watch-wash px-4 py-2 text-watch">
      {{ t.serverDoesNotKnow }}
      <button type="button" class="min-h-8 font-semibold underline" @click="emit('change')">
        {{ t.signInSend }}
      </button>
    </p>
    <ClockBehind v-if="behind" :recorded-until="behind" />
    <WaitsFor v-if="outbox.waitsFor.size" :counts="outbox.waitsFor" @change="emit('change')" />
    <p v-for="each in outbox.troubles" :key="each.id" role="alert" class="bg-held-wash px-4 py-2">
      <RouterLink
        :to="{ name: 'stand', params: { bikeId: each.bikeId }, query: each.over ? {} : { check: each.id } }"
        class="font-semibold underline"
        >{{ each.tag }}</RouterLink>:
      {{ each.trouble }}
    </p>
    <p v-if="updateWaiting && route.name !== 'stand'" class="bg-sunk px-4 py-2">
      {{ t.newerCadreReady }}
      <button type="button" class="min-h-8 font-semibold underline" @click="takeUpdate">
        {{ t.takeNow }}
      </button>
    </p>
    <p v-if="secureNote" class="bg-watch-wash px-4 py-2 text-watch">
      {{ t.notSecureHereWithout }}
      <button type="button" class="min-h-8 font-semibold underline" @click="secureNote = false">
        {{ t.understood }}
      </button>
    </p>
  </header>
</template>
