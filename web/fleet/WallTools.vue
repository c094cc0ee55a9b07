<script setup lang="ts">
import { computed, nextTick, ref } from 'vue';
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue';
import { ChevronDown, Search } from '@lucide/vue';
import { useSession } from '@cadre/web/people';
import { ActButton } from '@cadre/web/ui';
import { useWallView } from './use-wall';
import { GROUPINGS, type Grouping } from './wall-lines';

/** The wall's own line: find, group, select, and everything rarer under one button. */
defineProps<{ shown: number; unknown: readonly string[] }>();
const emit = defineEmits<{ enter: []; print: [] }>();
const view = useWallView();
const session = useSession();
const finder = ref<HTMLInputElement | null>(null);
const GROUPING_WORDS: Record<Grouping, string> = { hooks: 'Where they hang', fitness: 'By fitness', kind: 'By kind', size: 'By size' };
const may = computed(() => session.may('edit-fleet'));

function leave(): void {
  view.sought = '';
  finder.value?.blur();
}
function toggleArranging(): void {
  view.arranging = !view.arranging;
  view.selecting = false;
  if (!view.arranging) return;
  view.grouping = 'hooks';
  view.sought = '';
}
function toggleSelecting(): void {
  view.selecting = !view.selecting;
  view.selected = new Set();
  view.arranging = false;
}
defineExpose({ focus: () => void nextTick(() => finder.value?.focus()) });
const LINKS = [
  { name: 'line', words: 'Down the line', fleet: false },
  { name: 'rounds', words: 'Rounds', fleet: false },
  { name: 'bike-new', words: 'Add a bike', fleet: true },
  { name: 'exchange', words: 'Bring in or export a list', fleet: false },
  { name: 'sheets', words: 'Sheets, checkpoints, policy', fleet: false },
  { name: 'models', words: 'Models and fit lists', fleet: false },
  { name: 'groups', words: 'Groups due out', fleet: false },
  { name: 'figures', words: 'Figures of every kind', fleet: false },
] as const;
const links = computed(() => LINKS.filter((link) => !link.fleet || may.value));
const ITEM = 'flex min-h-12 w-full items-center rounded px-3 text-left';
</script>

<template>
  <div class="flex flex-wrap items-center gap-2">
    <h1 class="sturdy mr-auto text-2xl max-sm:sr-only">Rack wall</h1>
    <form class="relative min-w-0 grow basis-32 sm:max-w-72" role="search" @submit.prevent="emit('enter')">
      <label for="find" class="sr-only">Find: a tag, or words like held 24in boathouse</label>
      <Search class="pointer-events-none absolute left-3 top-3.5 size-5 text-soft" aria-hidden="true" />
      <input
        id="find"
        ref="finder"
        v-model="view.sought"
        autocomplete="off"
        placeholder="Tag, or held 24in …"
        class="h-12 w-full rounded-md border-2 border-ink/60 bg-plate pl-10 pr-3 placeholder:text-soft"
        :aria-invalid="unknown.length > 0"
        aria-describedby="find-said"
        @keydown.esc="leave"
      />
      <p
        id="find-said"
        role="status"
        class="absolute left-0 top-full z-10 mt-1 whitespace-nowrap rounded-md border-2 border-line bg-plate px-2 py-0.5 empty:hidden"
        :class="unknown.length ? 'font-semibold text-held' : 'text-soft'"
      >
        <template v-if="unknown.length">No bike is “{{ unknown.join('”, “') }}”. </template
        ><template v-else-if="view.sought.trim()">{{ shown === 1 ? '1 bike' : `${shown} bikes` }} · Enter takes the first, Esc shows all</template>
      </p>
    </form>
    <label class="max-sm:hidden"
      ><span class="sr-only">Group bikes</span
      ><select v-model="view.grouping" class="h-12 rounded-md border-2 border-ink/60 bg-plate px-2 font-semibold" data-grouping>
        <option v-for="each in GROUPINGS" :key="each" :value="each">{{ GROUPING_WORDS[each] }}</option>
      </select></label
    >
    <ActButton
      class="max-sm:px-3"
      :aria-pressed="view.selecting"
      :class="view.selecting && 'bg-ink! text-ground!'"
      data-select
      @click="toggleSelecting"
      >{{ view.selecting ? 'Done' : 'Select' }}</ActButton
    >
    <ActButton v-if="view.arranging" kind="main" data-arrange @click="toggleArranging">Done arranging</ActButton>
    <Menu v-else as="div" class="relative">
      <MenuButton class="inline-flex min-h-12 items-center gap-1 rounded-md border-2 border-ink/70 bg-plate px-4 font-semibold max-sm:px-3" data-more
        >More <ChevronDown class="size-5" aria-hidden="true"
      /></MenuButton>
      <MenuItems class="absolute right-0 z-10 mt-1 w-64 rounded-lg border-2 border-ink/60 bg-plate p-1 shadow-lg focus:outline-none">
        <MenuItem v-if="may" v-slot="{ active }"
          ><button type="button" :class="[ITEM, active && 'bg-sunk']" data-arrange @click="toggleArranging">Arrange racks and hooks</button></MenuItem
        >
        <MenuItem v-slot="{ active }"
          ><button type="button" :class="[ITEM, active && 'bg-sunk']" @click="emit('print')">Print the morning sheet</button></MenuItem
        >
        <MenuItem v-for="link in links" :key="link.name" v-slot="{ active }"
          ><RouterLink :to="{ name: link.name }" :class="[ITEM, active && 'bg-sunk']">{{ link.words }}</RouterLink></MenuItem
        >
        <div class="p-2 sm:hidden">
          <label class="text-sm text-soft" for="group-phone">Group bikes</label>
          <select id="group-phone" v-model="view.grouping" class="mt-1 h-12 w-full rounded-md border-2 border-ink/60 bg-plate px-2">
            <option v-for="each in GROUPINGS" :key="each" :value="each">{{ GROUPING_WORDS[each] }}</option>
          </select>
        </div>
      </MenuItems>
    </Menu>
  </div>
</template>
