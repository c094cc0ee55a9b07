<script setup lang="ts">
import { shallowRef, watch } from 'vue';

/** One drawing of the catalogue, fetched when it is shown. The files are our own, so their markup is set as it is. */
const props = defineProps<{ name: string }>();
const FILES = import.meta.glob<string>('./drawings/*.svg', { query: '?raw', import: 'default' });
const markup = shallowRef('');
watch(
  () => props.name,
  async (name) => {
    const found = await FILES[`./drawings/${name}.svg`]?.();
    if (name === props.name) markup.value = found ?? '';
  },
  { immediate: true },
);
</script>

<template>
  <!-- eslint-disable-next-line vue/no-v-html -- drawings ship with the program; no word of anybody's is in them -->
  <div class="look-drawing rounded-md border-2 border-line bg-ground" :data-drawing="name" v-html="markup" />
</template>

<style>
.look-drawing > svg {
  display: block;
  width: 100%;
  height: auto;
}
.look-drawing path,
.look-drawing line,
.look-drawing rect,
.look-drawing circle {
  fill: none;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.look-drawing .p {
  stroke: var(--steel);
  stroke-width: 5;
}
.look-drawing .k {
  stroke: var(--ink);
  stroke-width: 9;
}
.look-drawing .k2 {
  stroke: var(--tube);
  stroke-width: 12;
}
.look-drawing .i {
  stroke: var(--soft);
  stroke-width: 2;
}
.look-drawing .s {
  fill: var(--solid);
}
.look-drawing .f {
  fill: var(--rim);
}
.look-drawing .c {
  fill: var(--canvas);
}
.look-drawing .d {
  fill: var(--plate);
  stroke: var(--ink);
  stroke-width: 2.5;
}
.look-drawing .h {
  fill: var(--watch-wash);
  stroke: var(--ink);
  stroke-width: 2.5;
}
.look-drawing .a {
  stroke: var(--act);
  stroke-width: 4;
}
.look-drawing .af {
  fill: var(--act);
}
.look-drawing .b {
  stroke: var(--held);
  stroke-width: 3;
  stroke-dasharray: 7 6;
}
.look-drawing .no {
  stroke: var(--held);
  stroke-width: 4;
}
.look-drawing .no2 {
  stroke: var(--held);
  stroke-width: 2.5;
}
.look-drawing .okf {
  fill: var(--act);
}
.look-drawing .nof {
  fill: var(--held);
}
.look-drawing .okm {
  stroke: var(--on-act);
  stroke-width: 3.5;
}
.look-drawing text {
  fill: var(--ink);
  font-size: 16px;
}
.look-drawing text.n {
  font-weight: 700;
}
</style>
