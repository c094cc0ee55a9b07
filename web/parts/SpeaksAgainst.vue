<script setup lang="ts">
import { MISMATCHES, type Mismatch } from '@cadre/core/fleet';
import { MISMATCH_WORDS } from '@cadre/web/words';
import { CautionLine, TextField } from '@cadre/web/ui';
import * as t from './messages';

/** The build speaks against a part: why, and room to say why it goes on all the same. */
defineProps<{ mismatches: readonly string[] }>();
const anyway = defineModel<string>({ required: true });
const isMismatch = (word: string): word is Mismatch => (MISMATCHES as readonly string[]).includes(word);
</script>

<template>
  <div role="alert" class="space-y-2 rounded-md border-2 border-watch bg-watch-wash p-3" data-speaks-against>
    <p class="font-semibold">{{ t.partDoesNotSuit }}</p>
    <template v-for="word in mismatches" :key="word"
      ><CautionLine v-if="isMismatch(word)" :text="MISMATCH_WORDS[word]"
    /></template>
    <TextField v-model="anyway" :label="t.reasonForFittingAnyway" :hint="t.reasonStoredWithYour" />
  </div>
</template>
