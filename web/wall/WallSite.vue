<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import { defineAsyncComponent } from 'vue';
import type { Site } from '@cadre/contract/fleet';
import { useSession } from '@cadre/web/people';
import SiteHeading from './SiteHeading.vue';
import { ON_WALL } from './wall-key';
import { useWallView } from './use-wall';
import * as t from './messages';

const AddRackForm = defineAsyncComponent(() => import('./AddRackForm.vue'));

/** The line over a site's racks; while racks are arranged, a site is changed and a rack added here. */
defineProps<{ site: Site; bikes: number; racks: number }>();
const view = useWallView();
const session = useSession();
const { arrange } = useProvided(ON_WALL);
</script>

<template>
  <div class="pt-1">
    <div class="flex flex-wrap items-center justify-between gap-x-3 gap-y-2">
      <SiteHeading
        :site="site"
        :bikes="bikes"
        :editing="view.arranging && session.may('edit-program')"
        :busy="arrange.refusal.busy.value"
        @save="(fields) => arrange.changeSite(site, fields)"
      />
      <AddRackForm
        v-if="(view.arranging || racks === 0) && session.may('edit-fleet')"
        :site="site"
        :busy="arrange.refusal.busy.value"
        @add="(name, hooks) => arrange.add(site.id, name, hooks)"
      />
    </div>
    <p v-if="racks === 0 && !view.arranging" class="text-soft">
      {{ t.noRacksHereYet }}
      <template v-if="session.may('edit-fleet')"
        >{{ t.addRack2 }}
        <RouterLink :to="{ name: 'exchange' }" class="text-act underline">{{ t.importList2 }}</RouterLink>
        {{ t.namesRacks }}</template
      >
    </p>
  </div>
</template>
