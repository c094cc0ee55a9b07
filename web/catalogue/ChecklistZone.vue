<script setup lang="ts">
import { computed } from 'vue';
import type { Checkpoint, ChecklistItem, Zone } from '@cadre/core/catalogue';
import { CHECKPOINTS } from '@cadre/core/shipped';
import { ZONE_WORDS } from '@cadre/web/words';
import ChecklistItemRow from './ChecklistItemRow.vue';
import CheckpointForm from './CheckpointForm.vue';
import { useEditing } from './checklist-draft-key';
import { useCheckpoints } from './use-checkpoints';
import * as t from './messages';

/** The checkpoints of one zone, in the order they are asked. */
const props = defineProps<{
  zone: Zone;
  items: readonly ChecklistItem[];
  /** The key of the checkpoint whose wording is open. */
  writing: string | null;
  taken: ReadonlySet<string>;
}>();
defineEmits<{ edit: [checkpoint: Checkpoint]; save: [checkpoint: Checkpoint]; away: [] }>();
const { draft, checklist } = useEditing();
const { all } = useCheckpoints();
const ownKeys = computed(
  () => new Set(all.value.filter((each) => each.own).map((each) => each.checkpoint.key)),
);
const SHIPPED = new Set(CHECKPOINTS.map((checkpoint) => checkpoint.key));
const isOwn = (checkpoint: Checkpoint): boolean =>
  ownKeys.value.has(checkpoint.key) || !SHIPPED.has(checkpoint.key);
const wasCritical = computed(
  () =>
    new Set(
      (draft.published.value?.items ?? []).filter((item) => item.critical).map((item) => item.checkpoint.key),
    ),
);
const zoneName = (zone: Zone): string =>
  zone === 'front-wheel' ? t.wheels : zone === 'front-brake' ? t.brakes : ZONE_WORDS[zone];
function step(at: number, by: number): void {
  const { items } = props;
  const key = items[at]?.checkpoint.key;
  const before = by < 0 ? items[at - 1] : items[at + 2];
  const behind =
    by > 0 && !before
      ? (checklist.value.items.at(
          (checklist.value.items.findIndex((item) => item === items[at + 1]) ?? 0) + 1,
        )?.checkpoint.key ?? null)
      : null;
  if (key) draft.moveTo(key, before?.checkpoint.key ?? behind);
}
</script>

<template>
  <div class="mt-4">
    <h3 class="sturdy border-t-4 border-rail pt-1 text-[0.95rem] text-soft">{{ zoneName(zone) }}</h3>
    <ol class="mt-1 space-y-1">
      <template v-for="(item, index) in items" :key="item.checkpoint.key">
        <ChecklistItemRow
          :item="item"
          :between="checklist.between ?? []"
          :own="isOwn(item.checkpoint)"
          :first="index === 0"
          :last="index === items.length - 1"
          :was-critical="wasCritical.has(item.checkpoint.key)"
          @set="(part) => draft.setItem(item.checkpoint.key, part)"
          @remove="draft.remove(item.checkpoint.key)"
          @edit="$emit('edit', item.checkpoint)"
          @step="(by) => step(index, by)"
          @dropped="(key) => draft.moveTo(key, item.checkpoint.key)"
        />
        <li v-if="writing === item.checkpoint.key" class="list-none">
          <CheckpointForm
            :checkpoint="item.checkpoint"
            :taken="taken"
            @save="$emit('save', $event)"
            @away="$emit('away')"
          />
        </li>
      </template>
    </ol>
  </div>
</template>
