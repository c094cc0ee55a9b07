<script setup lang="ts">
import { computed, onMounted } from 'vue';
import { holds } from '@cadre/core/catalogue';
import { TRACES } from '@cadre/core/shipped';
import { checkpointName, readingText } from './record-words';
import { likelyCauses, traceHere } from '@cadre/core/tracing';
import { dayAndClock, ON_PAPER, useNow } from '@cadre/web/platform/time';
import { KIND_WORDS, POSITION_WORDS, withPosition } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { ActButton } from '@cadre/web/ui';
import { useSharedTraces } from './use-shared-traces';
import * as t from './messages';

/** All that was tried in a search, for a workshop: the bike, the symptom, each answer, what is left, what was measured. Made to be printed. */
const props = defineProps<{ bikeId: string; runId: string }>();
const fleet = useFleet();
const now = useNow();
onMounted(() => {
  if (!fleet.wall) void fleet.load();
});
const bike = computed(() => fleet.bikeById.get(props.bikeId) ?? null);
const timeZone = computed(() => fleet.siteById.get(bike.value?.siteId ?? '')?.timeZone);
const shared = useSharedTraces(() => bike.value);
const run = computed(() => shared.runs.value.find(({ id }) => id === props.runId) ?? null);
const sheet = computed(() => {
  const [of, here] = [run.value, bike.value];
  const whole = TRACES.find(({ key }) => key === of?.trace);
  if (!of || !here || !whole || (whole.applies && !holds(whole.applies, here, of.position))) return null;
  const fitted = { build: here.build, parts: here.parts };
  const trace = traceHere(whole, {
    ...{ fitted, position: of.position, proved: shared.proved.value, refuted: of.refuted },
  });
  const answers = new Map(of.answers.map(({ question, answer }) => [question, answer]));
  return {
    trace,
    answers: of.answers.flatMap(({ question, answer, fromRecord }) => {
      const asked = trace.questions.find(({ key }) => key === question);
      if (!asked) return [];
      const said = answer === null ? t.cannotTell : (asked.answers[answer] ?? '');
      return [{ text: asked.text, said, fromRecord }];
    }),
    likely: likelyCauses(trace, answers).filter(({ chance }) => chance >= 0.01),
    refuted: of.refuted.map((each) => trace.causes.find(({ key }) => key === each)?.name ?? each),
  };
});
const readings = computed(() => shared.record.value?.readings ?? []);
const missing = computed(() => {
  if (!fleet.wall || (bike.value && !shared.ready.value)) return t.loading;
  return bike.value && !shared.record.value ? t.sheetOffline : t.noSuchSearch;
});
const print = (): void => window.print();
</script>

<template>
  <main class="mx-auto max-w-3xl space-y-4 px-4 pb-16 pt-4 print:max-w-none print:p-0" data-hand-over-sheet>
    <template v-if="bike && run && sheet">
      <div class="flex flex-wrap items-start gap-3">
        <h1 class="sturdy mr-auto text-3xl leading-tight">{{ t.handOverSheet({ tag: bike.tag }) }}</h1>
        <ActButton class="print:hidden" data-print @click="print">{{ t.print }}</ActButton>
      </div>
      <p>
        {{ [KIND_WORDS[bike.build.kind], bike.model, bike.size, bike.serial].filter(Boolean).join(' · ') }}
        <span class="block text-soft">{{
          t.sheetOf({ when: dayAndClock(now, ON_PAPER, timeZone), name: fleet.nameOf(run.changedBy) })
        }}</span>
      </p>
      <section aria-labelledby="sheet-symptom">
        <h2 id="sheet-symptom" class="sturdy text-lg">{{ t.symptom }}</h2>
        <p class="text-xl font-semibold">
          {{ sheet.trace.name
          }}<template v-if="run.position !== 'only'">, {{ POSITION_WORDS[run.position] }}</template>
        </p>
        <p v-if="run.note">{{ run.note }}</p>
      </section>
      <p v-if="run.holding.length" class="border-l-4 border-held px-3 py-1 font-semibold text-held">
        {{ t.stillToExclude({ causes: run.holding.join(', ') }) }}
      </p>
      <section aria-labelledby="sheet-tried">
        <h2 id="sheet-tried" class="sturdy text-lg">{{ t.tried }}</h2>
        <ul class="divide-y divide-line border-y border-line">
          <li v-for="each in sheet.answers" :key="each.text" class="flex gap-4 py-1">
            <span class="grow"
              >{{ each.text
              }}<span v-if="each.fromRecord" class="text-soft"> · {{ t.fromRecord }}</span></span
            ><strong class="shrink-0">{{ each.said }}</strong>
          </li>
          <li v-for="each in sheet.refuted" :key="each" class="py-1">
            {{ t.repairedInVain({ cause: each }) }}
          </li>
        </ul>
      </section>
      <section aria-labelledby="sheet-left">
        <h2 id="sheet-left" class="sturdy text-lg">{{ t.remaining }}</h2>
        <ul class="divide-y divide-line border-y border-line">
          <li v-for="{ cause, chance } in sheet.likely" :key="cause.key" class="flex gap-4 py-1">
            <span class="grow">{{ cause.name }}</span><span class="figures">{{
              t.percent({ percent: Math.round(chance * 100) })
            }}</span>
          </li>
        </ul>
      </section>
      <section v-if="readings.length" aria-labelledby="sheet-read">
        <h2 id="sheet-read" class="sturdy text-lg">{{ t.lastReadings }}</h2>
        <ul class="columns-2 gap-8 max-sm:columns-1">
          <li v-for="each in readings" :key="`${each.checkpoint} ${each.position}`">
            {{
              t.readingLine({
                what: withPosition(checkpointName(each.checkpoint), each.position),
                typed: readingText(each.checkpoint, each.typed),
              })
            }}
          </li>
        </ul>
      </section>
    </template>
    <template v-else>
      <h1 class="sr-only">{{ t.handOverSheet({ tag: '' }) }}</h1>
      <p role="status" class="text-soft">
        {{ missing }}
      </p>
    </template>
  </main>
</template>
