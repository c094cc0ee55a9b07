<script setup lang="ts">
import { useWallView } from './use-wall';
import { pickedIn, selectedIn, type WallWalk } from './use-wall-walk';
import WallRow from './WallRow.vue';

/** The racks, the lines in sight drawn where they hang. */
defineProps<{ walking: WallWalk; inHand: string | null }>();
defineEmits<{ pick: [id: string, event?: MouseEvent]; hook: [id: string] }>();
const view = useWallView();
</script>

<template>
  <div
    class="group/wall relative mt-1"
    :data-selecting="view.selecting ? '' : undefined"
    :style="{ height: `${walking.virtual.value.getTotalSize()}px` }"
    data-rails
  >
    <div
      v-for="row in walking.virtual.value.getVirtualItems()"
      :key="String(row.key)"
      class="absolute inset-x-0 top-0 [contain:layout_style]"
      :style="{
        height: `${row.size}px`,
        transform: `translateY(${row.start - walking.virtual.value.options.scrollMargin}px)`,
      }"
    >
      <WallRow
        v-for="line in walking.lines.value.slice(row.index, row.index + 1)"
        :key="line.key"
        :line="line"
        :size="walking.size.value"
        :columns="walking.columns.value"
        :picked="pickedIn(line, view.arranging ? null : inHand)"
        :selected="selectedIn(line, view.selecting ? view.selected : null)"
        @pick="(id, event) => $emit('pick', id, event)"
        @hook="$emit('hook', $event)"
      />
    </div>
  </div>
</template>
