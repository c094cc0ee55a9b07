<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';
import type { Intake } from '@cadre/contract/intake';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { useMoney, useStock } from '@cadre/web/parts';
import { ActButton, NoticePlate, useRefusal } from '@cadre/web/ui';
import IntakeSheet from './IntakeSheet.vue';
import OpenIntake from './OpenIntake.vue';
import { useIntakes } from './use-intakes';

/** Used bikes on offer: those to decide, and those that were. */
const props = defineProps<{ intakeId?: string }>();
const fleet = useFleet();
const catalogue = useCatalogue();
const session = useSession();
const intakes = useIntakes();
const stock = useStock();
const money = useMoney();
const refusal = useRefusal();
const router = useRouter();
const adding = ref(false);
onMounted(() => {
  if (!fleet.wall) void fleet.load();
  if (!catalogue.known) void catalogue.load();
  void refusal.run(async () => void (await Promise.all([intakes.load(), stock.load()])));
});
const open = computed(() => intakes.intakes.value.filter((each) => each.state === 'open'));
const decided = computed(() => intakes.intakes.value.filter((each) => each.state !== 'open'));
const inHand = computed(
  () =>
    intakes.intakes.value.find((each) => each.id === props.intakeId) ??
    (props.intakeId ? null : (open.value[0] ?? null)),
);
const bike = computed(() => fleet.bikeById.get(inHand.value?.bikeId ?? '') ?? null);
const pick = (intake: Intake): void =>
  void router.replace({ name: 'intake', params: { intakeId: intake.id } });
function opened(intake: Intake): void {
  adding.value = false;
  pick(intake);
}
const WORDS = { open: 'to decide', accepted: 'taken', declined: 'not taken' } as const;
</script>

<template>
  <main class="mx-auto max-w-[90rem] px-4 pb-16 pt-4">
    <div class="flex flex-wrap items-end gap-x-6 gap-y-3">
      <h1 class="sturdy mr-auto text-3xl leading-tight">Used bikes on offer</h1>
      <ActButton v-if="session.may('edit-fleet')" kind="main" data-add-intake @click="adding = !adding"
        >A bike is offered</ActButton
      >
    </div>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" class="mt-3" />
    <OpenIntake v-if="adding" class="mt-3" :intakes="intakes" @done="opened" @close="adding = false" />
    <div class="mt-4 flex gap-5 max-[900px]:flex-col">
      <ul class="w-72 shrink-0 space-y-1.5 max-[900px]:w-full" aria-label="Intakes">
        <li v-for="each in [...open, ...decided]" :key="each.id">
          <button
            type="button"
            class="flex min-h-14 w-full items-center gap-3 rounded-md border-2 px-3 py-1 text-left leading-tight"
            :class="inHand?.id === each.id ? 'border-act bg-plate' : 'border-line bg-plate/60'"
            :aria-current="inHand?.id === each.id ? 'true' : undefined"
            @click="pick(each)"
          >
            <span class="sturdy text-xl">{{ fleet.bikeById.get(each.bikeId)?.tag ?? '…' }}</span>
            <span class="min-w-0 grow"
              ><span class="block" :class="each.state === 'open' && 'font-semibold text-act'">{{
                WORDS[each.state]
              }}</span
              ><span class="figures block text-sm text-soft">asked {{ money.show(each.asking) }}</span></span
            >
          </button>
        </li>
        <li v-if="intakes.loaded.value && intakes.intakes.value.length === 0" class="text-soft">
          No bike was ever offered here.
        </li>
      </ul>
      <div class="min-w-0 grow">
        <IntakeSheet
          v-if="inHand && bike"
          :key="inHand.id"
          :intake="inHand"
          :bike="bike"
          :intakes="intakes"
          :items="stock.items.value"
        />
        <p v-else-if="intakes.loaded.value && intakes.intakes.value.length" class="text-soft">Pick one.</p>
      </div>
    </div>
  </main>
</template>
