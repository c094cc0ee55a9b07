<script setup lang="ts">
import { computed, ref } from 'vue';
import { changeSecret } from '@cadre/contract/people';
import { useAct } from '@cadre/web/platform/act';
import { fieldWords } from '@cadre/web/platform/api';
import { ActButton, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import { keepKeyUnder } from './author-key';
import { useSession } from './use-session';
import * as t from './messages';

/** Changes one's own code. The new one is typed twice, as nobody can see it. */
const props = defineProps<{
  /** The current code where it was just typed. */
  current?: string;
}>();
const emit = defineEmits<{ done: [] }>();
const session = useSession();
const refusal = useRefusal();
const act = useAct();
const present = ref(props.current ?? '');
const secret = ref('');
const again = ref('');
const tried = ref(false);
const differs = computed(() => tried.value && secret.value !== again.value);
const errorOf = (path: string): string | null => {
  const issue = refusal.fields.value.find((each) => each.path === path);
  return issue ? fieldWords(issue.code, issue.params) : null;
};
async function save(): Promise<void> {
  tried.value = true;
  if (differs.value) return;
  const done = await refusal.run(async () =>
    session.take(await act(changeSecret, { body: { current: present.value, secret: secret.value } })),
  );
  if (!done) return;
  if (session.person) void keepKeyUnder(session.person, present.value, secret.value);
  emit('done');
}
</script>

<template>
  <form class="space-y-4" data-change-secret @submit.prevent="save">
    <p v-if="current" class="rounded-md bg-sunk p-3">
      {{ t.leadsCodeWasValid }}
    </p>
    <TextField
      v-else
      v-model="present"
      :label="t.currentCode"
      type="password"
      autocomplete="current-password"
      :error="errorOf('current')"
      data-present-secret
    />
    <TextField
      v-model="secret"
      :label="t.newCode"
      :hint="t.least8Characters"
      type="password"
      autocomplete="new-password"
      :error="errorOf('secret')"
      data-new-secret
    />
    <TextField
      v-model="again"
      :label="t.repeatNewCode"
      type="password"
      autocomplete="new-password"
      :error="differs ? t.notSameCode : null"
      data-new-secret-again
    />
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <ActButton kind="main" big type="submit" class="w-full" :disabled="refusal.busy.value">{{
      t.changeCode
    }}</ActButton>
  </form>
</template>
