<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import { clock } from '@cadre/web/platform/time';
import { NoticePlate } from '@cadre/web/ui';
import { useFleet } from '@cadre/web/fleet';
import { ON_WALL } from './wall-key';
import { useWallView } from './use-wall';

/** What has to be known over the racks: no signal, what is being arranged, what was refused. */
const fleet = useFleet();
const view = useWallView();
const { arrange } = useProvided(ON_WALL);
</script>

<template>
  <p v-if="fleet.asOf" role="status" class="mt-2 rounded-md bg-watch-wash px-4 py-2 text-watch">
    As of {{ clock(fleet.asOf) }}. No signal: what others did since is not shown, and nothing can be handed
    out or released.
  </p>
  <p v-if="view.arranging" role="status" class="mt-2 rounded-md bg-sunk px-4 py-2">
    {{
      arrange.lifted.value
        ? `${fleet.bikeById.get(arrange.lifted.value)?.tag} is in your hand: touch the hook it goes on, or the bike it changes places with. Esc puts it back.`
        : 'Drag a tag to another hook, or touch it and then the hook. Rename racks, change their hooks and order where they hang.'
    }}
  </p>
  <NoticePlate v-if="arrange.refusal.said.value" class="mt-2" :said="arrange.refusal.said.value" />
</template>
