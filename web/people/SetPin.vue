<script setup lang="ts">
import { ref } from 'vue';
import { setPin } from '@cadre/contract/people';
import { useAct } from '@cadre/web/platform/act';
import { fieldWords } from '@cadre/web/platform/api';
import { ActButton, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import { useSession } from './use-session';
import * as t from './messages';

/** A short number for this browser, set by whoever knows the code. */
const emit = defineEmits<{ done: [] }>();
const session = useSession();
const refusal = useRefusal();
const act = useAct();
const current = ref('');
const pin = ref('');
const errorOf = (path: string): string | null => {
  const issue = refusal.fields.value.find((each) => each.path === path);
  if (!issue) return null;
  return path === 'pin' ? t.n46Digits : fieldWords(issue.code, issue.params);
};
async function save(): Promise<void> {
  const done = await refusal.run(async () =>
    session.take(await act(setPin, { body: { current: current.value, pin: pin.value } })),
  );
  if (done) emit('done');
}
</script>

<template>
  <form class="space-y-4" data-set-pin @submit.prevent="save">
    <p class="rounded-md bg-sunk p-3">
      {{ t.pinFasterSignIn }}
    </p>
    <TextField
      v-model="pin"
      :label="t.pin"
      :hint="t.n46Digits"
      type="password"
      inputmode="numeric"
      autocomplete="off"
      :error="errorOf('pin')"
      data-new-pin
    />
    <TextField
      v-model="current"
      :label="t.yourCode"
      type="password"
      autocomplete="current-password"
      :error="errorOf('current')"
      data-pin-code
    />
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <ActButton kind="main" type="submit" :disabled="refusal.busy.value">{{ t.setPin2 }}</ActButton>
  </form>
</template>
