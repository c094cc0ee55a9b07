<script setup lang="ts">
import { AlertTriangle } from '@lucide/vue';
import { storageTrouble } from '@cadre/web/platform/local-db';
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
      <strong>Do not mark yet:</strong> this browser is not keeping what you mark. Close other windows of
      Cadre, then load this page again.
    </span>
    <span v-else>
      <strong>What you mark now may be lost:</strong> this browser could not read or keep something. Its disk
      may be full, or the window private. Make room or take another device, load the page again, and check
      that all you marked is there.
    </span>
  </p>
</template>
