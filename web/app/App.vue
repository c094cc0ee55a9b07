<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useCatalogue } from '@cadre/web/catalogue';
import { useOutbox } from '@cadre/web/checks';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import DayStrip from './DayStrip.vue';
import { useKeys } from './keys';

const ChangePerson = defineAsyncComponent(() => import('../people/ChangePerson.vue'));
const ShortcutSheet = defineAsyncComponent(() => import('./ShortcutSheet.vue'));

const session = useSession();
const fleet = useFleet();
const catalogue = useCatalogue();
const outbox = useOutbox();
const route = useRoute();
const router = useRouter();
const changing = ref(false);
const shortcuts = ref(false);
const signedIn = computed(() => session.person !== null);

watch(
  signedIn,
  (now) => {
    if (!now) {
      fleet.unfollow();
      return;
    }
    outbox.begin();
    void outbox.flush();
    if (!fleet.wall) void fleet.load();
    void catalogue.load();
    fleet.follow();
  },
  { immediate: true },
);
// Somebody published a sheet or a policy: the next check begun here asks it.
watch(
  () => fleet.wall && `${fleet.wall.policyHash} ${fleet.wall.sheetVersions}`,
  (now, before) => {
    if (now && before && signedIn.value) void catalogue.load();
  },
);
watch(
  () => outbox.reachable,
  (reached) => {
    if (!reached) return;
    void session.confirm();
    if (fleet.asOf) void fleet.load();
  },
);
async function changed(): Promise<void> {
  changing.value = false;
  await outbox.flush();
  await Promise.all([fleet.load(), catalogue.load()]);
}
async function leave(): Promise<void> {
  changing.value = false;
  await router.push({ name: 'sign-in' });
}
useKeys(
  () => ({
    '?': () => {
      shortcuts.value = !shortcuts.value;
    },
    g: () => void router.push({ name: 'wall' }),
  }),
  [
    { keys: 'G', does: 'To the rack wall' },
    { keys: '?', does: 'This sheet' },
  ],
);
</script>

<template>
  <DayStrip v-if="signedIn && !route.meta.open" @change="changing = true" @help="shortcuts = true" />
  <RouterView v-slot="{ Component }"><component :is="Component" :key="String(route.name)" /></RouterView>
  <ChangePerson v-if="changing" @done="changed" @close="changing = false" @leave="leave" />
  <ShortcutSheet v-if="shortcuts" @close="shortcuts = false" />
</template>
