<script setup lang="ts">
import { computed } from 'vue';
import { ChoiceChips } from '@cadre/web/ui';
import { useFleet } from '@cadre/web/fleet';
import * as t from './messages';

/** Who is meant to work on something: none chosen means everyone. There is nothing to choose where one works alone. */
const people = defineModel<readonly string[]>({ required: true });
const fleet = useFleet();
const crew = computed(() =>
  (fleet.wall?.people ?? []).map((person) => ({ value: person.id, label: person.name })),
);
</script>

<template>
  <fieldset v-if="crew.length > 1">
    <legend class="sturdy text-xl">{{ t.people }}</legend>
    <ChoiceChips :name="t.people" :options="crew" :chosen="people" @choose="(chosen) => (people = chosen)" />
    <p class="mt-1 text-soft">{{ t.noOneChosen }}</p>
  </fieldset>
</template>
