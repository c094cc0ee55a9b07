<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { Hourglass } from '@lucide/vue';
import type { Bike } from '@cadre/contract/fleet';
import { isDue } from '@cadre/core/timed-rechecks';
import { useNow } from '@cadre/web/platform/time';
import { withPosition } from '@cadre/web/words';
import { useSession } from '@cadre/web/people';
import { ActButton } from '@cadre/web/ui';
import TimedRecheckAnswer from './TimedRecheckAnswer.vue';
import TimedRecheckForm from './TimedRecheckForm.vue';
import { dueWords, TIMED_RECHECK_WORDS } from './timed-recheck-wording';
import * as t from './messages';

/** The looks somebody asked for later on this bike: what is due stands first, with its answer in reach. */
const props = defineProps<{ bike: Bike; timeZone?: string | undefined }>();
const now = useNow();
const session = useSession();
const asking = ref(false);
const said = ref('');
watch(
  () => props.bike.id,
  () => {
    asking.value = false;
    said.value = '';
  },
);
const rechecks = computed(() =>
  [...(props.bike.facts.timedRechecks ?? [])].sort(
    (a, b) =>
      Number(isDue(b, now.value)) - Number(isDue(a, now.value)) ||
      (a.dueAt ?? Infinity) - (b.dueAt ?? Infinity),
  ),
);
</script>

<template>
  <section :aria-label="t.timedRechecks" data-rechecks>
    <p v-if="said" role="status" class="mb-2 font-semibold leading-snug" data-soak-said>{{ said }}</p>
    <ul v-if="rechecks.length" class="space-y-2">
      <li
        v-for="recheck in rechecks"
        :key="recheck.id"
        class="rounded-md border-l-4 py-1 pl-3"
        :class="isDue(recheck, now) ? 'border-watch bg-watch-wash' : 'border-line'"
        :data-timed-recheck="recheck.kind"
        :data-due="isDue(recheck, now)"
      >
        <p class="flex items-center gap-2 font-semibold leading-snug">
          <Hourglass :size="20" class="shrink-0" aria-hidden="true" />{{
            withPosition(recheck.what, recheck.position)
          }}
        </p>
        <p class="figures text-[0.95rem] leading-snug text-soft">
          {{ TIMED_RECHECK_WORDS[recheck.kind]
          }}{{ recheck.gauged ? t.setTyped({ typed: recheck.gauged.typed }) : '' }} ·
          <span :class="isDue(recheck, now) && 'font-semibold text-watch'">{{
            dueWords(recheck, now, timeZone)
          }}</span>
        </p>
        <TimedRecheckAnswer
          v-if="session.may('mark')"
          :recheck="recheck"
          :due="isDue(recheck, now)"
          @told="(words) => (said = words)"
        />
      </li>
    </ul>
    <template v-if="session.may('mark')">
      <TimedRecheckForm v-if="asking" class="mt-2" :bike="bike" @done="asking = false" />
      <ActButton v-else kind="quiet" class="!px-0" data-look-later @click="asking = true">{{
        t.recheckLater
      }}</ActButton>
    </template>
  </section>
</template>
