<script setup lang="ts">
import { ref } from 'vue';
import { endSessions, removePin } from '@cadre/contract/people';
import { useAct } from '@cadre/web/platform/act';
import { ActButton, NoticePlate, useRefusal } from '@cadre/web/ui';
import OwnDevices from './OwnDevices.vue';
import ChangeSecret from './ChangeSecret.vue';
import SetPin from './SetPin.vue';
import { savePersonData } from './save-person-data';
import { useSession } from './use-session';

/** What one does about one's own access: another code, and out on every device where a tablet was lost or left. */
const emit = defineEmits<{ leave: [] }>();
const refusal = useRefusal();
const act = useAct();
const session = useSession();
/** The code is being changed: it has the room to itself. */
const changing = defineModel<boolean>('changing', { default: false });
const form = ref<'code' | 'pin'>('code');
const said = ref('');
function open(which: 'code' | 'pin'): void {
  form.value = which;
  said.value = '';
  changing.value = true;
}
function done(what: string): void {
  changing.value = false;
  said.value = what;
}
const withoutPin = (): Promise<boolean> =>
  refusal.run(async () => {
    session.take(await act(removePin, { body: {} }));
    said.value = 'Your PIN is gone from this device.';
  });
/** The list of devices is asked for: the dialog is for changing the person first. */
const listing = ref(false);
const saveOwn = (): Promise<boolean> =>
  refusal.run(async () => {
    if (session.person) await savePersonData(session.person);
  });
async function everywhere(): Promise<void> {
  if (await refusal.run(async () => void (await act(endSessions, { body: {} })))) emit('leave');
}
</script>

<template>
  <section :class="!changing && 'mt-5 border-t-2 border-line pt-4'" aria-labelledby="own-access">
    <h3 id="own-access" class="sturdy text-lg">
      {{ !changing ? 'Your access' : form === 'pin' ? 'Set a PIN for this device' : 'Change my code' }}
    </h3>
    <p v-if="said" role="status" class="mt-1 font-semibold">{{ said }}</p>
    <p v-if="session.quick && !changing" class="mt-1">
      You signed in with your PIN. Releasing a bike and changing people or rules need your code.
    </p>
    <SetPin v-if="changing && form === 'pin'" class="mt-2" @done="done('Your PIN is set for this device.')" />
    <ChangeSecret
      v-else-if="changing"
      class="mt-2"
      @done="done('Your code is changed. Other devices are signed out.')"
    />
    <div v-else class="mt-2 flex flex-wrap gap-2">
      <ActButton data-own-secret @click="open('code')">Change my code</ActButton>
      <ActButton v-if="session.hasPin" :disabled="refusal.busy.value" data-remove-pin @click="withoutPin"
        >Remove my PIN</ActButton
      >
      <ActButton v-else-if="!session.quick" data-own-pin @click="open('pin')">Set a PIN</ActButton>
      <ActButton :disabled="refusal.busy.value" data-end-all @click="everywhere"
        >Sign out on every device</ActButton
      >
      <ActButton v-if="session.person" data-own-data @click="saveOwn">Save my data</ActButton>
      <ActButton :aria-expanded="listing" data-own-devices @click="listing = !listing">My devices</ActButton>
    </div>
    <OwnDevices v-if="!changing && listing" />
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" class="mt-2" />
  </section>
</template>
