<script setup lang="ts">
import { computed, ref } from 'vue';
import type { EquipmentItem } from '@cadre/contract/equipment';
import { checkDueAt, instrumentOf, permittedError } from '@cadre/core/equipment';
import { readNumber } from '@cadre/core/measures';
import { fieldWords } from '@cadre/web/platform/api';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import DoubtfulReadings from './DoubtfulReadings.vue';
import { EQUIPMENT_WORDS, checkWords } from './equipment-words';
import type { DoubtfulUse, EquipmentStore } from './use-equipment';
import * as t from './messages';

/** One tool: its reference check, and when it failed, what it measured since it last passed. */
const props = defineProps<{ item: EquipmentItem; doubtful: readonly DoubtfulUse[]; store: EquipmentStore }>();
const emit = defineEmits<{ change: []; close: [] }>();
const fleet = useFleet();
const session = useSession();
const now = useNow();
const refusal = useRefusal();
const zone = computed(() => fleet.siteById.get(props.item.siteId)?.timeZone);
const when = (at: number): string => dayAndClock(at, now.value, zone.value);
const byValue = computed(() => instrumentOf(props.item.kind) !== null);
const due = computed(() => checkDueAt(props.item, props.item));
const reference = ref('');
const shown = ref('');
const note = ref('');
const tried = ref(false);
const numberOf = (text: string): number | null => readNumber(text);
function errorOf(key: 'reference' | 'shown', text: string): string | null {
  if (tried.value && numberOf(text) === null) return t.enterNumber;
  const issue = refusal.fields.value.find(({ path }) => path === key);
  return issue ? fieldWords(issue.code, issue.params) : null;
}
const error = computed(() => permittedError(props.item));
async function check(looksGood: boolean | null): Promise<void> {
  tried.value = true;
  const [against, value] = [numberOf(reference.value), numberOf(shown.value)];
  if (byValue.value && (against === null || value === null)) return;
  const values = byValue.value ? { reference: against, shown: value } : { reference: null, shown: null };
  const said = { ...values, looksGood, note: note.value.trim() };
  if (!(await refusal.run(() => props.store.check(props.item.id, said)))) return;
  reference.value = shown.value = note.value = '';
  tried.value = false;
}
const reason = ref('');
const withdraw = (): Promise<boolean> =>
  refusal.run(() => props.store.withdraw(props.item.id, reason.value.trim()));
</script>

<template>
  <section
    class="space-y-3 rounded-lg border-2 border-act bg-plate p-3"
    :aria-label="item.tag"
    data-equipment-detail
  >
    <div class="flex items-baseline gap-2">
      <h2 class="sturdy grow text-2xl">{{ item.tag }}</h2>
      <span class="text-soft">{{ EQUIPMENT_WORDS[item.kind] }}</span>
    </div>
    <p>
      {{ checkWords(item)
      }}<template v-if="item.lastCheck">
        · {{ fleet.nameOf(item.lastCheck.by) }}, {{ when(item.lastCheck.at) }}</template
      >
      <span v-if="due" class="block text-soft">{{ t.nextDue({ when: when(due) }) }}</span>
    </p>
    <p v-if="item.withdrawn" class="font-semibold">{{ t.withdrawnBecause({ reason: item.withdrawn }) }}</p>
    <p
      v-if="item.lastCheck && !item.lastCheck.passed"
      class="border-l-4 border-held bg-held-wash px-3 py-2 font-semibold text-held"
    >
      {{ byValue ? t.doNotUseInstrument : t.doNotUseTool }}
    </p>
    <DoubtfulReadings v-if="doubtful.length" :doubtful="doubtful" :time-zone="zone" />
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <form
      v-if="session.may('repair') && !item.withdrawn"
      class="space-y-3 rounded-md bg-sunk p-3"
      novalidate
      data-reference-form
      @submit.prevent="check(null)"
    >
      <h3 class="sturdy text-lg">{{ t.referenceCheck }}</h3>
      <template v-if="byValue">
        <p class="leading-snug">
          {{ t.referenceHow({ error: String(error ?? ''), unit: item.unit ?? '' }) }}
        </p>
        <div class="grid grid-cols-2 gap-3">
          <TextField
            v-model="reference"
            :label="t.referenceValue({ unit: item.unit ?? '' })"
            inputmode="decimal"
            :error="errorOf('reference', reference)"
            data-reference
          />
          <TextField
            v-model="shown"
            :label="t.shownValue({ unit: item.unit ?? '' })"
            inputmode="decimal"
            :error="errorOf('shown', shown)"
            data-shown
          />
        </div>
      </template>
      <p v-else class="leading-snug">{{ t.lookHow }}</p>
      <TextField v-model="note" :label="t.note" maxlength="400" />
      <ActButton v-if="byValue" kind="main" type="submit" :disabled="refusal.busy.value" data-save-check>{{
        t.saveCheck
      }}</ActButton>
      <div v-else class="flex flex-wrap gap-2">
        <ActButton kind="main" :disabled="refusal.busy.value" data-looks-good @click="check(true)">{{
          t.good
        }}</ActButton>
        <ActButton :disabled="refusal.busy.value" data-looks-worn @click="check(false)">{{
          t.worn
        }}</ActButton>
      </div>
    </form>
    <form
      v-if="session.may('edit-fleet') && !item.withdrawn"
      class="flex flex-wrap items-end gap-2"
      @submit.prevent="withdraw"
    >
      <TextField v-model="reason" class="min-w-40 grow" :label="t.withdrawReason" maxlength="400" />
      <ActButton type="submit" :disabled="!reason.trim() || refusal.busy.value">{{ t.withdraw }}</ActButton>
    </form>
    <div class="flex gap-2">
      <ActButton v-if="session.may('edit-fleet') && !item.withdrawn" @click="emit('change')">{{
        t.change
      }}</ActButton>
      <ActButton kind="quiet" @click="emit('close')">{{ t.close }}</ActButton>
    </div>
  </section>
</template>
