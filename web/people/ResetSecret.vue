<script setup lang="ts">
import { ref } from 'vue';
import { resetSecret, type Person } from '@cadre/contract/people';
import { useAct } from '@cadre/web/platform/act';
import { fieldWords } from '@cadre/web/platform/api';
import { ActButton, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import * as t from './messages';

/** A code for somebody who has forgotten theirs. It is shown while it is typed, because the lead passes it on. */
const props = defineProps<{ person: Person }>();
const emit = defineEmits<{ done: [] }>();
const refusal = useRefusal();
const act = useAct();
const secret = ref('');
const given = ref('');
async function save(): Promise<void> {
  await refusal.run(async () => {
    await act(resetSecret, { params: { id: props.person.id }, body: { secret: secret.value } });
    given.value = secret.value;
  });
}
</script>

<template>
  <div class="rounded-md bg-sunk p-3" data-reset>
    <p v-if="given" class="flex flex-wrap items-center gap-3" role="status">
      <span class="grow"
        >{{ t.tellName({ name: person.name }) }} <span class="figures sturdy text-lg">{{ given }}</span>{{
          t.codeValidForOne({ name: person.name })
        }}</span
      >
      <ActButton @click="emit('done')">{{ t.done }}</ActButton>
    </p>
    <form v-else class="flex flex-wrap items-center gap-3" @submit.prevent="save">
      <TextField
        v-model="secret"
        class="min-w-56 grow"
        :label="t.codeForNameS({ name: person.name })"
        :hint="t.least8CharactersName({ name: person.name })"
        :error="
          refusal.fields.value[0]
            ? fieldWords(refusal.fields.value[0].code, refusal.fields.value[0].params)
            : null
        "
      />
      <ActButton kind="main" type="submit" :disabled="refusal.busy.value || !secret">{{
        t.setCode
      }}</ActButton>
      <ActButton @click="emit('done')">{{ t.cancel }}</ActButton>
      <NoticePlate
        v-if="refusal.said.value && !refusal.fields.value.length"
        :said="refusal.said.value"
        class="w-full"
      />
    </form>
  </div>
</template>
