<script setup lang="ts">
import { ref } from 'vue';
import { ChevronDown } from '@lucide/vue';
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue';
import { fitItem, JOINTS, type Joint, type TorqueByJoint } from '@cadre/core/fleet';
import { readNumber } from '@cadre/core/measures';
import { JOINT_WORDS } from '@cadre/web/words';
import { TextField } from '@cadre/web/ui';
import * as t from './messages';

/** The house's own most for each joint: it lowers what is stated on the parts, and never raises it. */
const most = defineModel<TorqueByJoint>({ required: true });
const emit = defineEmits<{ wrong: [joints: readonly Joint[]] }>();
const typed = ref<Partial<Record<Joint, string>>>({});
const wrong = ref<ReadonlySet<Joint>>(new Set());

function range(joint: Joint): { least: number; most: number } {
  const stated = fitItem(`torqueMax:${joint}`)?.stated;
  return stated?.type === 'number' ? stated : { least: 0.5, most: 80 };
}
function set(joint: Joint, text: string): void {
  typed.value = { ...typed.value, [joint]: text };
  const read = text.trim() === '' ? undefined : readNumber(text.replace(/\s*n\s*m$/i, ''));
  const ok = read === undefined || (read !== null && read >= range(joint).least && read <= range(joint).most);
  wrong.value = new Set([...wrong.value, joint].filter((each) => each !== joint || !ok));
  emit('wrong', [...wrong.value]);
  if (ok)
    most.value = Object.fromEntries(
      Object.entries({ ...most.value, [joint]: read }).filter(([, value]) => value !== undefined),
    );
}
</script>

<template>
  <Disclosure v-slot="{ open }" as="div" class="border-b-2 border-line" data-policy-torque>
    <DisclosureButton class="flex min-h-12 w-full items-center gap-3 py-2 text-left">
      <ChevronDown :size="22" aria-hidden="true" :class="open && 'rotate-180'" />
      <span class="sturdy text-lg">{{ t.yourMaximumTorque }}</span>
      <span class="text-soft">{{
        Object.keys(most).length
          ? t.keysJointsSet({ keys: Object.keys(most).length, joints: JOINTS.length })
          : t.asMarkedOnParts
      }}</span>
    </DisclosureButton>
    <DisclosurePanel class="grid gap-3 pb-4 sm:grid-cols-2 xl:grid-cols-3">
      <p class="col-span-full text-soft">
        {{ t.yourMaximumCanLower }}
      </p>
      <TextField
        v-for="joint in JOINTS"
        :key="joint"
        :model-value="typed[joint] ?? String(most[joint] ?? '')"
        :label="`${JOINT_WORDS[joint]}, N m`"
        :error="
          wrong.has(joint)
            ? t.enterNumberFromLeast({ least: range(joint).least, most: range(joint).most })
            : null
        "
        inputmode="decimal"
        :data-torque-most="joint"
        @update:model-value="(text: string) => set(joint, text)"
      />
    </DisclosurePanel>
  </Disclosure>
</template>
