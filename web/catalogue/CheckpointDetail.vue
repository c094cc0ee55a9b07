<script setup lang="ts">
import { computed } from 'vue';
import { Wrench } from '@lucide/vue';
import { DEFAULT_PRACTICES, positionsAsked, practised, type Checkpoint } from '@cadre/core/catalogue';
import { CautionLine } from '@cadre/web/ui';
import PolicyPractices from './PolicyPractices.vue';
import LookDrawing from './LookDrawing.vue';
import { useCatalogue } from './use-catalogue';
import { ruleWords } from './rule-words';
import { BY_WORDS, minutesWords, STANCE_WORDS } from './checklist-wording';
import { PHASE_WORDS, POSITION_WORDS, SEVERITY_WORDS, ZONE_WORDS } from '@cadre/web/words';
import * as t from './messages';

/** One checkpoint as a trainee reads it: how to look, what a pass looks like, what may be wrong and what then. */
const props = defineProps<{
  /** As written; shown as the program's practices have it. */
  written: Checkpoint;
  own: boolean;
  on: readonly { key: string; name: string; critical: boolean }[];
  ready: boolean;
  nameOf: (key: string) => string;
}>();
const catalogue = useCatalogue();
const checkpoint = computed(() =>
  practised(props.written, catalogue.policy()?.practices ?? DEFAULT_PRACTICES),
);
const places = computed(() => {
  const positions = positionsAsked(props.written);
  const zones = [
    ...new Set(
      positions.map(
        (position) => ZONE_WORDS[props.written.at[position as 'only' | 'front' | 'rear'] ?? 'off-bike'],
      ),
    ),
  ];
  return zones.length === 1 && positions[0] === 'only'
    ? (zones[0] ?? '')
    : `${zones.map((zone, index) => (index ? zone.toLowerCase() : zone)).join(' and ')}${positions.length === 1 ? t.positionOnly({ position: POSITION_WORDS[positions[0] ?? 'only'] }) : ''}`;
});
const tone = (floor: string): string =>
  floor === 'stop'
    ? 'border-held text-held'
    : floor === 'soon'
      ? 'border-watch text-watch'
      : 'border-line text-soft';
</script>

<template>
  <article
    class="rounded-lg border-2 border-ink/60 bg-plate p-5 max-sm:p-3"
    :aria-labelledby="`look-${checkpoint.key}`"
  >
    <p class="text-soft">
      {{ places }} · {{ PHASE_WORDS[checkpoint.phase]
      }}{{ checkpoint.stance ? ` · ${STANCE_WORDS[checkpoint.stance]}` : '' }} ·
      {{ minutesWords(checkpoint.minutes)
      }}<span v-if="own" class="ml-2 rounded bg-act px-1.5 text-sm text-on-act">{{ t.own }}</span>
    </p>
    <h2 :id="`look-${checkpoint.key}`" class="sturdy text-2xl leading-tight">{{ checkpoint.name }}</h2>
    <div class="mt-3 grid gap-5" :class="checkpoint.drawing && 'md:grid-cols-[1fr_20rem]'">
      <div class="space-y-3">
        <p class="text-lg leading-snug">{{ checkpoint.how }}</p>
        <p class="leading-snug">
          <span class="font-semibold">{{ t.passIf }}</span> {{ checkpoint.passWhen }}
        </p>
        <CautionLine v-for="caution in checkpoint.cautions" :key="caution" :text="caution" />
        <p v-if="checkpoint.tools.length" class="flex items-start gap-2 text-soft">
          <Wrench class="mt-1 size-4 shrink-0" aria-hidden="true" /><span
            ><span class="sr-only">{{ t.tools }}{{ ' ' }}</span
            >{{ checkpoint.tools.join(', ') }}</span
          >
        </p>
        <PolicyPractices v-if="checkpoint.practices?.length" :questions="checkpoint.practices" />
      </div>
      <LookDrawing v-if="checkpoint.drawing" :name="checkpoint.drawing" class="self-start max-md:max-w-80" />
    </div>
    <h3 class="sturdy mt-5 text-lg">{{ t.usualFaults }}</h3>
    <ul class="mt-1 divide-y divide-line border-y border-line">
      <li
        v-for="fault in checkpoint.faults"
        :key="fault.key"
        class="grid gap-x-4 gap-y-1 py-2 sm:grid-cols-[5.5rem_1fr]"
      >
        <span
          class="self-start rounded border-2 px-2 text-center text-sm font-semibold"
          :class="tone(fault.floor)"
          >{{ SEVERITY_WORDS[fault.floor] }}</span
        >
        <div class="leading-snug">
          <p class="font-semibold">
            {{ fault.name
            }}<span v-if="fault.legal" class="font-normal text-soft">{{ ' ' }}{{ t.onlyIfLocalRules }}</span
            ><span v-if="fault.by" class="font-normal text-soft"
              >{{ ' ' }}{{ t.byBy({ by: fault.by.map((each) => BY_WORDS[each]).join(', ') }) }}</span
            >
          </p>
          <p>
            {{ fault.doNext
            }}<strong v-if="fault.toMechanic" class="text-held"
              >{{ ' ' }}{{ t.qualifiedMechanicDecides }}</strong
            >
          </p>
          <p v-if="fault.askNext?.length" class="text-soft">
            {{
              t.thenCheckAskNext({
                askNext: fault.askNext.map((key) => nameOf(key).toLowerCase()).join(', '),
              })
            }}
          </p>
        </div>
      </li>
    </ul>
    <dl class="mt-4 grid gap-x-4 gap-y-2 sm:grid-cols-[5.5rem_1fr]">
      <dt class="font-semibold">{{ t.askedFor }}</dt>
      <dd>
        {{
          'always' in checkpoint.applies ? t.onEveryBike : t.ifRule({ rule: ruleWords(checkpoint.applies) })
        }}
      </dd>
      <dt class="font-semibold">{{ t.on }}</dt>
      <dd>
        <template v-if="on.length === 0">{{ ready ? t.noChecklist : '…' }}</template>
        <template v-for="(each, index) in on" :key="each.key"
          ><template v-if="index">, </template
          ><RouterLink
            :to="{ name: 'checklist', params: { checklistKey: each.key } }"
            class="text-act underline underline-offset-2"
            >{{ each.name }}</RouterLink
          ><template v-if="each.critical">{{ ' ' }}{{ t.critical2 }}</template></template
        >
      </dd>
    </dl>
  </article>
</template>
