<script setup lang="ts">
import { ref } from 'vue';
import { endSessions } from '@cadre/contract/people';
import { useAct } from '@cadre/web/platform/act';
import { ActButton, NoticePlate, useRefusal } from '@cadre/web/ui';
import OwnDevices from './OwnDevices.vue';
import ChangeSecret from './ChangeSecret.vue';
import { savePersonData } from './save-person-data';
import { useSession } from './use-session';

/** What one does about one's own access: another code, and out on every device where a tablet was lost or left. */
const emit = defineEmits<{ leave: [] }>();
const refusal = useRefusal();
const act = useAct();
const session = useSession();
/** The code is being changed: it has the room to itself. */
const changing = defineModel<boolean>('changing', { default: false });
const changed = ref(false);
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
      {{ changing ? 'Change my code' : 'Your access' }}
    </h3>
    <p v-if="changed" role="status" class="mt-1 font-semibold">
      Your code is changed. Other devices are signed out.
    </p>
    <ChangeSecret
      v-if="changing"
      class="mt-2"
      @done="
        changing = false;
        changed = true;
      "
    />
    <div v-else class="mt-2 flex flex-wrap gap-2">
      <ActButton data-own-secret @click="changing = true">Change my code</ActButton>
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
