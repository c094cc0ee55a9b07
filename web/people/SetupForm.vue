<script setup lang="ts">
import { reactive } from 'vue';
import { setUp } from '@cadre/contract/setup';
import { fieldWords } from '@cadre/web/platform/api';
import { useAct } from '@cadre/web/platform/act';
import { ActButton, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import { useSession } from './use-session';
import * as t from './messages';

const emit = defineEmits<{ done: [] }>();
const session = useSession();
const refusal = useRefusal();
const act = useAct();
const fields = reactive({
  programName: '',
  siteName: '',
  timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
  opensAt: '09:00',
  leadName: '',
  signInName: '',
  secret: '',
});
const LABELS: Record<keyof typeof fields, { label: string; hint?: string; type?: string }> = {
  programName: { label: t.program, hint: t.nameLodgeParkSchool },
  siteName: { label: t.firstSite, hint: t.placeWhereBikesStored },
  timeZone: { label: t.timeZone },
  opensAt: { label: t.opensAt, type: t.time },
  leadName: { label: t.yourName },
  signInName: { label: t.yourSignInName, hint: t.lowerCaseLettersDigits },
  secret: { label: t.yourCode, hint: t.least8Characters, type: t.password },
};
const errorOf = (path: string): string | null => {
  const issue = refusal.fields.value.find((each) => each.path === path);
  return issue ? fieldWords(issue.code, issue.params) : null;
};
async function submit(): Promise<void> {
  const done = await refusal.run(async () => {
    await session.take(await act(setUp, { body: { ...fields } }));
    session.openKey(fields.secret);
  });
  if (done) emit('done');
}
</script>

<template>
  <form class="space-y-3" novalidate @submit.prevent="submit">
    <TextField
      v-for="(words, name) in LABELS"
      :key="name"
      v-model="fields[name]"
      :label="words.label"
      :hint="words.hint"
      :type="words.type"
      :error="errorOf(name)"
      :autocomplete="name === 'secret' ? 'new-password' : 'off'"
    />
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <ActButton kind="main" big type="submit" class="w-full" :disabled="refusal.busy.value">{{
      t.setUp
    }}</ActButton>
  </form>
</template>
