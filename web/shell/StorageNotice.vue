<script setup lang="ts">
import { AlertTriangle } from '@lucide/vue';
import { storageTrouble } from '@cadre/web/platform/local-db';
import * as t from './messages';
</script>

<template>
  <p
    v-if="storageTrouble"
    role="alert"
    class="flex items-start gap-3 bg-held-wash px-4 py-2"
    data-storage-trouble
  >
    <AlertTriangle class="mt-0.5 size-5 shrink-0 text-held" aria-hidden="true" />
    <span v-if="storageTrouble === 'silent'">
      <strong>{{ t.doNotMarkYet }}</strong> {{ t.browserNotSavingYour }}
    </span>
    <span v-else>
      <strong>{{ t.yourNextMarksMay }}</strong> {{ t.browserCouldNotSave }}
    </span>
  </p>
</template>
