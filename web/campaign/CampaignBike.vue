<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import type { Campaign } from '@cadre/contract/campaign';
import { dayWords } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton, SelectField, TextField } from '@cadre/web/ui';
import type { BoardSlot } from './use-board';
import * as t from './messages';

/** The bike that is chosen: what it takes, and where it can be put. */
const props = defineProps<{ campaign: Campaign; entry: BoardSlot; busy: boolean }>();
const emit = defineEmits<{ fix: [day: string, personId: string]; letGo: []; close: [] }>();
const fleet = useFleet();
const session = useSession();
const day = ref(props.entry.day);
const personId = ref(props.entry.personId);
const partsOn = computed(
  () => props.campaign.bikes.find((bike) => bike.bikeId === props.entry.bikeId)?.partsOn ?? null,
);
const people = computed(() =>
  props.campaign.people.map((each) => ({ value: each.personId, label: fleet.nameOf(each.personId) })),
);
const panel = ref<HTMLElement | null>(null);
// On a narrow screen it stands above the days: it comes into sight when a bike is chosen.
onMounted(() => panel.value?.scrollIntoView({ block: 'nearest' }));
</script>

<template>
  <form
    ref="panel"
    class="flex flex-wrap items-end gap-x-4 gap-y-2 rounded-lg border-2 border-act bg-plate px-4 py-3"
    data-campaign-bike
    @submit.prevent="emit('fix', day, personId)"
  >
    <p class="min-w-52 grow leading-tight">
      <strong class="sturdy text-lg">{{
        t.bikeOn({ tag: entry.tag, day: dayWords(entry.day), name: fleet.nameOf(entry.personId) })
      }}</strong>
      <span class="block text-soft"
        >{{ entry.done ? t.doneWord : t.takes({ minutes: entry.minutes })
        }}<template v-if="partsOn"> · {{ t.partsFrom({ day: dayWords(partsOn) }) }}</template></span
      >
    </p>
    <template v-if="!entry.done && session.may('edit-fleet')">
      <TextField v-model="day" type="date" :label="t.day" data-move-day />
      <SelectField v-model="personId" :label="t.person" :options="people" class="min-w-44" />
      <ActButton type="submit" :disabled="busy" data-fix>{{ t.moveIt }}</ActButton>
      <ActButton v-if="entry.fixed" :disabled="busy" data-let-go @click="emit('letGo')">{{
        t.letGo
      }}</ActButton>
    </template>
    <ActButton
      v-if="!entry.done && session.may('mark')"
      kind="main"
      :to="{
        name: 'stand',
        params: { bikeId: entry.bikeId },
        query: { checklist: campaign.checklistKey },
      }"
      data-start-check
      >{{ t.openBike }}</ActButton
    >
    <ActButton kind="quiet" @click="emit('close')">{{ t.close }}</ActButton>
  </form>
</template>
