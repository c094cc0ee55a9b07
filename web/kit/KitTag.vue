<script setup lang="ts">
import { computed } from 'vue';
import { Ban, CircleCheck, Footprints, PackageCheck } from '@lucide/vue';
import type { KitItem } from '@cadre/contract/kit';
import { KIT_WORDS, lookOf } from './kit-words';

/** One item as a tag: what stands on it, its size, and whether it may be lent, by form and word. */
const props = defineProps<{ item: KitItem; day: string; open: boolean }>();
const emit = defineEmits<{ open: [] }>();
const look = computed(() => lookOf(props.item, props.day));
const ICONS = { not: Ban, ready: CircleCheck, packed: PackageCheck, out: Footprints } as const;
</script>

<template>
  <button
    type="button"
    class="flex min-h-14 w-full items-center gap-2 rounded-md border-2 px-2.5 py-1.5 text-left leading-tight"
    :class="[
      open ? 'border-act' : look.as === 'not' ? 'border-held' : 'border-line',
      look.as === 'out' || look.as === 'packed' ? 'border-dashed bg-sunk' : 'bg-plate',
    ]"
    :aria-expanded="open"
    :data-kit="item.tag"
    :data-state="look.as"
    @click="emit('open')"
  >
    <component
      :is="ICONS[look.as]"
      :size="22"
      class="shrink-0"
      :class="look.as === 'not' ? 'text-held' : look.as === 'ready' ? 'text-act' : 'text-soft'"
      aria-hidden="true"
    />
    <span class="min-w-0 grow">
      <span class="flex items-baseline justify-between gap-2">
        <strong class="sturdy text-lg"
          ><span class="sr-only">{{ KIT_WORDS[item.kind] }} </span>{{ item.tag }}</strong
        >
        <span class="truncate text-soft">{{ item.size }}</span>
      </span>
      <span class="block truncate" :class="look.as === 'not' ? 'font-semibold text-held' : 'text-soft'">{{
        look.word
      }}</span>
    </span>
  </button>
</template>
