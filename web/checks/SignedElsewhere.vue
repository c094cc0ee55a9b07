<script setup lang="ts">
import { ActButton } from '@cadre/web/ui';
import * as t from './messages';

/** Somebody else has put their name under this check while it was open here. */
defineProps<{ name: string }>();
defineEmits<{ on: [] }>();
</script>

<template>
  <section class="space-y-3" data-signed-elsewhere>
    <h2 class="sturdy text-2xl">{{ t.nameHasSignedCheck({ name }) }}</h2>
    <p>{{ t.allAnswersFromDevice }}</p>
    <ActButton kind="main" @click="$emit('on')">{{ t.continueWord }}</ActButton>
  </section>
</template>
