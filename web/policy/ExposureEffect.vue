<script setup lang="ts">
import { computed } from 'vue';
import { useFleet } from '@cadre/web/fleet';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { withPosition } from '@cadre/web/words';
import type { PolicyPreview } from './use-policy-form';
import * as t from './messages';

/** What ride-outs begun now would ask of the bikes that are asked only what can have changed: how long that takes, and whose passes the rest stands on. */
const props = defineProps<{ effects: PolicyPreview['exposure'] }>();
const fleet = useFleet();
const now = useNow();
const sum = (of: (each: PolicyPreview['exposure'][number]) => number): number =>
  Math.round(props.effects.reduce((all, each) => all + of(each), 0));
const said = computed(() =>
  t.minutesAskedOf({
    bikes: props.effects.length,
    asked: sum((each) => each.minutesAsked),
    whole: sum((each) => each.minutesWhole),
  }),
);
</script>

<template>
  <div class="mt-3" data-exposure-effect>
    <p class="font-semibold">{{ said }}</p>
    <ul class="mt-1 divide-y divide-line">
      <li v-for="each in effects" :key="each.bikeId" :data-exposure-of="each.tag">
        <details>
          <summary class="flex min-h-12 cursor-pointer flex-wrap items-center gap-x-3">
            <span class="sturdy">{{ each.tag }}</span>
            <span class="figures">{{ t.askedOfWhole({ asked: each.asked, whole: each.whole }) }}</span>
          </summary>
          <p v-if="each.passes.length === 0" class="pb-2 text-soft">{{ t.noPassToUse }}</p>
          <dl class="space-y-1 pb-2">
            <div v-for="pass in each.passes" :key="`${pass.by} ${pass.at}`">
              <dt class="text-soft">
                {{ t.passedByOn({ name: fleet.nameOf(pass.by), when: dayAndClock(pass.at, now) }) }}
              </dt>
              <dd class="leading-snug">
                {{
                  pass.questions
                    .map((question) => withPosition(question.checkpoint, question.position))
                    .join(' · ')
                }}
              </dd>
            </div>
          </dl>
        </details>
      </li>
    </ul>
  </div>
</template>
