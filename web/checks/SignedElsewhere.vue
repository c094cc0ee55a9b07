<script setup lang="ts">
import { ActButton } from '@cadre/web/ui';

/** Somebody else has put their name under this check while it was open here. */
defineProps<{ name: string }>();
defineEmits<{ on: [] }>();
</script>

<template>
  <section class="space-y-3" data-signed-elsewhere>
    <h2 class="sturdy text-2xl">{{ name }} has signed this check</h2>
    <p>Everything marked here is in it. To look again, begin a new one.</p>
    <ActButton kind="main" @click="$emit('on')">Go on</ActButton>
  </section>
</template>
