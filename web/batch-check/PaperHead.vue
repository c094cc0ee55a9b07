<script setup lang="ts">
import { dayAt, now } from '@cadre/web/platform/time';
import CodeSquare from './CodeSquare.vue';
import * as t from './messages';

/** Over each page: what it is, who fills it in, what the letters mean, and the code that leads back. */
defineProps<{ name: string; page: number; of: number; zone: string | undefined; keyIn: string }>();
const { origin } = location;
</script>

<template>
  <header class="flex items-start gap-4 border-b-2 border-black pb-2">
    <div class="min-w-0 grow">
      <h2 class="sturdy text-2xl leading-tight">{{ name }}</h2>
      <p class="text-sm">{{ t.printedDayPagePage({ day: dayAt(now(), zone), page, of }) }}</p>
      <p class="mt-2 text-sm">
        {{ t.dayCheckedFrom }}
      </p>
      <p class="mt-2 text-sm leading-snug">
        {{ t.writeInEachBox }} <b>{{ t.p }}</b> {{ t.pass2 }} <b>{{ t.f }}</b> {{ t.fail }} <b>{{ t.w }}</b>
        {{ t.watch }} <b>{{ t.x }}</b> {{ t.fixedOnSpot }} <b>{{ t.s }}</b> {{ t.skippedNumberEmptyBox }}
      </p>
    </div>
    <CodeSquare class="size-28 shrink-0" :text="`${origin}${keyIn}`" :label="t.codeOpensChecklistEnter" />
  </header>
</template>
