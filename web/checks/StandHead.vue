<script setup lang="ts">
import { computed } from 'vue';
import { useProvided } from '@cadre/web/platform/provided';
import { KIND_WORDS } from '@cadre/web/words';
import { STAND_CHECK } from './use-stand-check';
import * as t from './messages';

/** What the strip shows while one works at the stand: whose turn it is, what is asked of it, and how far it is. */
const { bike, draft, others } = useProvided(STAND_CHECK);
const { check, progress } = draft;
const part = computed(() =>
  progress.value.asked === 0 ? 0 : (100 * progress.value.looked) / progress.value.asked,
);
</script>

<template>
  <Teleport defer to="#work-head">
    <div class="flex items-center gap-3 max-sm:gap-2">
      <h1 class="sturdy shrink-0 text-2xl leading-none">
        <span class="sr-only">{{ check?.checklist.name }}: </span>{{ bike.tag }}
      </h1>
      <p class="min-w-0 truncate leading-tight text-soft max-sm:hidden">
        {{ check?.checklist.name }} · {{ KIND_WORDS[bike.build.kind] }} {{ bike.size }}
      </p>
      <p v-if="others.length" class="min-w-0 truncate font-semibold max-sm:text-sm" data-others>
        {{ t.withOthers({ others: others.join(', ') }) }}
      </p>
      <p
        v-if="draft.resting.value.length"
        class="figures shrink-0 leading-tight text-soft max-sm:hidden"
        data-not-asked
      >
        {{ t.countNotAsked({ count: draft.resting.value.length }) }}
      </p>
      <span class="ml-auto flex shrink-0 items-center gap-2">
        <span
          class="block h-3 w-32 overflow-hidden rounded-full border-2 border-ink/60 bg-plate max-sm:w-14"
          aria-hidden="true"
          ><span class="block h-full bg-act" :style="{ width: `${part}%` }"
        /></span>
        <span class="figures font-semibold" data-progress>{{
          t.answeredOf({ answered: progress.looked, asked: progress.asked })
        }}</span>
      </span>
    </div>
  </Teleport>
</template>
