<script setup lang="ts">
import { ActButton } from '@cadre/web/ui';
</script>

<template>
  <main class="grid place-items-center p-10 text-center">
    <div>
      <h1 class="sturdy text-2xl">Nothing hangs here</h1>
      <p class="mt-2">This address leads nowhere.</p>
      <ActButton :to="{ name: 'wall' }" kind="main" class="mt-4">To the rack wall</ActButton>
    </div>
  </main>
</template>
