<script setup lang="ts">
import { computed } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { asBuilt } from '@cadre/core/catalogue';
import { rulesOfProgram, settlingQuestions } from '@cadre/core/services';
import { CHECKPOINTS, shippedServices } from '@cadre/core/shipped';
import { useCatalogue, usePolicyOn } from '@cadre/web/catalogue';
import ServicesDue from './ServicesDue.vue';
import * as t from './messages';

/** What is overdue on the bike in the stand, besides what this very check settles once it is signed. */
const props = defineProps<{
  bike: Bike;
  /** The questions that passed in it. */
  passed: ReadonlySet<string>;
  timeZone?: string | undefined;
}>();
const catalogue = useCatalogue();
const policyOn = usePolicyOn();
const BY_KEY = new Map(CHECKPOINTS.map((checkpoint) => [checkpoint.key, checkpoint]));
const settled = computed(() => {
  const policy = catalogue.policy();
  if (!policy) return new Set<string>();
  return new Set(
    rulesOfProgram(shippedServices(policyOn(props.bike).practices), policy.services)
      .filter((rule) => {
        const questions = settlingQuestions(rule, asBuilt(props.bike.build), BY_KEY);
        return questions.length > 0 && questions.every((question) => props.passed.has(question));
      })
      .map((rule) => rule.key),
  );
});
</script>

<template>
  <ServicesDue :bike="bike" :except="settled" :time-zone="timeZone">
    <h3 class="sturdy mb-1 text-lg">{{ t.serviceNeeded }}</h3>
  </ServicesDue>
</template>
