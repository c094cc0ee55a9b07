<script setup lang="ts">
import { computed, defineAsyncComponent, nextTick, onScopeDispose, ref, watch } from 'vue';
import { useWindowVirtualizer } from '@tanstack/vue-virtual';
import type { Bike } from '@cadre/contract/fleet';
import { clock } from '@cadre/web/platform/time';
import { useKeys } from '@cadre/web/platform/keys';
import { useSession } from '@cadre/web/people';
import { RoundStrip } from '@cadre/web/rounds';
import { NoticePlate } from '@cadre/web/ui';
import AddRackForm from './AddRackForm.vue';
import { BikeClipboard } from '@cadre/web/bikes';
import RackHeading from './RackHeading.vue';
import SiteHeading from './SiteHeading.vue';
import { columnsFor, tagSizeFor } from './tag-size';
import { useArrange } from './use-arrange';
import { useFound, useFleet, usePicked } from '@cadre/web/fleet';
import { useRoom } from './use-room';
import { useWall, useWallView } from './use-wall';
import { heightOf, wallLines, type WallLine } from './wall-lines';
import WallRail from './WallRail.vue';
import WallTools from './WallTools.vue';

const MorningSheet = defineAsyncComponent(() => import('./MorningSheet.vue'));
const SelectionPanel = defineAsyncComponent(() => import('./SelectionPanel.vue'));

const fleet = useFleet();
const view = useWallView();
const session = useSession();
const picked = usePicked();
const wall = useWall();
const arrange = useArrange();
const tools = ref<InstanceType<typeof WallTools> | null>(null);
const rails = ref<HTMLElement | null>(null);
const room = useRoom(rails);
/** On a narrow screen the clipboard is a checklist over the racks, there when a tag was touched. */
const checklist = ref(false);
const printing = ref(false);

const size = computed(() => tagSizeFor(wall.shown.value.length, room.rem.value));
const columns = computed(() => columnsFor(size.value, room.rem.value));
const lines = computed(() =>
  wallLines({
    sites: fleet.wall?.sites ?? [],
    racks: fleet.racks,
    bikes: wall.shown.value,
    grouping: view.grouping,
    fitnessOf: wall.fitnessOf,
    columns: columns.value,
    filtered: wall.filtered.value,
  }),
);
const virtual = useWindowVirtualizer(
  computed(() => ({
    count: lines.value.length,
    estimateSize: (index: number) => {
      const line = lines.value[index];
      return line
        ? heightOf(line, size.value, { arranging: view.arranging, roomRem: room.rem.value }) *
            room.pixels.value
        : 0;
    },
    overscan: 3,
    scrollMargin: room.top.value,
    scrollPaddingStart: room.strip.value + 40,
    scrollPaddingEnd: 24,
    getItemKey: (index: number) => lines.value[index]?.key ?? index,
  })),
);
watch([lines, size, () => view.arranging, room.pixels, room.rem], () => virtual.value.measure());

/** In the order they hang or are grouped: what arrows walk along. */
const walk = computed(() =>
  lines.value.flatMap((line, at) =>
    line.kind === 'hooks'
      ? line.places.flatMap((place) => (place.bike ? [{ bike: place.bike, at }] : []))
      : [],
  ),
);
const nextDue = computed(
  () =>
    walk.value.find(
      ({ bike }) =>
        bike.whereabouts === 'in' &&
        wall.fitnessOf(bike) === 'due' &&
        wall.answers.value.get(bike.id)?.reasons[0]?.code === 'no-valid-check',
    )?.bike ?? null,
);
const inHand = computed(
  () => fleet.bikeById.get(picked.id ?? '') ?? nextDue.value ?? walk.value[0]?.bike ?? null,
);
const answer = computed(() => (inHand.value ? (wall.answers.value.get(inHand.value.id) ?? null) : null));
/** The panel follows the tags by a frame: a key is answered on the rails before the clipboard changes. */
const panel = ref(view.selecting);
watch(
  () => view.selecting,
  (selecting) => requestAnimationFrame(() => setTimeout(() => (panel.value = selecting))),
);
const selected = computed(() => fleet.bikes.filter((bike) => view.selected.has(bike.id)));

function show(bike: Bike): void {
  const at = walk.value.find((each) => each.bike.id === bike.id)?.at;
  if (at !== undefined) virtual.value.scrollToIndex(at, { align: 'auto' });
}
function select(id: string, through: boolean): void {
  const next = new Set(view.selected);
  const from = walk.value.findIndex(({ bike }) => bike.id === picked.id);
  const to = walk.value.findIndex(({ bike }) => bike.id === id);
  if (through && from >= 0)
    for (const { bike } of walk.value.slice(Math.min(from, to), Math.max(from, to) + 1)) next.add(bike.id);
  else if (!next.delete(id)) next.add(id);
  view.selected = next;
  picked.id = id;
}
function pick(id: string, event?: MouseEvent): void {
  if (view.arranging) {
    void arrange.lift(id);
    return;
  }
  if (view.selecting) {
    select(id, event?.shiftKey ?? false);
    return;
  }
  picked.id = id;
  checklist.value = true;
  // The checklist comes up over the racks: the tag it is about stays in sight above it.
  if (window.innerWidth < 900)
    void nextTick(() =>
      document.querySelector('[data-tag][aria-pressed=true]')?.scrollIntoView({ block: 'start' }),
    );
}
/** The bike in hand, for the line it hangs on alone: the other lines need not be drawn anew when it changes. */
function pickedIn(line: WallLine): string | null {
  const id = view.arranging ? null : (inHand.value?.id ?? null);
  return id && line.kind === 'hooks' && line.places.some((place) => place.bike?.id === id) ? id : null;
}
const NONE: ReadonlySet<string> = new Set();
/** What is selected, for lines that hold any of it: the others stay as they are. */
function selectedIn(line: WallLine): ReadonlySet<string> {
  const any =
    view.selecting &&
    line.kind === 'hooks' &&
    line.places.some((place) => place.bike && view.selected.has(place.bike.id));
  return any ? view.selected : NONE;
}
function onHook(hookId: string): void {
  if (arrange.lifted.value) void arrange.put(arrange.lifted.value, hookId);
}
function step(by: number): void {
  const at = walk.value.findIndex(({ bike }) => bike.id === inHand.value?.id);
  const next = walk.value[Math.min(walk.value.length - 1, Math.max(0, at + by))];
  if (!next) return;
  picked.id = next.bike.id;
  show(next.bike);
}
/** Enter in the finder: the bike of that very tag, else the first that was found. */
function enter(): void {
  const wanted = view.sought.trim().toUpperCase();
  const bike = fleet.bikes.find((each) => each.tag === wanted) ?? wall.find(view.sought);
  if (!bike || !wanted) return;
  view.sought = '';
  (document.activeElement as HTMLElement | null)?.blur();
  picked.id = bike.id;
  checklist.value = true;
  void nextTick(() => show(bike));
}
useFound((bike) => {
  view.sought = '';
  picked.id = bike.id;
  checklist.value = true;
  void nextTick(() => show(bike));
  return true;
});
async function print(): Promise<void> {
  printing.value = true;
  await nextTick();
  await new Promise((done) => requestAnimationFrame(() => setTimeout(done, 100)));
  window.print();
}
const beforePrint = (): void => {
  printing.value = true;
};
window.addEventListener('beforeprint', beforePrint);
onScopeDispose(() => window.removeEventListener('beforeprint', beforePrint));
watch(
  () => fleet.wall === null,
  (empty) => empty && void fleet.load(),
  { immediate: true },
);

useKeys(
  () => ({
    ArrowRight: () => step(1),
    ArrowLeft: () => step(-1),
    ArrowDown: () => step(view.grouping === 'hooks' || columns.value ? columns.value : 1),
    ArrowUp: () => step(-columns.value),
    n: () => {
      if (!nextDue.value) return;
      pick(nextDue.value.id);
      show(nextDue.value);
    },
    x: () => {
      view.selecting = true;
      view.arranging = false;
      if (inHand.value) select(inHand.value.id, false);
    },
    Escape: () => {
      arrange.lifted.value = null;
      checklist.value = false;
      view.selecting = false;
    },
    '/': () => tools.value?.focus(),
  }),
  [
    { keys: '← → ↑ ↓', does: 'Walk along the hooks' },
    { keys: 'N', does: 'The next bike that is due' },
    { keys: '/', does: 'Find: a tag, or words like held 24in boathouse' },
    { keys: 'X', does: 'Select the bike in hand; Esc ends selecting' },
  ],
);
</script>

<template>
  <main class="mx-auto flex max-w-[110rem] gap-5 px-4 pb-8 pt-3 max-sm:px-2 print:hidden">
    <div class="min-w-0 grow">
      <WallTools
        ref="tools"
        :shown="wall.shown.value.length"
        :unknown="wall.unknown.value"
        @enter="enter"
        @print="print"
      />
      <p v-if="fleet.asOf" role="status" class="mt-2 rounded-md bg-watch-wash px-4 py-2 text-watch">
        As of {{ clock(fleet.asOf) }}. No signal: what others did since is not shown, and nothing can be
        handed out or released.
      </p>
      <p v-if="view.arranging" role="status" class="mt-2 rounded-md bg-sunk px-4 py-2">
        {{
          arrange.lifted.value
            ? `${fleet.bikeById.get(arrange.lifted.value)?.tag} is in your hand: touch the hook it goes on, or the bike it changes places with. Esc puts it back.`
            : 'Drag a tag to another hook, or touch it and then the hook. Rename racks, change their hooks and order where they hang.'
        }}
      </p>
      <RoundStrip v-if="fleet.wall && !view.selecting && !view.arranging" />
      <NoticePlate v-if="arrange.refusal.said.value" class="mt-2" :said="arrange.refusal.said.value" />
      <div
        ref="rails"
        class="group/wall relative mt-1"
        :data-selecting="view.selecting ? '' : undefined"
        :style="{ height: `${virtual.getTotalSize()}px` }"
        data-rails
      >
        <div
          v-for="row in virtual.getVirtualItems()"
          :key="String(row.key)"
          class="absolute inset-x-0 top-0 [contain:layout_style]"
          :style="{
            height: `${row.size}px`,
            transform: `translateY(${row.start - virtual.options.scrollMargin}px)`,
          }"
        >
          <template v-for="line in lines.slice(row.index, row.index + 1)" :key="line.key">
            <div v-if="line.kind === 'site'" class="pt-3">
              <div class="flex flex-wrap items-center justify-between gap-x-3 gap-y-2">
                <SiteHeading
                  :site="line.site"
                  :bikes="line.bikes"
                  :editing="view.arranging && session.may('edit-program')"
                  :busy="arrange.refusal.busy.value"
                  @save="(fields) => arrange.changeSite(line.site, fields)"
                />
                <AddRackForm
                  v-if="(view.arranging || line.racks === 0) && session.may('edit-fleet')"
                  :site="line.site"
                  :busy="arrange.refusal.busy.value"
                  @add="(name, hooks) => arrange.add(line.site.id, name, hooks)"
                />
              </div>
              <p v-if="line.racks === 0 && !view.arranging" class="text-soft">
                No racks here yet.
                <template v-if="session.may('edit-fleet')"
                  >Add one, or
                  <RouterLink :to="{ name: 'exchange' }" class="text-act underline"
                    >bring in a list</RouterLink
                  >
                  that names them.</template
                >
              </p>
            </div>
            <RackHeading
              v-else-if="line.kind === 'rack'"
              :rack="line.rack"
              :bikes="line.bikes"
              :shown="line.shown"
              :arranging="view.arranging"
              :first="fleet.racks.find((each) => each.siteId === line.rack.siteId)?.id === line.rack.id"
              :last="fleet.racks.findLast((each) => each.siteId === line.rack.siteId)?.id === line.rack.id"
              :busy="arrange.refusal.busy.value"
              @change="(name, hooks) => arrange.change(line.rack, name, hooks)"
              @move="(by) => arrange.move(line.rack, by)"
              @remove="arrange.remove(line.rack)"
              @dropped="(rackId) => arrange.place(rackId, line.rack)"
            />
            <h3 v-else-if="line.kind === 'heading'" class="flex items-baseline gap-3 px-1">
              <span class="sturdy text-lg">{{ line.words }}</span><span class="figures text-sm text-soft">{{
                line.bikes
              }}</span>
            </h3>
            <WallRail
              v-else
              :places="line.places"
              :named="line.named"
              :columns="columns"
              :size="size"
              :picked="pickedIn(line)"
              :pressed="view.selecting ? null : pickedIn(line)"
              :selected="selectedIn(line)"
              :begun="wall.begun.value"
              :arranging="view.arranging"
              :lifted="arrange.lifted.value"
              :fitness-of="wall.fitnessOf"
              @pick="pick"
              @hook="onHook"
              @dropped="arrange.put"
            />
          </template>
        </div>
      </div>
      <SiteHeading
        v-if="view.arranging && session.may('edit-program')"
        class="mt-4"
        :site="null"
        :bikes="0"
        editing
        :busy="arrange.refusal.busy.value"
        @save="arrange.addSite"
      />
      <p v-if="!fleet.wall" class="p-8 text-soft" role="status">Fetching the racks …</p>
      <p v-else-if="fleet.bikes.length === 0" class="mt-4 max-w-prose text-lg">
        No bikes yet.
        <RouterLink :to="{ name: 'exchange' }" class="text-act underline">Bring in a list</RouterLink> from a
        spreadsheet, or
        <RouterLink :to="{ name: 'bike-new' }" class="text-act underline">add the first one</RouterLink>.
      </p>
      <p v-else-if="wall.shown.value.length === 0" class="mt-4 text-lg">
        Nothing hangs here that is all of that.
      </p>
    </div>
    <aside
      v-if="panel || (inHand && answer)"
      class="w-[23rem] shrink-0 max-[900px]:fixed max-[900px]:inset-x-0 max-[900px]:bottom-0 max-[900px]:z-20 max-[900px]:max-h-[72dvh] max-[900px]:w-full max-[900px]:overflow-y-auto max-[900px]:border-t-4 max-[900px]:border-act max-[900px]:bg-ground max-[900px]:p-2 min-[900px]:sticky min-[900px]:top-[calc(var(--strip)+0.75rem)] min-[900px]:max-h-[calc(100dvh-var(--strip)-1.5rem)] min-[900px]:self-start min-[900px]:overflow-y-auto"
      :class="!checklist && !panel && 'max-[900px]:hidden'"
      aria-label="Clipboard"
    >
      <SelectionPanel v-if="panel" :bikes="selected" :shown="wall.shown.value" :fitness-of="wall.fitnessOf" />
      <!-- It stays where it is while bikes are selected: making it anew costs more than hiding it. -->
      <BikeClipboard
        v-if="inHand && answer"
        v-show="!panel"
        :bike="inHand"
        :answer="answer"
        :begun="wall.begun.value.has(inHand.id)"
        :idle="view.selecting"
        @away="checklist = false"
      />
    </aside>
  </main>
  <MorningSheet v-if="printing" :bikes="wall.shown.value" :answers="wall.answers.value" />
</template>
