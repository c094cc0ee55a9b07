<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import { useRoute } from 'vue-router';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet, usePicked } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import StandCheck from './StandCheck.vue';
import { findOrBegin } from './drafts';
import { useExposureKnown } from './use-exposure-known';
import { ActButton } from '@cadre/web/ui';
import * as t from './messages';

/** Finds or begins the check of the bike at the stand. */
const props = defineProps<{ bikeId: string }>();
const fleet = useFleet();
const session = useSession();
const catalogue = useCatalogue();
const route = useRoute();
const picked = usePicked();
const checkId = ref<string | null>(null);
const missing = ref(false);
const exposureKnown = useExposureKnown();
const bike = computed(() => fleet.bikeById.get(props.bikeId) ?? null);

/** The checklist asked for by its key, or the ride-out of this kind of bike. */
const chosenChecklist = (kind: string): ReturnType<typeof catalogue.checklistFor> =>
  typeof route.query.checklist === 'string'
    ? catalogue.checklistByKey(route.query.checklist)
    : catalogue.checklistFor(kind);

onMounted(async () => {
  picked.id = props.bikeId;
  if (!fleet.wall) await fleet.load();
  if (!catalogue.known) await catalogue.load();
  const wanted = typeof route.query.check === 'string' ? route.query.check : null;
  const found =
    bike.value && session.person
      ? await findOrBegin(
          bike.value,
          wanted ? null : await chosenChecklist(bike.value.build.kind),
          session.person.id,
          wanted,
        )
      : null;
  if (found && bike.value) await exposureKnown(found, bike.value);
  checkId.value = found?.id ?? null;
  missing.value = found === null;
});
</script>

<template>
  <StandCheck v-if="bike && checkId" :key="checkId" :bike="bike" :check-id="checkId" />
  <main v-else class="p-8" role="status">
    <template v-if="missing">
      <h1 class="sturdy text-2xl">{{ t.noOpenCheck }}</h1>
      <p class="mt-2">
        {{ t.checkAlreadySignedClosed }}
      </p>
      <ActButton :to="{ name: 'wall' }" kind="main" class="mt-4">{{ t.goRackWall }}</ActButton>
    </template>
    <p v-else class="text-soft">{{ t.loadingChecklist }}</p>
  </main>
</template>
