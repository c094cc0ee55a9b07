<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import { computed } from 'vue';
import { zonesName } from '@cadre/web/words';
import { ActButton } from '@cadre/web/ui';
import { STAND_CHECK } from './use-stand-check';
import * as t from './messages';

/** The acts of the station, always under the hand: undo, pass all, what is left, leave it. */
const emit = defineEmits<{ left: []; leave: [] }>();
const { draft, stand } = useProvided(STAND_CHECK);
const { progress, stations } = draft;
const { left, sweepable, station, unseen } = stand;
const next = computed(() => stations.value[stand.at.value + 1] ?? null);
const words = computed(() => {
  if (left.value.length === 0)
    return t.nextZonesName({ zonesName: next.value ? zonesName(next.value.zones) : t.signOff2 });
  if (unseen.value.length > 0 && unseen.value.length < sweepable.value.length)
    return t.showOther({ unseen: unseen.value.length });
  if (sweepable.value.length < left.value.length)
    return sweepable.value.length
      ? t.passOtherSweepable({ sweepable: sweepable.value.length })
      : t.leftLeftAnswerOne({ left: left.value.length });
  return left.value.length === station.value?.questions.length
    ? t.passAllLeft({ left: left.value.length })
    : t.passOtherLeft({ left: left.value.length });
});
</script>

<template>
  <div
    data-bottom-bar
    class="fixed inset-x-0 bottom-0 z-10 border-t-2 border-ink/30 bg-ground px-4 py-2.5 max-sm:px-2"
  >
    <div class="mx-auto flex max-w-[100rem] items-center gap-2 min-[1000px]:pl-[26.25rem]">
      <ActButton class="shrink-0 max-sm:px-3" data-undo @click="stand.undo()">{{ t.undo }}</ActButton>
      <ActButton
        kind="main"
        big
        class="min-w-0 grow leading-tight max-sm:px-1.5 max-sm:text-base"
        data-sweep
        :disabled="sweepable.length === 0 && left.length > 0"
        @click="stand.sweep()"
        >{{ words }}</ActButton
      >
      <button
        type="button"
        data-keys-pass
        class="figures min-h-12 shrink-0 rounded-md px-2 text-right leading-tight text-soft underline decoration-dotted underline-offset-4"
        @click="emit('left')"
      >
        <span role="status" data-left
          >{{ t.askedLeft({ asked: progress.asked - progress.looked }) }}<br /><span class="text-sm">{{
            t.criticalsMissingCritical({ criticalsMissing: progress.criticalsMissing.length })
          }}</span></span
        ><span class="sr-only">{{ t.showWhatLeft }}</span>
      </button>
      <ActButton class="shrink-0 max-sm:px-3" data-leave-it @click="emit('leave')">{{ t.leave }}</ActButton>
    </div>
  </div>
</template>
