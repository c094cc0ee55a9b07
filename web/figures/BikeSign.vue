<script setup lang="ts">
import { computed } from 'vue';
import type { Build } from '@cadre/core/fleet';
import { theme } from '@cadre/web/platform/theme';
import { signImage } from './sign-image';

/** A bike as a picture: the small sign on a tag, or the whole figure where nothing on it is to be touched. */
const props = withDefaults(defineProps<{ build: Build; label?: string; detail?: 'sign' | 'full' }>(), {
  label: '',
  detail: 'sign',
});
const image = computed(() => signImage(props.build, theme.value, props.detail));
</script>

<template>
  <img
    :src="image"
    :alt="label"
    decoding="async"
    class="block h-full w-full object-contain"
    draggable="false"
  />
</template>
