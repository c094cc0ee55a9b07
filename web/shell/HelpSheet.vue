<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue';
import { onMounted, ref } from 'vue';
import { useRoute } from 'vue-router';
import { keyHelp } from '@cadre/web/platform/keys';
import type { ViewHelp } from '@cadre/web/platform/nav';
import { nextTheme, theme } from '@cadre/web/platform/theme';
import * as t from './messages';

/** What the screen in front is for, the words it uses and its keys. */
const emit = defineEmits<{ close: [] }>();
const route = useRoute();
const keys = keyHelp();
const help = ref<ViewHelp | null>(null);
const THEME_WORDS = { light: t.light, dim: t.dim, contrast: t.highContrast };
onMounted(async () => {
  help.value = (await route.meta.help?.())?.default ?? null;
});
</script>

<template>
  <Dialog open class="relative z-40" @close="emit('close')">
    <div class="fixed inset-0 bg-black/50" aria-hidden="true" />
    <div class="fixed inset-0 grid place-items-center p-4">
      <DialogPanel
        class="max-h-full w-full max-w-2xl overflow-y-auto rounded-lg border-2 border-ink/60 bg-plate p-5"
      >
        <DialogTitle class="sturdy text-2xl">{{ route.meta.title }}</DialogTitle>
        <div v-if="help" data-view-help>
          <p v-for="text in help.purpose" :key="text" class="mt-2">{{ text }}</p>
          <h3 v-if="help.words.length" class="sturdy mt-4 text-lg">{{ t.wordsOnScreen }}</h3>
          <dl class="mt-1 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 max-sm:grid-cols-1">
            <template v-for="each in help.words" :key="each.word"
              ><dt class="font-semibold">{{ each.word }}</dt>
              <dd class="max-sm:mb-1">{{ each.means }}</dd></template
            >
          </dl>
        </div>
        <h3 class="sturdy mt-4 text-lg">{{ t.keysOnScreen }}</h3>
        <dl class="mt-1 grid grid-cols-[auto_1fr] gap-x-4 gap-y-2">
          <template v-for="each in keys" :key="each.keys"
            ><dt>
              <kbd class="sturdy rounded border-2 border-line bg-sunk px-2 py-0.5 text-sm">{{
                each.keys
              }}</kbd>
            </dt>
            <dd>{{ each.does }}</dd></template
          >
        </dl>
        <button
          type="button"
          class="mt-4 min-h-12 w-full rounded-md border-2 border-ink/60 px-4 font-semibold sm:hidden"
          @click="nextTheme"
        >
          {{ t.themeThemeChange({ theme: THEME_WORDS[theme] }) }}
        </button>
        <button
          type="button"
          class="mt-3 min-h-12 w-full rounded-md bg-act px-4 font-semibold text-on-act"
          @click="emit('close')"
        >
          {{ t.close }}
        </button>
      </DialogPanel>
    </div>
  </Dialog>
</template>
