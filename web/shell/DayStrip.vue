<script setup lang="ts">
import { computed, onMounted, onScopeDispose, ref } from 'vue';
import { useRoute } from 'vue-router';
import { siteTimeToday } from '@cadre/core/schedule';
import type { Fitness } from '@cadre/core/fitness';
import { dueTimedRechecks } from '@cadre/core/timed-rechecks';
import { useOutbox } from '@cadre/web/checks';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { GroupStrip } from '@cadre/web/schedule';
import { FitnessMark } from '@cadre/web/ui';
import { CircleHelp, Hourglass, Search, SunMoon, UserRound } from '@lucide/vue';
import { clock, untilNow, useNow } from '@cadre/web/platform/time';
import StorageNotice from './StorageNotice.vue';
import { storageTrouble } from '@cadre/web/platform/local-db';
import { notSecureHere, takeUpdate, updateWaiting } from './shell-update';
import { nextTheme, theme } from '@cadre/web/platform/theme';

const emit = defineEmits<{ change: []; help: []; find: [] }>();
const fleet = useFleet();
const session = useSession();
const outbox = useOutbox();
const route = useRoute();
const now = useNow();
const secureNote = ref(notSecureHere);
const strip = ref<HTMLElement | null>(null);
/** What sticks under the strip, and what is scrolled to, needs to know how high it is. */
const measured = new ResizeObserver(([entry]) =>
  document.documentElement.style.setProperty('--strip', `${entry?.borderBoxSize[0]?.blockSize ?? 64}px`),
);
onMounted(() => strip.value && measured.observe(strip.value));
onScopeDispose(() => measured.disconnect());

const counts = computed(() => {
  const found: Record<Fitness, number> = { cleared: 0, 'cleared-with-watch': 0, due: 0, held: 0 };
  for (const bike of fleet.bikes) found[fleet.fitnessOf(bike, now.value).fitness] += 1;
  return found;
});
/** Looks asked for later whose time has come, the bike that has waited longest first. */
const again = computed(() =>
  fleet.bikes
    .flatMap((bike) =>
      dueTimedRechecks(bike.facts.timedRechecks ?? [], now.value).map((recheck) => ({
        bike,
        since: recheck.dueAt ?? recheck.since,
      })),
    )
    .sort((a, b) => a.since - b.since),
);
const fit = computed(() => counts.value.cleared + counts.value['cleared-with-watch']);
const site = computed(
  () => fleet.wall?.sites.toSorted((a, b) => a.opensAt.localeCompare(b.opensAt))[0] ?? null,
);
const opening = computed(() =>
  site.value ? siteTimeToday(now.value, site.value.timeZone, site.value.opensAt) : null,
);
const links = computed(() => [
  { name: 'wall', label: 'Wall' },
  { name: 'rounds', label: 'Rounds' },
  { name: 'bench', label: 'Bench' },
  { name: 'tools', label: 'Tools' },
  { name: 'checklists', label: 'Checklists' },
  ...(session.may('edit-program') ? [{ name: 'people', label: 'People' }] : []),
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
      <nav aria-label="Main" class="flex gap-1">
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
        <dl
          class="figures flex whitespace-nowrap items-center gap-x-5 max-[1400px]:gap-x-4"
          aria-label="The day"
        >
          <div v-if="site && opening" class="leading-tight max-lg:hidden">
            <dt class="text-sm text-soft">{{ site.name }} opens {{ site.opensAt }}</dt>
            <dd class="font-semibold">{{ opening > now ? untilNow(opening, now) : 'open' }}</dd>
          </div>
          <div class="leading-tight max-[1400px]:hidden">
            <dt class="text-sm text-soft">Now</dt>
            <dd class="sturdy">{{ clock(now, site?.timeZone) }}</dd>
          </div>
          <div class="leading-tight">
            <dt class="text-sm text-soft">May go out</dt>
            <dd class="flex items-center gap-1.5">
              <FitnessMark fitness="cleared" :size="18" /><span class="sturdy" data-count="fit">{{
                fleet.wall ? fit : '–'
              }}</span
              ><span v-if="fleet.wall" class="text-soft md:max-lg:hidden">of {{ fleet.bikes.length }}</span>
            </dd>
          </div>
          <div class="leading-tight">
            <dt class="text-sm text-soft">Due</dt>
            <dd class="flex items-center gap-1.5">
              <FitnessMark fitness="due" :size="18" /><span class="sturdy" data-count="due">{{
                fleet.wall ? counts.due : '–'
              }}</span>
            </dd>
          </div>
          <div class="leading-tight">
            <dt class="text-sm text-soft">Held</dt>
            <dd class="flex items-center gap-1.5">
              <FitnessMark fitness="held" :size="18" /><span
                class="sturdy"
                :class="counts.held ? 'text-held' : ''"
                data-count="held"
                >{{ fleet.wall ? counts.held : '–' }}</span
              >
            </dd>
          </div>
          <div v-if="again[0]" class="leading-tight" data-strip-again>
            <dt class="text-sm text-soft">Again</dt>
            <dd>
              <RouterLink
                :to="{ name: 'bike', params: { bikeId: again[0].bike.id } }"
                class="flex items-center gap-1 font-semibold text-watch underline"
                :aria-label="`Look again: ${again.map((each) => each.bike.tag).join(', ')}`"
                ><Hourglass :size="17" aria-hidden="true" />{{ again.length }}</RouterLink
              >
            </dd>
          </div>
        </dl>
        <!-- As wide with nothing to say as with much: what is under the hand at the stand must not move with every mark that is sent. -->
        <p
          role="status"
          class="grid min-h-11 w-[6.75rem] shrink-0 content-center rounded-md px-1.5 text-sm leading-tight"
          :class="
            outbox.waiting || !outbox.reachable ? 'bg-watch-wash font-semibold text-watch' : 'text-soft'
          "
          data-sync
        >
          <template v-if="outbox.waiting">{{ outbox.waiting }} kept here</template
          ><template v-else>{{ storageTrouble ? 'Not known' : 'All sent' }}</template>
          <span v-if="!outbox.reachable">no signal</span>
        </p>
      </div>
      <div class="ml-auto flex items-center gap-1.5 max-sm:gap-0">
        <button
          type="button"
          class="grid size-12 place-items-center rounded-md max-sm:w-10"
          aria-label="Find a bike"
          data-find
          @click="emit('find')"
        >
          <Search class="size-6" aria-hidden="true" />
        </button>
        <button
          type="button"
          class="grid size-12 place-items-center rounded-md max-sm:w-10"
          :aria-label="`Theme: ${theme}. Change`"
          @click="nextTheme"
        >
          <SunMoon class="size-6" aria-hidden="true" />
        </button>
        <button
          type="button"
          class="grid size-12 place-items-center rounded-md max-lg:hidden"
          aria-label="Keyboard shortcuts"
          @click="emit('help')"
        >
          <CircleHelp class="size-6" aria-hidden="true" />
        </button>
        <button
          type="button"
          class="flex min-h-12 items-center gap-2 rounded-md border-2 border-ink/60 bg-plate px-3 font-semibold max-sm:px-2"
          data-person
          @click="emit('change')"
        >
          <UserRound class="size-5 max-sm:hidden" aria-hidden="true" /><span
            class="max-w-32 truncate max-sm:max-w-14"
            >{{ session.person?.name.split(' ')[0] }}</span
          ><span v-if="session.person?.trainee" class="rounded bg-sunk px-1 text-xs">trainee</span
          ><span class="sr-only">: change person</span>
        </button>
      </div>
    </div>
    <GroupStrip v-if="fleet.groups.length" class="mx-auto max-w-[110rem]" />
    <StorageNotice />
    <p v-if="session.needsSignIn" class="bg-watch-wash px-4 py-2 text-watch">
      The server does not know you here any more. Go on; everything is kept.
      <button type="button" class="min-h-8 font-semibold underline" @click="emit('change')">
        Sign in to send it
      </button>
    </p>
    <p v-for="each in outbox.troubles" :key="each.id" role="alert" class="bg-held-wash px-4 py-2">
      <RouterLink
        :to="{ name: 'stand', params: { bikeId: each.bikeId }, query: each.over ? {} : { check: each.id } }"
        class="font-semibold underline"
        >{{ each.tag }}</RouterLink>:
      {{ each.trouble }}
    </p>
    <p v-if="updateWaiting && route.name !== 'stand'" class="bg-sunk px-4 py-2">
      A newer Cadre is ready.
      <button type="button" class="min-h-8 font-semibold underline" @click="takeUpdate">Take it now</button>
    </p>
    <p v-if="secureNote" class="bg-watch-wash px-4 py-2 text-watch">
      Not secure here: without https this browser cannot start Cadre without signal. Marks are still kept.
      Open it by https, see docs/running.md.
      <button type="button" class="min-h-8 font-semibold underline" @click="secureNote = false">
        Understood
      </button>
    </p>
  </header>
</template>
