<script setup lang="ts">
import { dayAndClock, useNow } from '@cadre/web/app';
import { FITNESS_WORDS } from '@cadre/web/fleet';
import { FitnessMark } from '@cadre/web/ui';
import type { PolicyPreview } from './use-policy-form';

/** The bikes whose fitness a change of policy would change, and by which finding. */
defineProps<{ preview: PolicyPreview }>();
const now = useNow();
</script>

<template>
  <div role="status" data-policy-effect>
    <p v-if="preview.bikes.length === 0" class="font-semibold">No bike’s fitness would change.</p>
    <template v-else>
      <p class="font-semibold">{{ preview.bikes.length === 1 ? 'One bike would change' : `${preview.bikes.length} bikes would change` }}:</p>
      <ul class="mt-1 divide-y divide-line">
        <li v-for="bike in preview.bikes" :key="bike.bikeId" class="py-2 leading-snug" :data-changes="bike.tag">
          <p class="flex flex-wrap items-center gap-x-2">
            <span class="sturdy">{{ bike.tag }}</span>
            <FitnessMark :fitness="bike.before" :size="18" />{{ FITNESS_WORDS[bike.before] }} <span aria-hidden="true">→</span
            ><span class="sr-only">becomes</span> <FitnessMark :fitness="bike.after" :size="18" /><strong>{{ FITNESS_WORDS[bike.after] }}</strong>
          </p>
          <p v-for="finding in bike.findings" :key="finding.id" class="text-soft">
            {{ finding.words }}:
            {{
              finding.because === 'legal'
                ? 'local rules ask for it'
                : finding.until
                  ? finding.until <= now
                    ? 'its time is over'
                    : `may ride until ${dayAndClock(finding.until, now)}`
                  : 'weighs otherwise'
            }}
          </p>
        </li>
      </ul>
    </template>
    <p class="mt-2 text-sm text-soft">No held bike becomes cleared by this: only a release ends a hold.</p>
  </div>
</template>
