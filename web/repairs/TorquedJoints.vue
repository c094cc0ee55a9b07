<script setup lang="ts">
import { computed } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { WrenchChoice } from '@cadre/web/equipment';
import { useProvided } from '@cadre/web/platform/provided';
import { ComesLoose, useLooseJoints, useTorqueRows } from '@cadre/web/torque';
import { FINISH_FORM } from './finish-key';
import TorquedJoint from './TorquedJoint.vue';
import * as t from './messages';

/** The joints the work loosens, each with what to set and a field for what it was set to; the wrench in hand goes with them. */
const props = defineProps<{ bike: Bike }>();
const form = useProvided(FINISH_FORM);
const rows = useTorqueRows(() => props.bike);
const loose = useLooseJoints(() => props.bike.id);
const shown = computed(() =>
  form.joints.value.flatMap((joint) => {
    const row = rows.value.find((each) => each.joint === joint);
    return row ? [row] : [];
  }),
);
</script>

<template>
  <fieldset v-if="shown.length" class="min-w-0" data-torqued>
    <legend class="font-semibold">{{ t.torqueUsedNM }}</legend>
    <WrenchChoice :hand="form.hand" class="mt-1 max-w-56" />
    <ul class="mt-1 grid gap-2 sm:grid-cols-2">
      <li v-for="row in shown" :key="row.joint">
        <TorquedJoint :row="row" />
        <ComesLoose v-if="loose.get(row.joint)" :loose="loose.get(row.joint)!" />
      </li>
    </ul>
  </fieldset>
</template>
