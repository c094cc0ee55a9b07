<script setup lang="ts">
import { ActButton } from '@cadre/web/ui';
import * as t from './messages';
</script>

<template>
  <main class="grid place-items-center p-10 text-center">
    <div>
      <h1 class="sturdy text-2xl">{{ t.pageNotFound }}</h1>
      <p class="mt-2">{{ t.cadreHasNoPage }}</p>
      <ActButton :to="{ name: 'wall' }" kind="main" class="mt-4">{{ t.goRackWall }}</ActButton>
    </div>
  </main>
</template>
