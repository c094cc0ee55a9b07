<script setup lang="ts">
import { computed } from 'vue';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { NEXT_WORDS, verdictSays, withUnit } from '@cadre/web/measures';
import { FITNESS_WORDS, withPosition } from '@cadre/web/words';
import { FitnessMark } from '@cadre/web/ui';
import ExposureEffect from './ExposureEffect.vue';
import PracticesEffect from './PracticesEffect.vue';
import type { PolicyPreview } from './use-policy-form';
import * as t from './messages';

/** The bikes whose fitness a change of policy would change, and by which finding. */
const props = defineProps<{ preview: PolicyPreview }>();
const readingsSaid = computed(() =>
  props.preview.readings.length === 1
    ? t.verdictOneStoredReading
    : t.verdictsReadingsStoredReadings({ readings: props.preview.readings.length }),
);
const now = useNow();
const serviceSays = (each: PolicyPreview['services'][number]): string =>
  [
    each.sooner ? t.soonerOn({ bikes: each.sooner }) : '',
    each.later ? t.laterOn({ bikes: each.later }) : '',
    each.added ? t.addedOn({ bikes: each.added }) : '',
    each.gone ? t.goneOn({ bikes: each.gone }) : '',
  ]
    .filter(Boolean)
    .join(', ');
</script>

<template>
  <div role="status" data-policy-effect>
    <p v-if="preview.bikes.length === 0" class="font-semibold">{{ t.noBikesFitnessWould }}</p>
    <template v-else>
      <p class="font-semibold">
        {{
          preview.bikes.length === 1
            ? t.oneBikesFitnessWould
            : t.fitnessBikesBikesWould({ bikes: preview.bikes.length })
        }}:
      </p>
      <ul class="mt-1 divide-y divide-line">
        <li
          v-for="bike in preview.bikes"
          :key="bike.bikeId"
          class="py-2 leading-snug"
          :data-changes="bike.tag"
        >
          <p class="flex flex-wrap items-center gap-x-2">
            <span class="sturdy">{{ bike.tag }}</span>
            <FitnessMark :fitness="bike.before" :size="18" />{{ FITNESS_WORDS[bike.before] }}
            <span aria-hidden="true">→</span><span class="sr-only">{{ t.becomes }}</span
            >{{ ' ' }}<FitnessMark :fitness="bike.after" :size="18" /><strong>{{
              FITNESS_WORDS[bike.after]
            }}</strong>
          </p>
          <p v-if="bike.services.length" class="text-soft">
            {{ t.serviceOverdueNames({ names: bike.services.join(', ') }) }}
          </p>
          <p v-for="finding in bike.findings" :key="finding.id" class="text-soft">
            {{ finding.words }}:
            {{
              finding.because === 'legal'
                ? t.requiredLocalRules
                : finding.until
                  ? finding.until <= now
                    ? t.itsTimeLimitHas
                    : t.mayRiddenUntilWhen({ when: dayAndClock(finding.until, now) })
                  : t.severityChanges
            }}
          </p>
        </li>
      </ul>
    </template>
    <ExposureEffect v-if="preview.exposure.length" :effects="preview.exposure" />
    <PracticesEffect v-if="preview.practices.length" :effects="preview.practices" />
    <template v-if="preview.services.length">
      <p class="mt-3 font-semibold">{{ t.servicesWouldChange }}</p>
      <ul class="mt-1 divide-y divide-line">
        <li
          v-for="each in preview.services"
          :key="each.service"
          class="py-1.5 leading-snug"
          :data-service-changes="each.service"
        >
          <span class="font-semibold">{{ each.name }}</span>: {{ serviceSays(each) }}
          <span v-if="each.overdueNow.length" class="block text-watch">{{
            t.overdueAtOnce({
              tags: each.overdueNow.slice(0, 12).join(', '),
              more: Math.max(0, each.overdueNow.length - 12),
            })
          }}</span>
        </li>
      </ul>
    </template>
    <template v-if="preview.readings.length">
      <p class="mt-3 font-semibold">{{ readingsSaid }}:</p>
      <ul class="mt-1 divide-y divide-line">
        <li
          v-for="each in preview.readings"
          :key="`${each.bikeId} ${each.checkpoint} ${each.position}`"
          class="py-2 leading-snug"
          :data-reads="each.tag"
        >
          <span class="sturdy">{{ each.tag }}</span> {{ withPosition(each.checkpoint, each.position) }}:
          {{ withUnit(each.typed, each.measure) }}, {{ dayAndClock(each.readAt, now) }}<br />
          <span class="text-soft">{{ verdictSays(each.measure, each.before) }}</span>{{ ' '
          }}<span aria-hidden="true">→</span><span class="sr-only">{{ t.becomes }}</span
          >{{ ' ' }}<strong>{{ verdictSays(each.measure, each.after) }}.</strong>
          {{ each.after.outcome === 'pass' ? '' : NEXT_WORDS[each.after.next] }}
        </li>
      </ul>
      <p class="mt-1 text-sm text-soft">
        {{ t.noFindingOpenedClosed }}
      </p>
    </template>
    <p class="mt-2 text-sm text-soft">{{ t.noHeldBikeBecomes }}</p>
  </div>
</template>
