<script setup lang="ts">
import { AlertTriangle } from '@lucide/vue';
import { storageTrouble } from './storage';
</script>

<template>
  <p v-if="storageTrouble" role="alert" class="flex items-start gap-3 bg-held-wash px-4 py-2" data-storage-trouble>
    <AlertTriangle class="mt-0.5 size-5 shrink-0 text-held" aria-hidden="true" />
    <span v-if="storageTrouble === 'silent'">
      <strong>Nothing marked now would last:</strong> this browser does not answer where marks are kept. Close other windows of Cadre, then load this
      page again.
    </span>
    <span v-else>
      <strong>What is marked now may not last:</strong> this browser could not read or keep something. Its disk may be full, or the window private.
      Make room or take another browser, load the page again, and look whether all you marked is there.
    </span>
  </p>
</template>
