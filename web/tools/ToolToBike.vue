<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { questionsOf, type Question } from '@cadre/core/catalogue';
import { takeReading } from '@cadre/core/batch-check';
import type { Measure } from '@cadre/core/measures';
import { POSITION_WORDS } from '@cadre/web/words';
import { useCatalogue } from '@cadre/web/catalogue';
import { useMeasuredOn, useReadings } from '@cadre/web/checks';
import { useFleet } from '@cadre/web/fleet';
import { cellWords } from '@cadre/web/measures';
import { ActButton, ChoiceChips, TextField } from '@cadre/web/ui';
import * as t from './messages';

/** A tool's figure taken to a bike: it waits at the look of the season's checklist that asks for it, until somebody marks that look. */
const props = defineProps<{ measure: Measure; typed: string }>();
const CHECKLIST = 'season-opening';
const fleet = useFleet();
const catalogue = useCatalogue();
const router = useRouter();
const measuredOn = useMeasuredOn();
const readings = useReadings();
const open = ref(false);
const tag = ref('');
const said = ref('');
const places = ref<readonly Question[]>([]);
const bike = computed(
  () => fleet.bikes.find((each) => each.tag.toLowerCase() === tag.value.trim().toLowerCase()) ?? null,
);

async function choose(): Promise<void> {
  said.value = '';
  if (!bike.value) {
    said.value = t.noBikeHasTag({ tag: tag.value.trim() });
    return;
  }
  const found = await catalogue.checklistByKey(CHECKLIST);
  const asked = found
    ? questionsOf(found.checklist, { build: bike.value.build, parts: bike.value.parts })
    : [];
  places.value = asked.filter((each) => each.checkpoint.measure === props.measure);
  const [only, ...more] = places.value;
  if (!only) said.value = found ? t.tagHasNoQuestion({ tag: bike.value.tag }) : t.seasonChecklistNotLoaded;
  else if (more.length === 0) await take(only);
}
async function take(question: Question): Promise<void> {
  if (!bike.value) return;
  const cell = takeReading(props.measure, props.typed, measuredOn(bike.value, question, { key: CHECKLIST }));
  if (cell.kind !== 'reading') {
    said.value = cellWords(cell, props.typed).said;
    return;
  }
  readings(bike.value.id).take(question, cell.reading, null);
  await router.push({
    name: 'stand',
    params: { bikeId: bike.value.id },
    query: { checklist: CHECKLIST, at: question.key, from: router.currentRoute.value.fullPath },
  });
}
const nameOf = (question: Question): string =>
  `${question.checkpoint.name}${question.position === 'only' ? '' : `, ${POSITION_WORDS[question.position]}`}`;
</script>

<template>
  <div class="border-t border-line pt-3" data-to-bike>
    <ActButton v-if="!open" @click="open = true">{{ t.useForBike }}</ActButton>
    <form v-else class="space-y-2" @submit.prevent="choose">
      <TextField v-model="tag" :label="t.tagBike" :error="said || null" :hint="t.valueAppearsBikesQuestion" />
      <ChoiceChips
        v-if="places.length > 1"
        :name="t.where"
        :options="places.map((each) => ({ value: each.key, label: nameOf(each) }))"
        :chosen="[]"
        @toggle="(key) => take(places.find((each) => each.key === key)!)"
      />
      <ActButton v-else kind="main" type="submit">{{ t.goStand }}</ActButton>
    </form>
  </div>
</template>
