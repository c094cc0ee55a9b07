<script setup lang="ts">
import { computed, ref } from 'vue';
import type { KitItem } from '@cadre/contract/kit';
import type { KitProblem } from '@cadre/core/kit';
import { useSession } from '@cadre/web/people';
import { ActButton, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import type { KitStore } from './use-kit';
import * as t from './messages';

/** An item that was looked over: it may be lent again, or is withdrawn with a reason. An expired one cannot become ready here. */
const props = defineProps<{ item: KitItem; problems: readonly KitProblem[]; store: KitStore }>();
const refusal = useRefusal();
const note = ref('');
const session = useSession();
/** Somebody wants to withdraw it, and is asked why. */
const withdrawing = ref(false);
const hadImpact = computed(() => props.item.impactOn !== null);
/** After an impact a reason is asked for whatever is decided. */
const asksReason = computed(() => hadImpact.value || withdrawing.value);
const asked = computed(() => props.problems.some((each) => each !== 'expired'));
const readyWords = computed(() =>
  props.item.missing.length > 0 ? t.readyAgainFilled : props.item.damp ? t.readyAgainDry : t.readyAgain,
);
async function say(ready: boolean): Promise<void> {
  if ((!ready || hadImpact.value) && !note.value.trim()) {
    refusal.said.value = { what: t.enterReason, todo: t.reasonGoesOnRecord };
    return;
  }
  if (await refusal.run(() => props.store.inspect(props.item.id, ready, note.value.trim()))) note.value = '';
}
</script>

<template>
  <div class="space-y-2 border-t-2 border-line pt-2">
    <div v-if="!asksReason" class="flex flex-wrap gap-2">
      <ActButton
        v-if="asked"
        kind="main"
        class="grow"
        :disabled="refusal.busy.value"
        data-kit-ready
        @click="say(true)"
        >{{ readyWords }}</ActButton
      >
      <ActButton data-ask-withdraw @click="withdrawing = true">{{ t.withdraw({ tag: item.tag }) }}</ActButton>
    </div>
    <template v-else>
      <TextField
        v-model="note"
        :label="t.reason"
        :hint="t.reasonGoesOnRecord"
        maxlength="400"
        data-kit-note
      />
      <div class="flex flex-wrap gap-2">
        <ActButton kind="main" :disabled="refusal.busy.value" data-withdraw @click="say(false)">{{
          t.withdraw({ tag: item.tag })
        }}</ActButton>
        <ActButton
          v-if="hadImpact && session.may('release')"
          :disabled="refusal.busy.value"
          data-no-impact
          @click="say(true)"
          >{{ t.impactDoesNotCount }}</ActButton
        >
        <ActButton v-if="!hadImpact" kind="quiet" @click="withdrawing = false">{{ t.cancel }}</ActButton>
      </div>
    </template>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
  </div>
</template>
