<script setup lang="ts">
import { onMounted, ref } from 'vue';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton } from '@cadre/web/ui';
import CampaignBoard from './CampaignBoard.vue';
import CampaignForm from './CampaignForm.vue';
import { useCampaigns } from './use-campaigns';
import * as t from './messages';

/** Whole fleets to be done by a day. */
const fleet = useFleet();
const catalogue = useCatalogue();
const campaigns = useCampaigns();
const session = useSession();
const planning = ref(false);
onMounted(() => {
  campaigns.begin();
  if (!fleet.wall) void fleet.load();
  if (!catalogue.known) void catalogue.load();
});
</script>

<template>
  <main class="mx-auto max-w-[100rem] space-y-4 px-4 pb-12 pt-3 max-sm:px-2" data-campaigns>
    <header class="flex flex-wrap items-center gap-2">
      <h1 class="sturdy mr-auto text-2xl">{{ t.campaigns }}</h1>
      <ActButton
        v-if="session.may('edit-fleet') && !planning"
        :kind="campaigns.campaigns.length ? 'plain' : 'main'"
        data-plan-campaign
        @click="planning = true"
        >{{ t.planCampaign }}</ActButton
      >
    </header>
    <p v-if="campaigns.asOf" role="status" class="rounded-md bg-watch-wash px-4 py-2 text-watch">
      {{ t.offlineMayBeOld }}
    </p>
    <CampaignForm v-if="planning && fleet.wall && catalogue.known" @done="planning = false" />
    <p v-if="!campaigns.known || !fleet.wall" role="status" class="text-soft">{{ t.loading }}</p>
    <p v-else-if="campaigns.campaigns.length === 0 && !planning" class="text-soft">
      {{ session.may('edit-fleet') ? t.noCampaignsMayPlan : t.noCampaigns }}
    </p>
    <template v-else>
      <CampaignBoard v-for="campaign in campaigns.campaigns" :key="campaign.id" :campaign="campaign" />
    </template>
  </main>
</template>
