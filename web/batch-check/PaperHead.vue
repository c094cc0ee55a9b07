<script setup lang="ts">
import { dayAt, now } from '@cadre/web/platform/time';
import CodeSquare from './CodeSquare.vue';

/** Over each page: what it is, who fills it in, what the letters mean, and the code that leads back. */
defineProps<{ name: string; page: number; of: number; zone: string | undefined; keyIn: string }>();
const { origin } = location;
</script>

<template>
  <header class="flex items-start gap-4 border-b-2 border-black pb-2">
    <div class="min-w-0 grow">
      <h2 class="sturdy text-2xl leading-tight">{{ name }}</h2>
      <p class="text-sm">Printed {{ dayAt(now(), zone) }} · page {{ page }} of {{ of }}</p>
      <p class="mt-2 text-sm">
        Day ____________ &nbsp; Looked over by ______________________ &nbsp; from ______ to ______
      </p>
      <p class="mt-2 text-sm leading-snug">
        Write in each box: <b>P</b> pass · <b>F</b> fail · <b>W</b> watch · <b>X</b> fixed on the spot ·
        <b>S</b> skipped, or the number. A box left empty is skipped: without every critical look (heavy
        print) a bike is not cleared. A bike with an F hangs apart until it is keyed in.
      </p>
    </div>
    <CodeSquare
      class="size-28 shrink-0"
      :text="`${origin}${keyIn}`"
      label="Code that opens this checklist to key it in"
    />
  </header>
</template>
