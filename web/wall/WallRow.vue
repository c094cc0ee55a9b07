<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import { defineAsyncComponent } from 'vue';
import LineHeading from './LineHeading.vue';
import type { TagSize } from './tag-size';
import { useWallView } from './use-wall';
import { ON_WALL } from './wall-key';
import type { WallLine } from './wall-lines';
import WallRail from './WallRail.vue';
import WallSite from './WallSite.vue';
import * as t from './messages';

const RackForm = defineAsyncComponent(() => import('./RackForm.vue'));

/** One line of the wall: a site, a rack's name, a heading or hooks with what hangs on them. */
defineProps<{
  line: WallLine;
  size: TagSize;
  columns: number;
  picked: string | null;
  selected: ReadonlySet<string>;
}>();
defineEmits<{ pick: [id: string, event?: MouseEvent]; hook: [id: string] }>();
const view = useWallView();
const { wall, arrange, tagLine } = useProvided(ON_WALL);
const hung = ({ rack, bikes }: Extract<WallLine, { kind: 'rack' }>): string =>
  t.bikesBikesHook({
    bikes,
    hooks: rack.hooks.length,
  });
</script>

<template>
  <WallSite v-if="line.kind === 'site'" :site="line.site" :bikes="line.bikes" :racks="line.racks" />
  <RackForm v-else-if="line.kind === 'rack' && view.arranging" :rack="line.rack" :bikes="line.bikes" />
  <LineHeading v-else-if="line.kind === 'rack'" :name="line.rack.name" :bikes="hung(line)" />
  <LineHeading v-else-if="line.kind === 'heading'" :name="line.words" :bikes="String(line.bikes)" />
  <WallRail
    v-else
    :places="line.places"
    :named="line.named"
    :columns="columns"
    :size="size"
    :picked="picked"
    :pressed="view.selecting ? null : picked"
    :selected="selected"
    :begun="wall.begun.value"
    :arranging="view.arranging"
    :lifted="arrange.lifted.value"
    :fitness-of="wall.fitnessOf"
    :says="view.tagShows === 'size' ? null : tagLine"
    @pick="(id, event) => $emit('pick', id, event)"
    @hook="$emit('hook', $event)"
    @dropped="arrange.put"
  />
</template>
