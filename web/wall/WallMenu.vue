<script setup lang="ts">
import { computed } from 'vue';
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue';
import { ChevronDown } from '@lucide/vue';
import { useSession } from '@cadre/web/people';
import { useWallView } from './use-wall';
import { TAG_SHOWS_OPTIONS } from './tag-shows';
import { GROUPING_OPTIONS } from './wall-lines';
import { SelectField } from '@cadre/web/ui';
import * as t from './messages';

/** Everything of the wall that is rarer, under one button. */
const emit = defineEmits<{ arrange: []; print: [] }>();
const view = useWallView();
const session = useSession();
const may = computed(() => session.may('edit-fleet'));
const ITEM = 'hover:bg-sunk flex min-h-12 w-full items-center rounded px-3 text-left';
</script>

<template>
  <Popover class="relative">
    <PopoverButton
      class="inline-flex min-h-12 items-center gap-1 rounded-md border-2 border-ink/70 bg-plate px-4 font-semibold max-sm:px-3"
      data-more
      >{{ t.more }} <ChevronDown class="size-5" aria-hidden="true"
    /></PopoverButton>
    <PopoverPanel
      v-slot="{ close }"
      class="absolute right-0 z-10 mt-1 w-72 space-y-2 rounded-lg border-2 border-ink/60 bg-plate p-2 shadow-lg max-sm:left-0 max-sm:right-auto"
    >
      <SelectField
        v-model="view.grouping"
        class="sm:hidden"
        :label="t.groupBikes"
        :options="GROUPING_OPTIONS"
      />
      <SelectField
        v-model="view.tagShows"
        :label="t.tagsShow"
        :options="TAG_SHOWS_OPTIONS"
        data-tags-show
        @update:model-value="close()"
      />
      <button v-if="may" type="button" :class="ITEM" data-arrange @click="emit('arrange')">
        {{ t.arrangeRacksHooks }}
      </button>
      <button type="button" :class="ITEM" @click="(close(), emit('print'))">
        {{ t.printMorningList }}
      </button>
    </PopoverPanel>
  </Popover>
</template>
