<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { Hourglass } from '@lucide/vue';
import type { Bike } from '@cadre/contract/fleet';
import { isDue } from '@cadre/core/waits';
import { useNow } from '@cadre/web/platform/time';
import { useSession } from '@cadre/web/people';
import { ActButton } from '@cadre/web/ui';
import WaitAnswer from './WaitAnswer.vue';
import WaitForm from './WaitForm.vue';
import { dueWords, WAIT_WORDS } from './wait-wording';

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
const waits = computed(() =>
  [...(props.bike.facts.waits ?? [])].sort(
    (a, b) =>
      Number(isDue(b, now.value)) - Number(isDue(a, now.value)) ||
      (a.dueAt ?? Infinity) - (b.dueAt ?? Infinity),
  ),
);
</script>

<template>
  <section aria-label="Looks asked for later" data-waits>
    <p v-if="said" role="status" class="mb-2 font-semibold leading-snug" data-soak-said>{{ said }}</p>
    <ul v-if="waits.length" class="space-y-2">
      <li
        v-for="wait in waits"
        :key="wait.id"
        class="rounded-md border-l-4 py-1 pl-3"
        :class="isDue(wait, now) ? 'border-watch bg-watch-wash' : 'border-line'"
        :data-wait="wait.kind"
        :data-due="isDue(wait, now)"
      >
        <p class="flex items-center gap-2 font-semibold leading-snug">
          <Hourglass :size="20" class="shrink-0" aria-hidden="true" />{{ wait.what
          }}{{ wait.position === 'only' ? '' : `, ${wait.position === 'rear' ? 'rear' : 'front'}` }}
        </p>
        <p class="figures text-[0.95rem] leading-snug text-soft">
          {{ WAIT_WORDS[wait.kind] }}{{ wait.gauged ? ` Set to ${wait.gauged.typed}` : '' }} ·
          <span :class="isDue(wait, now) && 'font-semibold text-watch'">{{
            dueWords(wait, now, timeZone)
          }}</span>
        </p>
        <WaitAnswer
          v-if="session.may('mark')"
          :wait="wait"
          :due="isDue(wait, now)"
          @told="(words) => (said = words)"
        />
      </li>
    </ul>
    <template v-if="session.may('mark')">
      <WaitForm v-if="asking" class="mt-2" :bike="bike" @done="asking = false" />
      <ActButton v-else kind="quiet" class="!px-0" data-look-later @click="asking = true"
        >Look again later …</ActButton
      >
    </template>
  </section>
</template>
