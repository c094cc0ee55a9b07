<script setup lang="ts">
import { ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { useFleet } from '@cadre/web/fleet';
import { ActButton, TextField } from '@cadre/web/ui';
import * as t from './messages';

/** What is loose, open or missing right now: each holds the bike until somebody closes it. */
defineProps<{ bike: Bike; busy: boolean }>();
const emit = defineEmits<{ leave: [what: string]; close: [itemId: string] }>();
const fleet = useFleet();
const what = ref('');
function leave(): void {
  emit('leave', what.value.trim());
  what.value = '';
}
</script>

<template>
  <div class="rounded-md bg-sunk p-3">
    <h3 class="font-semibold">{{ t.notReassembled }}</h3>
    <ul>
      <li v-for="item in bike.facts.notReassembled" :key="item.id" class="flex items-center gap-3 py-1">
        <span class="grow"
          >{{ item.what }} <span class="text-soft">· {{ fleet.nameOf(item.by) }}</span></span
        ><ActButton :disabled="busy" data-together @click="emit('close', item.id)">{{
          t.reassembled
        }}</ActButton>
      </li>
    </ul>
    <form class="mt-1 flex items-end gap-2" @submit.prevent="leave">
      <TextField v-model="what" :label="t.whatLooseOpenMissing" class="grow" maxlength="200" />
      <ActButton type="submit" :disabled="!what.trim() || busy">{{ t.addItem }}</ActButton>
    </form>
  </div>
</template>
