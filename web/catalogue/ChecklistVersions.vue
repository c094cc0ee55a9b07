<script setup lang="ts">
import { shallowRef } from 'vue';
import type { checklistVersions } from '@cadre/contract/catalogue';
import type { AnswerOf } from '@cadre/contract/http';
import { compareChecklists, type ChecklistDifference } from '@cadre/core/catalogue';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { ActButton } from '@cadre/web/ui';
import DifferenceList from './DifferenceList.vue';
import { useCatalogue } from './use-catalogue';
import * as t from './messages';

/** Every version of a checklist: who published it, where it was used, and what it changed. */
const props = defineProps<{ versions: AnswerOf<typeof checklistVersions>['versions'] }>();
const emit = defineEmits<{ show: [hash: string] }>();
const catalogue = useCatalogue();
const fleet = useFleet();
const now = useNow();
const differences = shallowRef<Readonly<Record<string, ChecklistDifference>>>({});

/** Against the version before it. */
async function compare(index: number): Promise<void> {
  const [after, before] = [props.versions[index], props.versions[index + 1]];
  if (!after || !before) return;
  const [is, was] = await Promise.all([
    catalogue.checklistOf(after.hash),
    catalogue.checklistOf(before.hash),
  ]);
  if (is && was)
    differences.value = {
      ...differences.value,
      [after.hash]: compareChecklists(was.checklist, is.checklist),
    };
}
</script>

<template>
  <section aria-labelledby="versions">
    <h2 id="versions" class="sturdy text-lg">{{ t.versions }}</h2>
    <ol class="mt-1 divide-y divide-line border-y border-line">
      <li v-for="(each, index) in versions" :key="each.hash" class="py-2" data-version>
        <div class="flex flex-wrap items-baseline gap-x-3">
          <button
            type="button"
            class="min-h-12 font-semibold text-act underline underline-offset-2"
            @click="emit('show', each.hash)"
          >
            {{ t.versionVersion({ version: each.version }) }}
          </button>
          <span class="text-soft">{{
            each.publishedAt
              ? `${each.publishedBy ? fleet.nameOf(each.publishedBy) : t.defaultWord}, ${dayAndClock(each.publishedAt, now)}`
              : t.defaultWord
          }}</span>
        </div>
        <p class="leading-snug">
          {{ each.publishedBy ? each.note : ''
          }}<template v-if="each.reason"
            >{{ ' ' }}{{ t.reasonForRemovingCritical({ reason: each.reason }) }}</template
          >
        </p>
        <p class="figures text-[0.95rem] text-soft">
          {{
            each.checks
              ? t.checkOnBikeLast({
                  checks: each.checks,
                  bikes: each.bikes,
                  when: each.lastUsedAt ? dayAndClock(each.lastUsedAt, now) : '',
                })
              : t.notUsedYet
          }}
        </p>
        <ActButton
          v-if="index < versions.length - 1 && !differences[each.hash]"
          kind="quiet"
          @click="compare(index)"
          >{{ t.changes }}</ActButton
        >
        <DifferenceList
          v-if="differences[each.hash]"
          class="mt-1"
          :difference="differences[each.hash] as ChecklistDifference"
        />
      </li>
    </ol>
  </section>
</template>
