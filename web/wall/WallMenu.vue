<script setup lang="ts">
import { computed } from 'vue';
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue';
import { ChevronDown } from '@lucide/vue';
import { useSession } from '@cadre/web/people';
import { useWallView } from './use-wall';
import { GROUPING_OPTIONS } from './wall-lines';
import { SelectField } from '@cadre/web/ui';
import * as t from './messages';

/** Everything of the wall that is rarer, under one button. */
const emit = defineEmits<{ arrange: []; print: [] }>();
const view = useWallView();
const session = useSession();
const may = computed(() => session.may('edit-fleet'));
const ITEM = 'flex min-h-12 w-full items-center rounded px-3 text-left';
</script>

<template>
  <Menu as="div" class="relative">
    <MenuButton
      class="inline-flex min-h-12 items-center gap-1 rounded-md border-2 border-ink/70 bg-plate px-4 font-semibold max-sm:px-3"
      data-more
      >{{ t.more }} <ChevronDown class="size-5" aria-hidden="true"
    /></MenuButton>
    <MenuItems
      class="absolute right-0 z-10 mt-1 w-64 rounded-lg border-2 border-ink/60 bg-plate p-1 shadow-lg focus:outline-none"
    >
      <MenuItem v-if="may" v-slot="{ active }"
        ><button type="button" :class="[ITEM, active && 'bg-sunk']" data-arrange @click="emit('arrange')">
          {{ t.arrangeRacksHooks }}
        </button></MenuItem
      >
      <MenuItem v-slot="{ active }"
        ><button type="button" :class="[ITEM, active && 'bg-sunk']" @click="emit('print')">
          {{ t.printMorningList }}
        </button></MenuItem
      >
      <div class="p-2 sm:hidden">
        <SelectField v-model="view.grouping" :label="t.groupBikes" :options="GROUPING_OPTIONS" />
      </div>
    </MenuItems>
  </Menu>
</template>
