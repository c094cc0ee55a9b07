<script setup lang="ts">
import { computed } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { Severity } from '@cadre/core/catalogue';
import { isStopNow, type Finding } from '@cadre/core/findings';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { severityOfFinding, withPosition, ZONE_WORDS } from '@cadre/web/words';
import { SimilarFaults } from '@cadre/web/findings';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { FindingPhotos } from '@cadre/web/photos';
import { ActButton } from '@cadre/web/ui';
import FindingActs from './FindingActs.vue';
import { STATE_WORDS } from './wording';
import * as t from './messages';

/** One finding as the bench sees it: what, where, who, how long it may ride, what to do; its weight changed or told as one with another. */
const props = defineProps<{ bike: Bike; finding: Finding; taken: boolean; busy: boolean }>();
const emit = defineEmits<{
  tick: [];
  regrade: [severity: Severity, reason: string];
  merge: [otherId: string];
  close: [reason: string];
}>();
const fleet = useFleet();
const session = useSession();
const now = useNow();
const place = computed(() => {
  const { checkpoint, fault, position } = props.finding;
  return { bike: props.bike.tag, checkpoint, fault, ...(position === 'only' ? {} : { at: position }) };
});
const stops = computed(() => isStopNow(props.finding, now.value));
</script>

<template>
  <li class="p-3" :class="stops ? 'border-l-8 border-l-held' : ''" :data-bench-finding="finding.fault">
    <div class="flex items-start gap-3 max-sm:flex-wrap">
      <input
        v-if="finding.state === 'open' && session.may('repair')"
        :id="`take-${finding.id}`"
        type="checkbox"
        class="mt-1 size-7 shrink-0"
        :checked="taken"
        :aria-label="t.repairFault({ fault: finding.words.fault })"
        @change="emit('tick')"
      />
      <div class="min-w-0 flex-1 leading-snug">
        <p class="text-lg font-semibold">{{ finding.words.fault }}</p>
        <p>
          {{ withPosition(finding.words.checkpoint, finding.position) }} ·
          {{ ZONE_WORDS[finding.zone].toLowerCase() }}
        </p>
        <p class="text-soft">
          {{ fleet.nameOf(finding.openedBy) }},
          {{ dayAndClock(finding.openedAt, now, fleet.siteById.get(bike.siteId)?.timeZone)
          }}{{ finding.timesSeen > 1 ? t.seenTime({ timesSeen: finding.timesSeen }) : ''
          }}{{ finding.words.note ? ` · “${finding.words.note}”` : '' }}
        </p>
        <p v-if="finding.state === 'open' || finding.state === 'in-work'" class="mt-1">
          <span class="text-soft">{{ t.nextStep }}</span> {{ finding.words.doNext }}
        </p>
        <p v-if="finding.state !== 'closed'" class="flex flex-wrap gap-x-5">
          <ActButton
            kind="quiet"
            class="!px-0"
            :to="{ name: 'guides', params: { guide: '' }, query: place }"
            data-finding-guide
            >{{ t.repairGuide }}</ActButton
          >
          <ActButton
            kind="quiet"
            class="!px-0"
            :to="{
              name: 'tracing',
              params: { trace: '' },
              query: { ...place, from: 'finding', id: finding.id },
            }"
            data-finding-cause
            >{{ t.findCause }}</ActButton
          >
        </p>
        <FindingPhotos :bike-id="bike.id" :finding="finding" />
        <SimilarFaults v-if="stops || finding.severity === 'soon'" :finding-id="finding.id" />
        <p v-if="finding.words.toMechanic" class="font-semibold text-held">
          {{ t.qualifiedMechanicMakerDecides }}
        </p>
      </div>
      <p
        class="max-w-56 shrink-0 text-right leading-tight max-sm:order-first max-sm:flex max-sm:w-full max-sm:max-w-none max-sm:items-baseline max-sm:gap-2 max-sm:text-left"
      >
        <span
          class="font-semibold"
          :class="
            stops
              ? 'text-held'
              : finding.severity === 'watch' || finding.severity === 'soon'
                ? 'text-watch'
                : ''
          "
          >{{ severityOfFinding(finding, now, fleet.siteById.get(bike.siteId)?.timeZone) }}</span><br /><span
          class="text-sm text-soft"
          >{{ STATE_WORDS[finding.state] }}</span
        >
      </p>
    </div>
    <FindingActs
      :bike="bike"
      :finding="finding"
      :busy="busy"
      :stops="stops"
      @regrade="(severity, why) => emit('regrade', severity, why)"
      @merge="(otherId) => emit('merge', otherId)"
      @close="(why) => emit('close', why)"
    />
  </li>
</template>
