<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import { FINISH_FORM } from './finish-key';
import { computed } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { readNumber } from '@cadre/core/measures';
import type { TorqueCardRow } from '@cadre/core/torque';
import { JOINT_WORDS } from '@cadre/web/words';
import { ComesLoose, useLooseJoints, useTorqueRows } from '@cadre/web/torque';
import * as t from './messages';

/** The joints the work loosens, each with what to set and a field for what it was set to. */
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
const floored = (value: number): number => Math.floor(value * 100) / 100;
const most = (row: TorqueCardRow): number | null => {
  const stated = row.stated.filter((each) => each.end === 'most').map((each) => each.value);
  return stated.length > 0 ? Math.min(...stated) : null;
};
const over = (row: TorqueCardRow): boolean => {
  const value = readNumber(form.torques[row.joint] ?? '');
  const ceiling = most(row);
  return value !== null && ceiling !== null && value > ceiling;
};
const target = (row: TorqueCardRow): string => {
  if (row.way === 'just-firm') return t.onlyFirmEnoughTurn;
  const ceiling = most(row);
  if (ceiling === null) return t.noValueKnownRead;
  return row.answer?.kind === 'target'
    ? t.setFlooredNM({ floored: floored(row.answer.target) })
    : t.valuesConflictAskMaker;
};
</script>

<template>
  <fieldset v-if="shown.length" class="min-w-0" data-torqued>
    <legend class="font-semibold">{{ t.torqueUsedNM }}</legend>
    <ul class="mt-1 grid gap-2 sm:grid-cols-2">
      <li v-for="row in shown" :key="row.joint">
        <label class="flex items-center gap-2">
          <span class="min-w-0 grow leading-tight"
            >{{ JOINT_WORDS[row.joint] }}<br /><span class="text-[0.95rem] text-soft">{{
              target(row)
            }}</span></span
          >
          <input
            :value="form.torques[row.joint] ?? ''"
            inputmode="decimal"
            class="figures h-12 w-24 shrink-0 rounded-md border-2 bg-plate px-3"
            :class="
              over(row) || form.torquesWrong.value.includes(row.joint) ? 'border-held' : 'border-ink/60'
            "
            :aria-invalid="over(row) || form.torquesWrong.value.includes(row.joint)"
            :data-torque-of="row.joint"
            @input="form.tighten(row.joint, ($event.target as HTMLInputElement).value)"
        /></label>
        <ComesLoose v-if="loose.get(row.joint)" :loose="loose.get(row.joint)!" />
        <p v-if="over(row)" class="font-semibold text-held">
          {{ t.aboveMaximumMostN({ most: most(row) ?? '' }) }}
        </p>
        <p v-else-if="form.torquesWrong.value.includes(row.joint)" class="font-semibold text-held">
          {{ t.enterNumberFrom0 }}
        </p>
      </li>
    </ul>
  </fieldset>
</template>
