<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { ZONE_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton, NoticePlate, TextField } from '@cadre/web/ui';
import RecordedAnswer from './RecordedAnswer.vue';
import { useCheckRecord } from './use-check-record';
import * as t from './messages';

/** A check as it was signed. What was wrong in it is corrected by another one that names it, with the reason. */
const props = defineProps<{ checkId: string }>();
const fleet = useFleet();
const session = useSession();
const router = useRouter();
const now = useNow();
const record = useCheckRecord();
const { check, zones, refusal, amending, reason } = record;
const changing = ref(false);
const open = ref<string | null>(null);
const tried = ref(false);
onMounted(async () => {
  if (!fleet.wall) await fleet.load();
});
watch(
  () => props.checkId,
  (id) => void record.load(id),
  { immediate: true },
);
const bike = computed(() => fleet.bikeById.get(check.value?.bikeId ?? '') ?? null);
const zone = computed(() => fleet.siteById.get(bike.value?.siteId ?? '')?.timeZone);
const mayAmend = computed(
  () =>
    session.may('sign') &&
    !session.person?.trainee &&
    check.value?.state === 'signed' &&
    check.value.repairId === null,
);
const people = computed(() =>
  [...new Set((check.value?.marks ?? []).map((mark) => mark.author))].map(fleet.nameOf),
);
async function handIn(): Promise<void> {
  tried.value = true;
  if (!reason.value.trim() || amending.value.length === 0 || !session.person) return;
  const id = await record.amend(session.person.id);
  if (id) {
    changing.value = false;
    await router.push({ name: 'check', params: { checkId: id } });
  }
}
</script>

<template>
  <main class="max-w-5xl space-y-4 px-4 pb-28 pt-3 max-sm:px-2" data-check-record>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <p v-if="!check || !bike" class="text-soft" role="status">
      <span class="sr-only">{{ t.check }}{{ ' ' }}</span
      >{{ refusal.said.value ? '' : t.loadingCheck }}
    </p>
    <template v-if="check && bike">
      <header>
        <h1 class="sturdy text-3xl leading-tight">
          <RouterLink
            :to="{ name: 'bike', params: { bikeId: bike.id } }"
            class="underline decoration-2 underline-offset-4"
            >{{ bike.tag }}</RouterLink
          >
          · {{ check.checklist.name }}<template v-if="check.amends">{{ t.amendment }}</template>
        </h1>
        <p class="text-soft">
          <template v-if="check.signedBy">{{
            t.signedNameOfWhen({
              nameOf: fleet.nameOf(check.signedBy),
              when: dayAndClock(check.signedAt ?? check.openedAt, now, zone),
            })
          }}</template>
          <template v-else>{{ t.notSigned }}</template>
          <template v-if="check.coSignedBy"
            >{{ ' ' }}{{ t.coSignedNameOf({ nameOf: fleet.nameOf(check.coSignedBy) }) }}</template
          >
          {{ t.markedPeople({ people: people.join(', ') || t.nobody }) }}
          <strong v-if="check.complete === false" class="text-watch">{{ ' ' }}{{ t.incomplete2 }}</strong>
        </p>
        <p v-if="check.amends" class="mt-1">
          {{ t.amendmentCorrects }}
          <RouterLink :to="{ name: 'check', params: { checkId: check.amends } }" class="text-act underline">{{
            t.checkWasSigned
          }}</RouterLink>:
          {{ check.reason }}
        </p>
      </header>
      <p v-if="changing" class="rounded-md bg-sunk px-3 py-2">
        {{ t.openEachWrongAnswer }}
      </p>
      <section v-for="{ zone: at, looks } in zones" :key="at" :aria-label="ZONE_WORDS[at]">
        <h2 class="sturdy border-b-2 border-line text-lg">{{ ZONE_WORDS[at] }}</h2>
        <ul>
          <RecordedAnswer
            v-for="look in looks"
            :key="look.question.key"
            :look="look"
            :build="bike.build"
            :changing="changing"
            :open="open === look.question.key"
            @toggle="open = open === look.question.key ? null : look.question.key"
            @mark="(given) => session.person && record.say(look.question, given, session.person.id)"
          />
        </ul>
      </section>
      <div
        v-if="mayAmend"
        data-bottom-bar
        class="fixed inset-x-0 bottom-[var(--nav-bar)] z-10 lg:pl-[calc(var(--nav-rail)+1rem)] border-t-2 border-ink/30 bg-ground px-4 py-2.5 max-sm:px-2"
      >
        <div class="flex max-w-5xl flex-wrap items-center gap-2">
          <ActButton v-if="!changing" data-amend @click="changing = true">{{ t.amendCheck }}</ActButton>
          <template v-else>
            <TextField
              v-model="reason"
              :label="t.reasonForAmendment"
              hide-label
              :wrong="tried && !reason.trim()"
              class="min-w-0 grow"
              maxlength="300"
              :placeholder="t.reasonForAmendment"
            />
            <ActButton @click="changing = false">{{ t.cancel }}</ActButton>
            <ActButton
              kind="main"
              :disabled="amending.length === 0 || refusal.busy.value"
              data-hand-in
              @click="handIn"
              >{{ t.amendAnswer({ amending: amending.length }) }}</ActButton
            >
            <p v-if="tried && !reason.trim()" role="alert" class="basis-full font-semibold text-held">
              {{ t.enterReasonForAmendment }}
            </p>
          </template>
        </div>
      </div>
    </template>
  </main>
</template>
