<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { listFitments, takePartOff, type Fitment } from '@cadre/contract/parts';
import { DAY_MS } from '@cadre/core/time';
import { dayAndClock, now as serverNow, useNow } from '@cadre/web/platform/time';
import { send } from '@cadre/web/platform/api';
import { useAct, useAnswer } from '@cadre/web/platform/act';
import { markingsText, PART_WORDS, POSITION_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton, DisclosureBox, NoticePlate, useRefusal } from '@cadre/web/ui';
import FitPart from './FitPart.vue';
import MovePart from './MovePart.vue';
import * as t from './messages';

/** What is fitted to a bike that wears or carries a marking, and what was: fit, renew, move, take off. */
const props = defineProps<{ bike: Bike }>();
const fleet = useFleet();
const session = useSession();
const now = useNow();
const refusal = useRefusal();
const act = useAct();
const fitments = ref<readonly Fitment[]>([]);
const open = ref<{ act: 'fit' } | { act: 'renew' | 'move'; fitment: Fitment } | null>(null);

// Asked for by itself: a part is taken off while what is fitted still comes in.
const listed = useAnswer(
  () => [props.bike.id, props.bike.facts],
  async () => (await send(listFitments, { params: { id: props.bike.id } })).fitments,
);
watch(listed.answer, (found) => (fitments.value = found ?? []));
// Of another bike nothing is known yet: neither its parts nor that it has none.
watch(
  () => props.bike.id,
  () => (listed.answer.value = null),
);
const fitted = computed(() => fitments.value.filter((each) => each.removedAt === null));
const past = computed(() => fitments.value.filter((each) => each.removedAt !== null));
const placeWords = (fitment: Fitment): string =>
  `${PART_WORDS[fitment.part.kind]}${fitment.position === 'only' ? '' : `, ${POSITION_WORDS[fitment.position]}`}`;
const MONTH_DAYS = 30.44;
const monthsOf = (fitment: Fitment): number =>
  Math.floor((now.value - fitment.fittedAt) / DAY_MS / MONTH_DAYS);
function done(answer: { bike: Bike; fitments: readonly Fitment[] }): void {
  open.value = null;
  fitments.value = answer.fitments;
  fleet.put(answer.bike);
}
const takeOff = (fitment: Fitment): Promise<boolean> =>
  refusal.run(async () =>
    done(await act(takePartOff, { params: { id: fitment.id }, body: { at: serverNow() } })),
  );
</script>

<template>
  <section aria-labelledby="parts">
    <div class="flex flex-wrap items-center gap-3">
      <h2 id="parts" class="sturdy mr-auto text-xl">{{ t.parts }}</h2>
      <ActButton
        v-if="session.may('edit-fleet')"
        data-fit-part
        @click="open = open?.act === 'fit' ? null : { act: 'fit' }"
        >{{ t.fitPart }}</ActButton
      >
    </div>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" class="mt-2" />
    <FitPart
      v-if="open?.act === 'fit'"
      :bike="bike"
      :renews="null"
      class="mt-2"
      @done="done"
      @close="open = null"
    />
    <ul class="mt-2 space-y-2">
      <li
        v-for="fitment in fitted"
        :key="fitment.id"
        class="rounded-md border-2 border-line bg-plate px-3 py-2"
        :data-fitment="fitment.part.name"
      >
        <div class="flex flex-wrap items-center gap-x-3 gap-y-1">
          <p class="min-w-40 grow leading-snug">
            <span class="font-semibold">{{ placeWords(fitment) }}</span> · {{ fitment.part.name }}<br />
            <span class="figures text-[0.95rem] text-soft"
              >{{ t.sinceWhen({ when: dayAndClock(fitment.fittedAt, now) })
              }}<template v-if="monthsOf(fitment) > 0">
                · {{ t.monthsOld({ months: monthsOf(fitment) }) }}</template
              ><template v-if="fitment.part.facts.designation">
                · {{ fitment.part.facts.designation }}</template
              ><template v-if="markingsText(fitment.part.markings)">
                · {{ markingsText(fitment.part.markings) }}</template
              ></span
            >
          </p>
          <template v-if="session.may('edit-fleet')">
            <ActButton data-renew @click="open = { act: 'renew', fitment }">{{ t.replace }}</ActButton>
            <ActButton data-move @click="open = { act: 'move', fitment }">{{ t.move }}</ActButton>
            <ActButton kind="quiet" :disabled="refusal.busy.value" @click="takeOff(fitment)">{{
              t.remove
            }}</ActButton>
          </template>
        </div>
        <FitPart
          v-if="open?.act === 'renew' && open.fitment.id === fitment.id"
          :bike="bike"
          :renews="fitment"
          class="mt-2"
          @done="done"
          @close="open = null"
        />
        <MovePart
          v-if="open?.act === 'move' && open.fitment.id === fitment.id"
          :fitment="fitment"
          class="mt-2"
          @done="
            (answer) => {
              fleet.put(answer.to.bike);
              done(answer.from);
            }
          "
          @close="open = null"
        />
      </li>
    </ul>
    <p v-if="listed.unreachable.value" class="mt-1 text-soft">{{ t.partsOffline }}</p>
    <p v-else-if="fitted.length === 0 && listed.answer.value" class="mt-1 text-soft">
      {{ t.noPartsRecordedBesides }}
    </p>
    <DisclosureBox v-if="past.length" class="mt-2" :title="t.removedPartCount({ past: past.length })">
      <ul class="space-y-1">
        <li v-for="fitment in past" :key="fitment.id" class="figures text-soft">
          {{ placeWords(fitment) }} · {{ fitment.part.name }} · {{ dayAndClock(fitment.fittedAt, now) }} –
          {{ dayAndClock(fitment.removedAt ?? 0, now) }}
        </li>
      </ul>
    </DisclosureBox>
  </section>
</template>
