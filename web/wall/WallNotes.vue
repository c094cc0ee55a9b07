<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import { clock } from '@cadre/web/platform/time';
import { NoticePlate } from '@cadre/web/ui';
import { useFleet } from '@cadre/web/fleet';
import { ON_WALL } from './wall-key';
import { useWallView } from './use-wall';
import * as t from './messages';

/** What has to be known over the racks: no signal, what is being arranged, what was refused. */
const fleet = useFleet();
const view = useWallView();
const { arrange } = useProvided(ON_WALL);
</script>

<template>
  <p v-if="fleet.asOf" role="status" class="mt-2 rounded-md bg-watch-wash px-4 py-2 text-watch">
    {{ t.offlineSinceTimeChanges({ time: clock(fleet.asOf) }) }}
  </p>
  <p v-if="view.arranging" role="status" class="mt-2 rounded-md bg-sunk px-4 py-2">
    {{
      arrange.lifted.value
        ? t.youMovingTagTouch({ tag: fleet.bikeById.get(arrange.lifted.value)?.tag ?? '' })
        : t.dragTagAnotherHook
    }}
  </p>
  <NoticePlate v-if="arrange.refusal.said.value" class="mt-2" :said="arrange.refusal.said.value" />
</template>
