<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useCatalogue } from '@cadre/web/catalogue';
import { useOutbox } from '@cadre/web/checks';
import type { Bike } from '@cadre/contract/fleet';
import { FindBike, readCode, useTypeAhead, type Place } from '@cadre/web/find';
import { lookUpCode } from '@cadre/web/labels';
import { giveFound, useFleet, useFound, usePicked } from '@cadre/web/fleet';
import { ChangePerson, useSession } from '@cadre/web/people';
import DayStrip from './DayStrip.vue';
import NavBar from './NavBar.vue';
import NavRail from './NavRail.vue';
import { NoticePlate } from '@cadre/web/ui';
import { onScan, useKeys } from '@cadre/web/platform/keys';
import { usePlaces } from './use-places';
import * as t from './messages';

const HelpSheet = defineAsyncComponent(() => import('./HelpSheet.vue'));

const session = useSession();
const fleet = useFleet();
const catalogue = useCatalogue();
const outbox = useOutbox();
const route = useRoute();
const router = useRouter();
const changing = ref(false);
const shortcuts = ref(false);
const signedIn = computed(() => session.person !== null);
const chrome = computed(() => signedIn.value && !route.meta.open);
// What sticks to the edges of the screen keeps off the navigation.
watch(
  () => (chrome.value ? (route.meta.work ? 'work' : 'full') : 'none'),
  (shown) => (document.documentElement.dataset.chrome = shown),
  { immediate: true },
);

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
// Somebody published a checklist or a policy: the next check begun here asks it.
watch(
  () => fleet.wall && `${fleet.wall.policyHash} ${fleet.wall.checklistVersions}`,
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
/** Whatever found it, the view in front says what happens with it; where none does, it is taken in hand on its own page. */
const picked = usePicked();
useFound((bike) => {
  picked.id = bike.id;
  void router.push({ name: 'bike', params: { bikeId: bike.id } });
  return true;
});
const finding = ref(false);
/** The last scan was of a label that is on nothing here. */
const unknownCode = ref(false);
const ahead = useTypeAhead(finding);
// Back, with a finger on the edge of a phone, leads to another page: nothing may go on lying over it.
watch(
  () => route.path,
  () => {
    finding.value = false;
    shortcuts.value = false;
    changing.value = false;
    unknownCode.value = false;
  },
);
function found(bike: Bike): void {
  finding.value = false;
  giveFound(bike);
}
const places = usePlaces();
function goTo(place: Place): void {
  finding.value = false;
  void router.push(place.to);
}
/** A label leads to its bike; that of a hook or a rack to the wall, where it hangs. */
async function scannedLabel(code: string): Promise<void> {
  unknownCode.value = false;
  const label = await lookUpCode(code);
  const bike = label?.kind === 'bike' ? fleet.bikeById.get(label.subjectId) : undefined;
  if (bike) found(bike);
  else if (label) await router.push({ name: 'wall' });
  else unknownCode.value = true;
}
function readText(text: string): boolean {
  if (!signedIn.value) return false;
  const target = readCode(text, fleet.bikes, location.origin);
  if (target.kind === 'bike') found(target.bike);
  else if (target.kind === 'page') {
    finding.value = false;
    void router.push(target.path);
  } else if (target.kind === 'label') void scannedLabel(target.code);
  return target.kind !== 'nobody';
}
onScan(readText);
useKeys(
  () => ({
    ...(signedIn.value ? { '/': () => (finding.value = true) } : {}),
    '?': () => {
      shortcuts.value = !shortcuts.value;
    },
    g: () => void router.push({ name: 'wall' }),
  }),
  [
    { keys: '/', does: t.findBikeScannerWorks },
    { keys: 'G', does: t.goRackWall },
    { keys: '?', does: t.listKeys },
  ],
);
</script>

<template>
  <template v-if="chrome">
    <NavRail v-if="!route.meta.work" />
    <NavBar v-if="!route.meta.work" />
  </template>
  <div
    class="lg:pl-[var(--nav-rail)] print:p-0"
    :class="chrome && !route.meta.work && 'max-lg:pb-[var(--nav-bar)]'"
  >
    <DayStrip v-if="chrome" @change="changing = true" @help="shortcuts = true" @find="finding = true" />
    <NoticePlate
      v-if="unknownCode"
      class="m-3"
      :said="{ what: t.codeNotValid, todo: t.findByTag }"
      data-unknown-code
    />
    <RouterView v-slot="{ Component }"><component :is="Component" :key="String(route.name)" /></RouterView>
  </div>
  <ChangePerson v-if="changing" @done="changed" @close="changing = false" @leave="leave" />
  <FindBike
    v-if="finding"
    :read="readText"
    :places="places"
    :ahead="ahead"
    @found="found"
    @go="goTo"
    @close="finding = false"
  />
  <HelpSheet v-if="shortcuts" @close="shortcuts = false" />
</template>
