<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue';
import { listFitments, type Fitment } from '@cadre/contract/parts';
import type { Finding } from '@cadre/core/findings';
import { dayAndClock, dayWords, ON_PAPER, useNow } from '@cadre/web/platform/time';
import { send } from '@cadre/web/platform/api';
import { withPosition, KIND_WORDS, markingsText, PART_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { PrintedPhotos } from '@cadre/web/photos';
import { ActButton, CheckField, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import * as t from './messages';

/** A checklist to send to a maker: this bike, what was found, when and by whom, the pictures, and the question. Made to be printed. */
const props = defineProps<{ bikeId: string }>();
const fleet = useFleet();
const now = useNow();
const refusal = useRefusal();
const fitments = ref<readonly Fitment[]>([]);
const question = ref(t.doesWarrantyCoverWhat);
onMounted(() => {
  if (!fleet.wall) void fleet.load();
});
const bike = computed(() => fleet.bikeById.get(props.bikeId) ?? null);
const timeZone = computed(() => fleet.siteById.get(bike.value?.siteId ?? '')?.timeZone);
const findings = computed(() => (bike.value?.facts.findings ?? []) as readonly Finding[]);
const chosen = ref<readonly string[] | null>(null);
const shown = computed(() =>
  findings.value.filter((finding) =>
    chosen.value ? chosen.value.includes(finding.id) : finding.severity !== 'watch',
  ),
);
watch(
  () => props.bikeId,
  (id) =>
    void refusal.run(async () => {
      fitments.value = (await send(listFitments, { params: { id } })).fitments.filter(
        (each) => each.removedAt === null,
      );
    }),
  { immediate: true },
);
function toggle(id: string): void {
  const before = chosen.value ?? shown.value.map((finding) => finding.id);
  chosen.value = before.includes(id) ? before.filter((each) => each !== id) : [...before, id];
}
const print = (): void => window.print();
</script>

<template>
  <main v-if="bike" class="mx-auto max-w-3xl px-4 pb-16 pt-4 print:max-w-none print:p-0" data-warranty-sheet>
    <div class="flex flex-wrap items-start gap-3">
      <h1 class="sturdy mr-auto text-3xl leading-tight">{{ t.warrantyQuery }}</h1>
      <ActButton class="print:hidden" @click="print">{{ t.print }}</ActButton>
    </div>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" class="mt-2" />
    <fieldset v-if="findings.length > 1" class="mt-3 print:hidden">
      <legend class="font-semibold">{{ t.findingsAskAbout }}</legend>
      <CheckField
        v-for="finding in findings"
        :key="finding.id"
        :model-value="shown.includes(finding)"
        @update:model-value="toggle(finding.id)"
        >{{ withPosition(finding.words.checkpoint, finding.position) }}:
        {{ finding.words.fault.toLowerCase() }}</CheckField
      >
    </fieldset>
    <dl class="mt-4 grid grid-cols-2 gap-x-6 gap-y-2 border-y-2 border-ink py-3">
      <div>
        <dt class="text-sm text-soft">{{ t.bike }}</dt>
        <dd class="font-semibold">
          {{ bike.model }}, {{ KIND_WORDS[bike.build.kind].toLowerCase() }}, {{ bike.size }}
        </dd>
      </div>
      <div>
        <dt class="text-sm text-soft">{{ t.serialNumber }}</dt>
        <dd class="figures font-semibold">{{ bike.serial || t.notRecorded }}</dd>
      </div>
      <div>
        <dt class="text-sm text-soft">{{ t.bought }}</dt>
        <dd class="font-semibold">{{ bike.boughtOn ? dayWords(bike.boughtOn) : t.notRecorded }}</dd>
      </div>
      <div>
        <dt class="text-sm text-soft">{{ t.warrantyUntil }}</dt>
        <dd class="font-semibold">
          {{
            bike.warrantyUntil
              ? `${dayWords(bike.warrantyUntil)}${Date.parse(bike.warrantyUntil) < now ? t.expired : ''}`
              : t.notRecorded
          }}
        </dd>
      </div>
    </dl>
    <section v-for="finding in shown" :key="finding.id" class="mt-4 break-inside-avoid">
      <h2 class="sturdy text-xl">
        {{ withPosition(finding.words.checkpoint, finding.position) }}:
        {{ finding.words.fault.toLowerCase() }}
      </h2>
      <p>
        {{
          t.foundWhenNameOfPart({
            when: dayAndClock(finding.openedAt, ON_PAPER, timeZone),
            nameOf: fleet.nameOf(finding.openedBy),
            part: finding.timesSeen > 1 ? t.seenTimesSeenTimesSince({ timesSeen: finding.timesSeen }) : '',
          })
        }}
        <template v-if="finding.words.note">{{ t.noteNote({ note: finding.words.note }) }}</template>
        <template v-if="finding.measured"
          >{{ t.measuredMeasured({ measured: finding.measured.value })
          }}<template v-if="finding.measured.limit"
            >{{ ' ' }}{{ t.againstLimit({ limit: finding.measured.limit.value }) }}</template
          >.</template
        >
      </p>
    </section>
    <p v-if="shown.length === 0" class="mt-4 text-soft">{{ t.noFindingChosen }}</p>
    <PrintedPhotos :bike-id="bikeId" :looks="shown" />
    <section v-if="fitments.length" class="mt-4">
      <h2 class="sturdy text-xl">{{ t.partsOnBike }}</h2>
      <ul>
        <li v-for="fitment in fitments" :key="fitment.id">
          {{
            t.partPart2NameSince({
              part: PART_WORDS[fitment.part.kind],
              part2: fitment.position === 'only' ? '' : `, ${fitment.position}`,
              name: fitment.part.name,
              when: dayAndClock(fitment.fittedAt, ON_PAPER, timeZone),
            })
          }}<template v-if="markingsText(fitment.part.markings)"
            >; {{ markingsText(fitment.part.markings) }}</template
          >
        </li>
      </ul>
    </section>
    <TextField
      v-model="question"
      :label="t.ourQuestion"
      :rows="3"
      maxlength="600"
      class="mt-4 print:[&_textarea]:border-0 print:[&_textarea]:p-0"
    />
    <p class="mt-6 hidden print:block">
      {{ t.printedWhenTag({ when: dayAndClock(now, ON_PAPER, timeZone), tag: bike.tag }) }}
    </p>
  </main>
  <main v-else class="p-8 text-soft">
    <h1 class="sr-only">{{ t.warrantyQuery }}</h1>
    <p role="status">{{ fleet.wall ? t.bikeDoesNotExist : t.loadingBike }}</p>
  </main>
</template>
