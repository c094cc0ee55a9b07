<script setup lang="ts">
import { computed, ref } from 'vue';
import type { SpokesAnswer } from '@cadre/core/measures';
import { ActButton } from '@cadre/web/ui';
import type { SpokeSide } from './use-spokes';
import * as t from './messages';

/** One side: even or not, in words, and its values for the checkpoint. */
const props = defineProps<{ side: SpokeSide; answer: SpokesAnswer | null; text: string }>();
const SIDES: Record<SpokeSide, string> = { left: t.leftSide, right: t.rightSide };
const verdict = computed(() => props.answer?.verdicts[0] ?? null);
const said = computed(() => {
  if (!verdict.value) return t.fourNeeded;
  const { outcome, becomes } = verdict.value;
  if (outcome === 'pass') return t.even;
  return outcome === 'fail' ? (becomes === 'stop' ? t.noTensionSpoke : t.slackSpoke) : t.uneven;
});
const copied = ref('');
async function copy(): Promise<void> {
  try {
    await navigator.clipboard.writeText(props.text);
    copied.value = t.copied;
  } catch {
    copied.value = props.text;
  }
}
</script>

<template>
  <section class="space-y-1 rounded-lg bg-sunk p-3" :aria-labelledby="`side-${side}`" :data-side="side">
    <h2 :id="`side-${side}`" class="sturdy text-lg">{{ SIDES[side] }}</h2>
    <p
      class="font-semibold leading-snug"
      :class="verdict?.outcome === 'fail' ? 'text-held' : verdict?.outcome === 'watch' ? 'text-watch' : ''"
      data-side-said
    >
      {{ said }}
    </p>
    <ActButton v-if="text" @click="copy">{{ t.copyValues }}</ActButton>
    <p v-if="copied" role="status" class="figures text-[0.95rem]">{{ copied }}</p>
  </section>
</template>
