<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import { useFleet } from '@cadre/web/fleet';
import { ON_WALL } from './wall-key';
import * as t from './messages';

/** In place of racks: what to wait for, or what to do first. */
const fleet = useFleet();
const { wall } = useProvided(ON_WALL);
</script>

<template>
  <p v-if="!fleet.wall" class="p-8 text-soft" role="status">{{ t.loadingRacks }}</p>
  <p v-else-if="fleet.bikes.length === 0" class="mt-4 max-w-prose text-lg">
    {{ t.noBikesYet }}
    <RouterLink :to="{ name: 'exchange' }" class="text-act underline">{{ t.importList }}</RouterLink>
    {{ t.fromSpreadsheet }}
    <RouterLink :to="{ name: 'bike-new' }" class="text-act underline">{{ t.addFirstBike }}</RouterLink>.
  </p>
  <p v-else-if="wall.shown.value.length === 0" class="mt-4 text-lg">
    {{ t.noBikeMatchesAll }}
  </p>
</template>
