<script setup lang="ts">
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { useGivenPolicy } from './policy-key';
import * as t from './messages';

/** Every policy there has been: who published it, when and why. */
const fleet = useFleet();
const now = useNow();
const { history } = useGivenPolicy();
</script>

<template>
  <section aria-labelledby="history">
    <h2 id="history" class="sturdy text-lg">{{ t.versions }}</h2>
    <ol class="mt-1 divide-y divide-line border-y border-line">
      <li v-for="each in history" :key="each.hash" class="py-2 leading-snug" data-policy-version>
        <span class="font-semibold">{{ t.versionVersion({ version: each.policy.version }) }}</span>
        <span class="text-soft">
          · {{ each.publishedBy ? fleet.nameOf(each.publishedBy) : t.defaultWord
          }}{{ each.publishedAt ? `, ${dayAndClock(each.publishedAt, now)}` : '' }}</span
        ><br />{{ each.policy.note }}
      </li>
    </ol>
  </section>
</template>
