<script setup lang="ts">
import { RotateCcw } from '@lucide/vue';
import type { LooseJointTold } from '@cadre/contract/torque';
import * as t from './messages';

/** That a joint comes loose again and again: the wrench alone does not mend it. */
defineProps<{ loose: LooseJointTold }>();
</script>

<template>
  <p class="flex items-start gap-2 font-semibold leading-snug text-watch" :data-comes-loose="loose.joint">
    <RotateCcw class="mt-0.5 size-5 shrink-0" aria-hidden="true" />
    <span
      >{{ loose.onBike > 0 ? t.comesLooseHere({ times: loose.onBike }) : t.comesLooseOnModel
      }}<template v-if="loose.modelBikes > 1"
        >{{ ' ' }}{{ t.onModelBikes({ times: loose.onModel, bikes: loose.modelBikes }) }}</template
      >
      <span class="block font-normal">{{ t.inspectBeforeTightening }}</span></span
    >
  </p>
</template>
