<script setup lang="ts">
import { computed } from 'vue';
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue';
import { ChevronDown } from '@lucide/vue';
import { useSession } from '@cadre/web/people';
import { useWallView } from './use-wall';
import { GROUPING_OPTIONS } from './wall-lines';
import { SelectField } from '@cadre/web/ui';

/** Everything of the wall that is rarer, under one button. */
const emit = defineEmits<{ arrange: []; print: [] }>();
const view = useWallView();
const session = useSession();
const may = computed(() => session.may('edit-fleet'));
const LINKS = [
  { name: 'batch-check', words: 'Batch check', fleet: false },
  { name: 'rounds', words: 'Rounds', fleet: false },
  { name: 'bike-new', words: 'Add a bike', fleet: true },
  { name: 'exchange', words: 'Bring in or export a list', fleet: false },
  { name: 'stock', words: 'Parts and orders', fleet: false },
  { name: 'costs', words: 'What repairs cost', fleet: false },
  { name: 'assessment', words: 'Used bikes on offer', fleet: false },
  { name: 'tools', words: 'Tools: measures, torque, units', fleet: false },
  { name: 'checklists', words: 'Checklists, checkpoints, policy', fleet: false },
  { name: 'models', words: 'Models and fit lists', fleet: false },
  { name: 'groups', words: 'Groups due out', fleet: false },
  { name: 'figures', words: 'Figures of every kind', fleet: false },
  { name: 'people', words: 'People and setup', fleet: false, lead: true },
] as const;
const links = computed(() =>
  LINKS.filter((link) => (!link.fleet || may.value) && (!('lead' in link) || session.may('edit-program'))),
);
const ITEM = 'flex min-h-12 w-full items-center rounded px-3 text-left';
</script>

<template>
  <Menu as="div" class="relative">
    <MenuButton
      class="inline-flex min-h-12 items-center gap-1 rounded-md border-2 border-ink/70 bg-plate px-4 font-semibold max-sm:px-3"
      data-more
      >More <ChevronDown class="size-5" aria-hidden="true"
    /></MenuButton>
    <MenuItems
      class="absolute right-0 z-10 mt-1 w-64 rounded-lg border-2 border-ink/60 bg-plate p-1 shadow-lg focus:outline-none"
    >
      <MenuItem v-if="may" v-slot="{ active }"
        ><button type="button" :class="[ITEM, active && 'bg-sunk']" data-arrange @click="emit('arrange')">
          Arrange racks and hooks
        </button></MenuItem
      >
      <MenuItem v-slot="{ active }"
        ><button type="button" :class="[ITEM, active && 'bg-sunk']" @click="emit('print')">
          Print the morning sheet
        </button></MenuItem
      >
      <MenuItem v-for="link in links" :key="link.name" v-slot="{ active }"
        ><RouterLink :to="{ name: link.name }" :class="[ITEM, active && 'bg-sunk']">{{
          link.words
        }}</RouterLink></MenuItem
      >
      <div class="p-2 sm:hidden">
        <SelectField v-model="view.grouping" label="Group bikes" :options="GROUPING_OPTIONS" />
      </div>
    </MenuItems>
  </Menu>
</template>
