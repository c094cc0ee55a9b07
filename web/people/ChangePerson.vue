<script setup lang="ts">
import { ref } from 'vue';
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue';
import { ActButton, NoticePlate, useRefusal } from '@cadre/web/ui';
import OwnAccess from './OwnAccess.vue';
import SignInForm from './SignInForm.vue';
import { useSession } from './use-session';
import * as t from './messages';

/** Another person takes the tablet over; what is on the screen stays. */
const emit = defineEmits<{ done: []; close: []; leave: [] }>();
const session = useSession();
const refusal = useRefusal();
const changing = ref(false);
async function leave(): Promise<void> {
  if (await refusal.run(session.leave)) emit('leave');
}
/** Signed out everywhere, here too. */
async function left(): Promise<void> {
  await session.forget();
  emit('leave');
}
</script>

<template>
  <Dialog open class="relative z-40" @close="emit('close')">
    <div class="fixed inset-0 bg-black/50" aria-hidden="true" />
    <div class="fixed inset-0 grid place-items-center overflow-y-auto p-4">
      <DialogPanel class="w-full max-w-md rounded-lg border-2 border-ink/60 bg-plate p-5">
        <DialogTitle class="sturdy mb-1 text-2xl" :class="changing && 'sr-only'">{{
          changing ? session.person?.name : t.changePerson
        }}</DialogTitle>
        <p v-if="!changing" class="mb-4 text-soft">
          {{ t.signedInNameEarlier({ name: session.person?.name ?? '' }) }}
        </p>
        <SignInForm v-if="!changing" @done="emit('done')" />
        <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" class="mt-3" />
        <OwnAccess v-if="session.person && !session.needsSignIn" v-model:changing="changing" @leave="left" />
        <div class="mt-4 flex justify-between gap-2">
          <ActButton @click="changing ? (changing = false) : emit('close')">{{ t.back }}</ActButton><ActButton
            v-if="!changing"
            @click="leave"
            >{{ t.signOut }}</ActButton
          >
        </div>
      </DialogPanel>
    </div>
  </Dialog>
</template>
