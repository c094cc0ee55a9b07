<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue';
import { keyHelp } from '@cadre/web/platform/keys';
import * as t from './messages';

const emit = defineEmits<{ close: [] }>();
const help = keyHelp();
</script>

<template>
  <Dialog open class="relative z-40" @close="emit('close')">
    <div class="fixed inset-0 bg-black/50" aria-hidden="true" />
    <div class="fixed inset-0 grid place-items-center p-4">
      <DialogPanel
        class="max-h-full w-full max-w-lg overflow-y-auto rounded-lg border-2 border-ink/60 bg-plate p-5"
      >
        <DialogTitle class="sturdy text-2xl">{{ t.keysHere }}</DialogTitle>
        <dl class="mt-3 grid grid-cols-[auto_1fr] gap-x-4 gap-y-2">
          <template v-for="each in help" :key="each.keys"
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
          class="mt-4 min-h-12 w-full rounded-md bg-act px-4 font-semibold text-on-act"
          @click="emit('close')"
        >
          {{ t.close }}
        </button>
      </DialogPanel>
    </div>
  </Dialog>
</template>
