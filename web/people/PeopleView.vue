<script setup lang="ts">
import { onMounted, reactive, ref } from 'vue';
import { addPerson, changePerson, listPeople, setCompetence, type Person } from '@cadre/contract/people';
import type { System } from '@cadre/core/catalogue';
import { ROLES, type Role } from '@cadre/core/people';
import { ROLE_WORDS } from '@cadre/web/words';
import { fieldWords, send } from '@cadre/web/platform/api';
import { now as serverNow } from '@cadre/web/platform/time';
import { useAct } from '@cadre/web/platform/act';
import { ActButton, CheckField, NoticePlate, SelectField, TextField, useRefusal } from '@cadre/web/ui';
import RemoveName from './RemoveName.vue';
import ResetSecret from './ResetSecret.vue';
import { savePersonData } from './save-person-data';
import SignedFor from './SignedFor.vue';
import { useSession } from './use-session';
import * as t from './messages';

const session = useSession();
const people = ref<readonly Person[]>([]);
const resetting = ref<string | null>(null);
const removing = ref<string | null>(null);
const list = useRefusal();
const adding = useRefusal();
const act = useAct();
const fresh = reactive({ name: '', signInName: '', role: 'inspector', secret: '' });
const trainee = ref(false);
const ROLE_OPTIONS = ROLES.map((role) => ({ value: role, label: ROLE_WORDS[role] }));
const errorIn = (refusal: typeof adding, path: string): string | null => {
  const issue = refusal.fields.value.find((each) => each.path === path);
  return issue ? fieldWords(issue.code, issue.params) : null;
};
const reload = async (): Promise<void> => {
  people.value = (await send(listPeople)).people;
};
onMounted(() => list.run(reload));
const add = (): Promise<boolean> =>
  adding.run(async () => {
    await act(addPerson, {
      body: {
        name: fresh.name,
        signInName: fresh.signInName,
        role: fresh.role as Role,
        trainee: trainee.value,
        secret: fresh.secret,
      },
    });
    Object.assign(fresh, { name: '', signInName: '', secret: '' });
    await reload();
  });
const change = (
  person: Person,
  part: Partial<Pick<Person, 'role' | 'trainee' | 'active'>>,
): Promise<boolean> =>
  list.run(async () => {
    const { role, trainee: learns, active, version } = { ...person, ...part };
    await act(changePerson, { params: { id: person.id }, body: { role, trainee: learns, active, version } });
    await reload();
  });
const sign = (person: Person, system: System, signed: boolean): Promise<boolean> =>
  list.run(async () => {
    await act(setCompetence, { params: { id: person.id, system }, body: { signed, at: serverNow() } });
    await reload();
  });
</script>

<template>
  <main class="max-w-5xl space-y-6 px-4 pb-10 pt-3">
    <h1 class="sturdy text-2xl">{{ t.peopleSettings }}</h1>
    <NoticePlate v-if="list.said.value" :said="list.said.value" />
    <section aria-labelledby="who">
      <h2 id="who" class="sturdy text-xl">{{ t.people }}</h2>
      <ul class="mt-2 divide-y divide-line rounded-lg border-2 border-ink/60 bg-plate">
        <li
          v-for="person in people"
          :key="person.id"
          class="flex flex-wrap items-center gap-3 px-4 py-2"
          :class="!person.active && 'text-soft'"
        >
          <p class="grow leading-tight">
            <span class="font-semibold">{{ person.name }}</span><span v-if="!person.active"
              >{{ ' ' }}{{ t.left }}</span
            ><br /><span class="text-soft">{{ person.signInName }}</span>
          </p>
          <SelectField
            :model-value="person.role"
            :label="t.roleName({ name: person.name })"
            hide-label
            :options="ROLE_OPTIONS"
            :disabled="person.id === session.person?.id"
            @update:model-value="(role) => change(person, { role })"
          />
          <CheckField
            :model-value="person.trainee"
            @update:model-value="change(person, { trainee: $event })"
            :disabled="person.id === session.person?.id"
            >{{ t.trainee }}</CheckField
          >
          <ActButton
            v-if="person.active && person.id !== session.person?.id"
            :data-reset-secret="person.signInName"
            @click="resetting = resetting === person.id ? null : person.id"
            >{{ t.newCode }}</ActButton
          >
          <ActButton
            :aria-label="t.saveDataName({ name: person.name })"
            @click="list.run(() => savePersonData(person))"
            >{{ t.saveData }}</ActButton
          >
          <ActButton
            v-if="!person.active && !person.nameless"
            :aria-expanded="removing === person.id"
            :data-remove-name-of="person.signInName"
            @click="removing = removing === person.id ? null : person.id"
            >{{ t.removeName }}</ActButton
          >
          <ActButton
            v-if="person.id !== session.person?.id && !person.nameless"
            @click="change(person, { active: !person.active })"
            >{{ person.active ? t.hasLeft : t.isBack }}</ActButton
          >
          <ResetSecret
            v-if="resetting === person.id"
            class="w-full"
            :person="person"
            @done="resetting = null"
          />
          <RemoveName
            v-if="removing === person.id"
            class="w-full"
            :person="person"
            @done="
              removing = null;
              list.run(reload);
            "
          />
          <SignedFor
            v-if="person.trainee && person.active"
            class="w-full"
            :person="person"
            :people="people"
            @sign="(system, signed) => sign(person, system, signed)"
          />
        </li>
      </ul>
      <form class="mt-3 grid gap-3 rounded-lg bg-sunk p-4 sm:grid-cols-2" novalidate @submit.prevent="add">
        <TextField v-model="fresh.name" :label="t.name" :error="errorIn(adding, 'name')" />
        <TextField
          v-model="fresh.signInName"
          :label="t.signInName"
          :hint="t.lowerCaseLettersDigits"
          :error="errorIn(adding, 'signInName')"
        />
        <SelectField v-model="fresh.role" :label="t.role" :options="ROLE_OPTIONS" />
        <TextField
          v-model="fresh.secret"
          :label="t.code"
          :hint="t.least8Characters"
          type="password"
          autocomplete="new-password"
          :error="errorIn(adding, 'secret')"
        />
        <CheckField v-model="trainee">{{ t.traineeAnswersCriticalQuestions }}</CheckField>
        <ActButton kind="main" type="submit" :disabled="adding.busy.value">{{ t.addPerson }}</ActButton>
        <NoticePlate v-if="adding.said.value" :said="adding.said.value" class="sm:col-span-2" />
      </form>
    </section>
    <p class="max-w-prose text-soft">
      {{ t.setHowAnswersGiven }}
      <RouterLink :to="{ name: 'policy' }" class="text-act underline">{{ t.policy }}</RouterLink>.
    </p>
  </main>
</template>
