<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import { useWallView } from './use-wall';
import { pickedIn, selectedIn } from './use-wall-walk';
import { ON_WALL } from './wall-key';
import WallRow from './WallRow.vue';

/** The racks, the lines in sight drawn where they hang. */
defineProps<{ inHand: string | null }>();
defineEmits<{ pick: [id: string, event?: MouseEvent]; hook: [id: string] }>();
const view = useWallView();
const { lines, virtual, size, columns } = useProvided(ON_WALL).walking;
</script>

<template>
  <div
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
      <WallRow
        v-for="line in lines.slice(row.index, row.index + 1)"
        :key="line.key"
        :line="line"
        :size="size"
        :columns="columns"
        :picked="pickedIn(line, view.arranging ? null : inHand)"
        :selected="selectedIn(line, view.selecting ? view.selected : null)"
        @pick="(id, event) => $emit('pick', id, event)"
        @hook="$emit('hook', $event)"
      />
    </div>
  </div>
</template>
