<script setup lang="ts">
import type { Person } from '@cadre/contract/people';
import { SYSTEMS, type System } from '@cadre/core/catalogue';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { SYSTEM_WORDS } from '@cadre/web/words';
import { CheckField } from '@cadre/web/ui';
import * as t from './messages';

/** What somebody learning may be trusted with by station, system by system, each under the lead's name. */
const props = defineProps<{ person: Person; people: readonly Person[] }>();
const emit = defineEmits<{ sign: [system: System, signed: boolean] }>();
const now = useNow();
const competence = (system: System) => props.person.competences.find((each) => each.system === system);
function signedWords(system: System): string {
  const found = competence(system);
  if (!found) return '';
  return `${props.people.find((each) => each.id === found.signedBy)?.name.split(' ')[0] ?? ''}, ${dayAndClock(found.signedAt, now.value)}`;
}
</script>

<template>
  <fieldset class="rounded-md bg-sunk p-3">
    <legend class="sr-only">{{ t.stationsNameSignedOff({ name: person.name }) }}</legend>
    <p class="leading-snug">
      <span class="font-semibold">{{ t.signedOffFor }}</span>{{ ' '
      }}<span class="text-soft">{{ t.answersTheseStationEvery }}</span>
    </p>
    <div class="mt-1 grid gap-x-4 sm:grid-cols-2 lg:grid-cols-4">
      <CheckField
        v-for="system in SYSTEMS"
        :key="system"
        :model-value="competence(system) !== undefined"
        @update:model-value="emit('sign', system, $event)"
        :data-competence="`${person.signInName}:${system}`"
        ><span
          >{{ SYSTEM_WORDS[system]
          }}<span v-if="competence(system)" class="block text-sm text-soft">{{
            signedWords(system)
          }}</span></span
        ></CheckField
      >
    </div>
  </fieldset>
</template>
