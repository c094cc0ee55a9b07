<script setup lang="ts">
import { computed, ref, provide } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { StockItem } from '@cadre/contract/parts';
import type { Repair } from '@cadre/contract/repairs';
import type { FieldIssue } from '@cadre/core/errors';
import type { Finding } from '@cadre/core/findings';
import { positionsOfTouch, TOUCHES, type Touched } from '@cadre/core/catalogue';
import { canTouch } from '@cadre/core/repairs';
import { POSITION_WORDS, TOUCH_WORDS } from '@cadre/web/words';
import { ActButton, CautionLine, TextField } from '@cadre/web/ui';
import { FINISH_FORM } from './finish-key';
import { sameTouch, useFinishForm, type Done } from './finish-form';
import TorquedJoints from './TorquedJoints.vue';
import UsedParts from './UsedParts.vue';
import * as t from './messages';

/** Done: what was done for each finding, the parts it took, what it touched, what it was tightened to. The usual is ticked already. */
const props = defineProps<{
  bike: Bike;
  repair: Repair;
  findings: readonly Finding[];
  items: readonly StockItem[];
  busy: boolean;
  fields: readonly FieldIssue[];
}>();
const emit = defineEmits<{ done: [done: Done] }>();
const form = useFinishForm(
  () => props.bike,
  props.repair,
  () => props.findings,
  () => props.items,
);
provide(FINISH_FORM, form);
const { done, minutes, minutesWrong } = form;
const all = TOUCHES.filter((touch) => canTouch(touch, props.bike.build)).flatMap((touch) =>
  positionsOfTouch(touch).map((position): Touched => ({ touch, position })),
);
const tried = ref(false);
const isChosen = (touched: Touched): boolean => form.touched.value.some((each) => sameTouch(each, touched));
/** Comes with the work itself or a part that went on: it is looked at whatever is ticked. */
const isCertain = (touched: Touched): boolean =>
  !isChosen(touched) && form.allTouched.value.some((each) => sameTouch(each, touched));
const isOfWork = (touched: Touched): boolean => form.least.value.some((each) => sameTouch(each, touched));
function toggle(touched: Touched): void {
  form.touched.value = isChosen(touched)
    ? form.touched.value.filter((each) => !sameTouch(each, touched))
    : [...form.touched.value, touched];
}
const partsError = computed(() =>
  props.fields.some((field) => field.path.startsWith('used.')) ? t.onePartsCannotUsed : null,
);
function finish(): void {
  tried.value = true;
  const said = form.read();
  if (said) emit('done', said);
}
</script>

<template>
  <form class="space-y-4" novalidate @submit.prevent="finish">
    <TextField
      v-for="finding in findings"
      :key="finding.id"
      :model-value="done[finding.id] ?? ''"
      :label="t.workDoneFault({ fault: finding.words.fault.toLowerCase() })"
      maxlength="400"
      :error="tried && !done[finding.id]?.trim() ? t.enterWorkDoneRecheck : null"
      data-done
      @update:model-value="(words) => (done[finding.id] = words)"
    />
    <UsedParts :findings="findings" :error="partsError" />
    <fieldset class="min-w-0">
      <legend class="font-semibold">{{ t.partsBikeTouchedWork }}</legend>
      <p class="text-[0.95rem] text-soft">{{ t.allTheseRecheckedAdd }}</p>
      <div class="mt-1 flex flex-wrap gap-1.5">
        <button
          v-for="touched in all"
          :key="`${touched.touch}@${touched.position}`"
          type="button"
          class="min-h-12 rounded-md border-2 px-3"
          :class="
            isChosen(touched)
              ? 'border-act bg-act font-semibold text-on-act'
              : isCertain(touched)
                ? 'border-dashed border-act bg-plate font-semibold'
                : 'border-line bg-plate'
          "
          :aria-pressed="isChosen(touched) || isCertain(touched)"
          :disabled="isCertain(touched)"
          @click="toggle(touched)"
        >
          {{ TOUCH_WORDS[touched.touch]
          }}{{ touched.position === 'only' ? '' : `, ${POSITION_WORDS[touched.position]}`
          }}<span v-if="isCertain(touched)" class="font-normal">
            · {{ isOfWork(touched) ? t.alwaysWithRepair : t.withPart }}</span
          >
        </button>
      </div>
    </fieldset>
    <TorquedJoints :bike="bike" />
    <CautionLine
      v-if="findings.some((finding) => finding.words.toMechanic)"
      :text="t.qualifiedMechanicMakerDecidesHere"
    />
    <div class="flex flex-wrap items-end gap-3">
      <TextField
        v-model="minutes"
        :label="t.minutes"
        :wrong="minutesWrong"
        class="w-24"
        inputmode="numeric"
        data-minutes
      />
      <ActButton kind="main" big type="submit" class="grow" :disabled="busy" data-finish>{{
        t.repairDone
      }}</ActButton>
    </div>
    <p v-if="minutesWrong" class="font-semibold text-held">{{ t.enterWholeMinutesFrom }}</p>
  </form>
</template>
