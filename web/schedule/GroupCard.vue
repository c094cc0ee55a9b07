<script setup lang="ts">
import { computed, ref } from 'vue';
import { changeGroup, removeGroup, type Group } from '@cadre/contract/schedule';
import { readWants, type GroupCover } from '@cadre/core/schedule';
import { clock } from '@cadre/web/platform/time';
import { useAct } from '@cadre/web/platform/act';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import { shortWords, standInWords, wantText, wantWords } from './wording';
import * as t from './messages';

/** One group due out: when, what it wants, and how far the cleared bikes go round. */
const props = defineProps<{ group: Group; cover: GroupCover | null }>();
const fleet = useFleet();
const session = useSession();
const act = useAct();
const refusal = useRefusal();
const changing = ref<string | null>(null);
const site = computed(() => fleet.siteById.get(props.group.siteId));
const remove = (): Promise<boolean> =>
  refusal.run(async () => {
    await act(removeGroup, { params: { id: props.group.id }, body: {} });
    await fleet.load();
  });
function saveChange(): void {
  if (changing.value === null) return;
  const { wants, unread } = readWants(changing.value);
  if (unread.length > 0 || wants.length === 0) {
    refusal.said.value = {
      what: unread.length ? t.unreadNotUnderstood({ unread: unread.join('”, “') }) : t.enterNumberBikes,
      todo: t.writeForExample8,
    };
    return;
  }
  void refusal
    .run(async () => {
      const { id, siteId: at, name, outAt, backAt, version } = props.group;
      await act(changeGroup, {
        params: { id },
        body: { siteId: at, name, outAt, backAt, wants: wants.map((want) => ({ ...want })), version },
      });
      await fleet.load();
    })
    .then((done) => {
      if (done) changing.value = null;
    });
}
</script>

<template>
  <li class="rounded-lg border-2 border-ink/55 bg-plate px-3 py-2" :data-group-row="group.name">
    <div class="flex items-start gap-x-4 gap-y-1 max-sm:flex-wrap">
      <p class="sturdy leading-tight">
        {{ clock(group.outAt, site?.timeZone) }}<br /><span class="text-soft">{{
          clock(group.backAt, site?.timeZone)
        }}</span>
      </p>
      <div class="min-w-0 grow basis-48">
        <p class="text-lg font-semibold leading-tight">
          {{ group.name }}
          <span class="text-base font-normal text-soft">· {{ site?.name }}</span>
        </p>
        <p class="figures leading-snug">
          {{ group.wants.map((want) => wantWords(want)).join(', ') }}
        </p>
        <p
          v-if="cover"
          class="figures leading-snug"
          :class="shortWords(cover.wants) ? 'font-semibold text-watch' : 'text-act'"
        >
          {{ t.clearedNeededBikesCleared({ cleared: cover.cleared, needed: cover.needed })
          }}<template v-if="shortWords(cover.wants)"
            >{{ ' ' }}{{ t.shortShort({ short: shortWords(cover.wants) }) }}</template
          ><template v-if="standInWords(cover.wants)"> · {{ standInWords(cover.wants) }}</template>
        </p>
      </div>
      <div v-if="session.may('edit-fleet')" class="flex shrink-0 gap-1">
        <ActButton @click="changing = wantText(group.wants)">{{ t.change }}</ActButton>
        <ActButton kind="quiet" :disabled="refusal.busy.value" @click="remove">{{ t.remove }}</ActButton>
      </div>
    </div>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" class="mt-2" />
    <form v-if="changing !== null" class="mt-2 flex flex-wrap items-end gap-2" @submit.prevent="saveChange">
      <TextField v-model="changing" :label="t.bikesName({ name: group.name })" class="grow" />
      <ActButton kind="main" type="submit">{{ t.save }}</ActButton><ActButton @click="changing = null">{{
        t.cancel
      }}</ActButton>
    </form>
  </li>
</template>
