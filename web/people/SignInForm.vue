<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import { ROLE_WORDS } from '@cadre/web/words';
import { ActButton, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import ChangeSecret from './ChangeSecret.vue';
import { useSession } from './use-session';
import { rememberedNames } from './remembered';
import * as t from './messages';

/** Name and code. People who have signed in on this browser are one touch; gloves type only the code. */
const emit = defineEmits<{ done: [] }>();
const session = useSession();
const refusal = useRefusal();
// Apart: whoever is quick with the code does not wait for it.
const setup = useRefusal();
const said = computed(() => refusal.said.value ?? setup.said.value);
const name = ref('');
const secret = ref('');
/** Signed in with the lead's code: their own comes now. */
const choosing = ref(false);
const known = ref(rememberedNames());
const code = ref<HTMLElement | null>(null);
const hasPin = computed(() => known.value.some((each) => each.signInName === name.value && each.pin));

onMounted(() => {
  if (!session.setup) void setup.run(session.loadSetup);
});
function choose(signInName: string): void {
  name.value = signInName;
  code.value?.querySelector('input')?.focus();
}
async function enter(): Promise<void> {
  const done = await refusal.run(() => session.enter(name.value, secret.value));
  choosing.value = done && session.mustChangeSecret;
  if (done && !choosing.value) emit('done');
}
</script>

<template>
  <ChangeSecret v-if="choosing" :current="secret" @done="emit('done')" />
  <form v-else class="space-y-4" @submit.prevent="enter">
    <div v-if="known.length" role="group" :aria-label="t.peopleOnDevice" class="flex flex-wrap gap-2">
      <ActButton
        v-for="each in known"
        :key="each.signInName"
        :class="name === each.signInName && '!border-act !bg-act !text-on-act'"
        :aria-pressed="name === each.signInName"
        @click="choose(each.signInName)"
        >{{ each.name }}</ActButton
      >
    </div>
    <TextField v-model="name" :label="t.signInName" autocomplete="username" />
    <div ref="code">
      <TextField
        v-model="secret"
        :label="hasPin ? t.pinCode : t.code"
        type="password"
        autocomplete="current-password"
      />
    </div>
    <NoticePlate v-if="said" :said="said" />
    <ActButton kind="main" big type="submit" class="w-full" :disabled="refusal.busy.value">{{
      t.signIn
    }}</ActButton>
    <div v-if="session.setup?.demoPeople.length" class="rounded-md bg-sunk p-3">
      <p class="font-semibold">{{ t.demoWithInventedPeople }}</p>
      <ul class="mt-1 flex flex-wrap gap-2">
        <li v-for="person in session.setup.demoPeople" :key="person.signInName">
          <button
            type="button"
            class="min-h-12 rounded-md border-2 border-line bg-plate px-3 text-left leading-tight"
            @click="choose(person.signInName)"
          >
            {{ person.name
            }}<span class="block text-sm text-soft"
              >{{ person.signInName }} · {{ person.trainee ? t.trainee : ROLE_WORDS[person.role] }}</span
            >
          </button>
        </li>
      </ul>
      <p class="mt-1 text-sm text-soft">{{ t.theirCodesPrintedIn }}</p>
    </div>
  </form>
</template>
