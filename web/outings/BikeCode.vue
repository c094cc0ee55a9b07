<script setup lang="ts">
import { ref } from 'vue';
import { ScanLine } from '@lucide/vue';
import type { Bike } from '@cadre/contract/fleet';
import { CameraReader, readCode } from '@cadre/web/find';
import { useFleet, useFound } from '@cadre/web/fleet';
import { lookUpCode } from '@cadre/web/labels';
import { ActButton, NoticePlate } from '@cadre/web/ui';
import type { Said } from '@cadre/web/platform/api';
import * as t from './messages';

/** One tag after the other: by a scanner anywhere on the page, typed, or by the camera. */
const emit = defineEmits<{ bike: [bike: Bike] }>();
const fleet = useFleet();
const text = ref('');
const camera = ref(false);
const said = ref<Said | null>(null);
function take(bike: Bike): boolean {
  said.value = null;
  text.value = '';
  emit('bike', bike);
  return true;
}
useFound(take);
async function scannedLabel(code: string): Promise<void> {
  const label = await lookUpCode(code);
  const bike = fleet.bikeById.get(label?.subjectId ?? '');
  if (bike) take(bike);
  else said.value = { what: t.codeNotValid, todo: t.findByTag };
}
function typed(code: string): boolean {
  const tag = code.trim();
  if (!tag) return false;
  const target = readCode(tag, fleet.bikes, location.origin);
  if (target.kind === 'bike') return take(target.bike);
  if (target.kind === 'label') {
    void scannedLabel(target.code);
    return true;
  }
  said.value = { what: t.noSuchTag({ tag: tag.slice(0, 40) }), todo: t.checkTagTypeAgain };
  return false;
}
</script>

<template>
  <div class="space-y-2">
    <form class="flex gap-2" @submit.prevent="typed(text)">
      <label class="relative min-w-0 grow">
        <span class="sr-only">{{ t.tagField }}</span>
        <ScanLine :size="22" class="absolute left-3 top-3 text-soft" aria-hidden="true" />
        <input
          v-model="text"
          autocomplete="off"
          autocapitalize="characters"
          :placeholder="t.scanHint"
          maxlength="120"
          class="h-12 w-full rounded-md border-2 border-ink/60 bg-plate pl-11 pr-3 text-lg placeholder:text-base placeholder:text-soft"
          data-tag-field
        />
      </label>
      <ActButton :aria-pressed="camera" data-use-camera @click="camera = !camera">{{
        camera ? t.closeCamera : t.camera
      }}</ActButton>
    </form>
    <CameraReader v-if="camera" :take="typed" />
    <NoticePlate v-if="said" :said="said" />
  </div>
</template>
