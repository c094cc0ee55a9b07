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
import * as t from './messages';

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
    said.value = t.yourPinRemovedFrom;
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
      {{ !changing ? t.yourSignIn : form === 'pin' ? t.setPinForDevice : t.changeMyCode }}
    </h3>
    <p v-if="said" role="status" class="mt-1 font-semibold">{{ said }}</p>
    <p v-if="session.quick && !changing" class="mt-1">
      {{ t.youSignedInWith }}
    </p>
    <SetPin v-if="changing && form === 'pin'" class="mt-2" @done="done(t.yourPinSetFor)" />
    <ChangeSecret v-else-if="changing" class="mt-2" @done="done(t.yourCodeChangedOther)" />
    <div v-else class="mt-2 flex flex-wrap gap-2">
      <ActButton data-own-secret @click="open('code')">{{ t.changeMyCode }}</ActButton>
      <ActButton v-if="session.hasPin" :disabled="refusal.busy.value" data-remove-pin @click="withoutPin">{{
        t.removeMyPin
      }}</ActButton>
      <ActButton v-else-if="!session.quick" data-own-pin @click="open('pin')">{{ t.setPin }}</ActButton>
      <ActButton :disabled="refusal.busy.value" data-end-all @click="everywhere">{{
        t.signOutOnAll
      }}</ActButton>
      <ActButton v-if="session.person" data-own-data @click="saveOwn">{{ t.saveMyData }}</ActButton>
      <ActButton :aria-expanded="listing" data-own-devices @click="listing = !listing">{{
        t.myDevices
      }}</ActButton>
    </div>
    <OwnDevices v-if="!changing && listing" />
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" class="mt-2" />
  </section>
</template>
