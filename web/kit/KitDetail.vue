<script setup lang="ts">
import { computed, onMounted, useTemplateRef } from 'vue';
import type { KitItem } from '@cadre/contract/kit';
import { kitProblems, type KitKind } from '@cadre/core/kit';
import { clock, dayAt, dayWords } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton, CautionLine, NoticePlate, useRefusal } from '@cadre/web/ui';
import InspectKit from './InspectKit.vue';
import { KIT_WORDS, thingsWords } from './kit-words';
import TakeBackKit from './TakeBackKit.vue';
import type { KitStore } from './use-kit';
import * as t from './messages';

/** One item: what keeps it here or where it is, and its next act. */
const props = defineProps<{ item: KitItem; day: string; zone: string; store: KitStore }>();
const emit = defineEmits<{ change: []; close: [] }>();
const fleet = useFleet();
const session = useSession();
const refusal = useRefusal();
const place = useTemplateRef('place');
// On a phone it stands above the list it was chosen from.
onMounted(() => place.value?.scrollIntoView({ block: 'nearest' }));
const problems = computed(() => kitProblems(props.item, props.day));
const facts = computed(() => {
  const { item, zone } = props;
  const lines: string[] = [];
  if (item.whereabouts !== 'in')
    lines.push(
      [
        item.whereabouts === 'out' ? t.out : t.packed,
        item.groupName
          ? item.whereabouts === 'out'
            ? t.withGroup({ group: item.groupName })
            : t.forGroup({ group: item.groupName })
          : t.walkIn,
        item.since ? t.since({ time: clock(item.since, zone) }) : '',
      ]
        .filter(Boolean)
        .join(' · '),
    );
  if (item.withdrawn !== null) lines.push(t.withdrawnFor({ reason: item.withdrawn }));
  if (item.impactOn !== null) lines.push(t.impactOn({ day: dayWords(item.impactOn) }));
  if (item.expiresOn !== null)
    lines.push(
      problems.value.includes('expired')
        ? t.expiredOn({ day: dayWords(item.expiresOn) })
        : t.usableUntil({ day: dayWords(item.expiresOn) }),
    );
  if (item.missing.length > 0) lines.push(t.missingThings({ things: thingsWords(item.missing) }));
  if (item.damp) lines.push(t.needsDrying);
  lines.push(
    item.inspectedAt !== null && item.inspectedBy !== null
      ? t.inspectedOn({ day: dayAt(item.inspectedAt, zone), name: fleet.nameOf(item.inspectedBy) })
      : t.neverInspected,
  );
  return lines;
});
const CAUTIONS: Partial<Record<KitKind, string>> = { helmet: t.helmetCaution, 'child-seat': t.seatCaution };
const caution = computed(() => CAUTIONS[props.item.kind]);
</script>

<template>
  <section
    ref="place"
    class="scroll-mt-20 space-y-3 rounded-lg border-2 border-act bg-plate p-3"
    :aria-label="`${KIT_WORDS[item.kind]} ${item.tag}`"
    data-kit-detail
  >
    <header class="flex items-baseline gap-3">
      <h2 class="sturdy text-xl">{{ item.tag }}</h2>
      <span class="text-soft">{{ [KIT_WORDS[item.kind], item.size].filter(Boolean).join(' · ') }}</span>
    </header>
    <ul class="leading-snug">
      <li v-for="line in facts" :key="line">{{ line }}</li>
    </ul>
    <p v-if="item.contents.length && item.whereabouts !== 'out'" class="text-soft">
      {{ t.contents }}: {{ thingsWords(item.contents) }}
    </p>
    <CautionLine v-if="caution" :text="caution" />
    <TakeBackKit v-if="item.whereabouts === 'out'" :item="item" :store="store" :done="() => emit('close')" />
    <template v-else-if="item.withdrawn === null">
      <ActButton
        v-if="problems.length === 0"
        kind="main"
        class="w-full"
        data-lend-kit
        @click="refusal.run(() => store.lend([item.id], item.groupId))"
        >{{ item.groupName ? t.lendToGroup({ group: item.groupName }) : t.lendToWalkIn }}</ActButton
      >
      <InspectKit v-if="session.may('mark')" :item="item" :problems="problems" :store="store" />
    </template>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <div class="flex gap-2">
      <ActButton v-if="session.may('edit-fleet')" data-change-kit @click="emit('change')">{{
        t.change
      }}</ActButton>
      <ActButton @click="emit('close')">{{ t.close }}</ActButton>
    </div>
  </section>
</template>
