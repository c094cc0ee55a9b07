<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue';
import {
  asBuilt,
  holds,
  idleClause,
  parseRule,
  ruleText,
  type Position,
  type Rule,
} from '@cadre/core/catalogue';
import { BIKE_KINDS, USUAL_BUILD, type Build } from '@cadre/core/fleet';
import { KIND_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { problemWords, ruleWords } from './rule-words';
import { DisclosureBox } from '@cadre/web/ui';
import * as t from './messages';

/** A rule as it is written, read back in words, with the kinds and bikes it picks; a wrong word is pointed at. */
const props = defineProps<{ positions: readonly Position[] }>();
const rule = defineModel<Rule>({ required: true });
/** Whether what is typed now is a rule: the form may not be kept while it is none. */
const valid = defineModel<boolean>('valid', { required: true });
const fleet = useFleet();
const id = useId();
const typed = ref(ruleText(rule.value));
const parsed = computed(() => parseRule(typed.value));
watch(
  parsed,
  (read) => {
    valid.value = read.ok;
    if (read.ok) rule.value = read.rule;
  },
  { immediate: true },
);
const problem = computed(() =>
  parsed.value.ok ? null : { ...parsed.value.problem, ...problemWords(parsed.value.problem) },
);
const idle = computed(() => (parsed.value.ok ? idleClause(parsed.value.rule, props.positions) : null));
const asks = (build: Build, parts: Parameters<typeof holds>[1]['parts'] = []): boolean =>
  props.positions.some((position) => holds(rule.value, { build, parts }, position));
const kinds = computed(() => BIKE_KINDS.filter((kind) => asks(asBuilt(USUAL_BUILD[kind]).build)));
const bikes = computed(() => fleet.bikes.filter((bike) => asks(bike.build, bike.parts)));
function correction(): void {
  const wrong = problem.value;
  if (wrong?.nearest)
    typed.value = typed.value.slice(0, wrong.at) + wrong.nearest + typed.value.slice(wrong.at + wrong.length);
}
</script>

<template>
  <div>
    <label :for="id" class="font-semibold">{{ t.bikesAskAbout }}</label>
    <textarea
      :id="id"
      v-model="typed"
      rows="2"
      maxlength="600"
      spellcheck="false"
      class="mt-1 block w-full rounded-md border-2 bg-plate px-3 py-2 font-mono text-[0.95rem]"
      :class="problem ? 'border-held' : 'border-ink/60'"
      :aria-invalid="problem !== null"
      :aria-describedby="`${id}-said`"
      data-rule
    />
    <div :id="`${id}-said`" class="mt-1 space-y-1 leading-snug">
      <template v-if="problem">
        <p
          class="rounded-md bg-held-wash px-3 py-1.5 font-mono text-[0.95rem] [overflow-wrap:anywhere]"
          aria-hidden="true"
        >
          {{ typed.slice(0, problem.at)
          }}<mark class="bg-held px-0.5 text-on-held">{{
            typed.slice(problem.at, problem.at + problem.length) || '␣'
          }}</mark
          >{{ typed.slice(problem.at + problem.length) }}
        </p>
        <p class="font-semibold text-held" role="alert" data-rule-problem>
          {{ problem.what }} {{ problem.todo }}
        </p>
        <button
          v-if="problem.nearest"
          type="button"
          class="min-h-12 font-semibold text-act underline"
          data-rule-correction
          @click="correction"
        >
          {{ t.useNearest({ nearest: problem.nearest }) }}
        </button>
      </template>
      <template v-else>
        <p>
          {{ t.askedPart({ part: 'always' in rule ? t.onEveryBike : t.ifRule({ rule: ruleWords(rule) }) }) }}
        </p>
        <p class="text-soft" data-rule-picks>
          {{
            t.partYourBikeBikes2({
              part:
                kinds.length === BIKE_KINDS.length
                  ? t.everyKindBike
                  : kinds.length === 0
                    ? t.noKindWithIts
                    : kinds.map((kind) => KIND_WORDS[kind].toLowerCase()).join(', '),
              bikes: fleet.bikes.length,
              bikes2: bikes.length,
            })
          }}
        </p>
        <p v-if="idle" class="font-semibold text-watch" data-rule-idle>
          “{{ ruleText(idle.clause) }}”
          {{ idle.truth === 'always' ? t.trueForEveryBike : t.trueForNoBike }}
        </p>
      </template>
      <DisclosureBox :title="t.howWriteRule">
        <!-- eslint-disable vue/no-bare-strings-in-template -- the words of the rule language are the same in every language -->
        <p>
          {{ t.fieldValuesSeparatedCommas }} <code>brake is rim, drum</code>{{ t.numbers }}
          <code>sprockets at least 11</code>, <code>wheel-size from 20 to 24</code
          >{{ t.accessoriesRecordedParts }} <code>carries child-seat</code>, <code>fitted battery</code
          >{{ t.joinPartsWith }} <code>and</code>, <code>or</code>, <code>not</code> {{ t.andBrackets }}
          <code>brake</code>, <code>retention</code>, <code>tyre</code> {{ t.and }} <code>wheel-size</code>
          {{ t.meanEndBikeQuestion }}
        </p>
      </DisclosureBox>
    </div>
  </div>
</template>
