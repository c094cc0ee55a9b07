<script setup lang="ts">
import { computed } from 'vue';
import type { FieldIssue } from '@cadre/core/errors';
import type { Finding } from '@cadre/core/findings';
import { needingSecondPerson } from '@cadre/core/repairs';
import type { Bike } from '@cadre/contract/fleet';
import type { StockItem } from '@cadre/contract/parts';
import type { Repair, RepairPlan as Plan } from '@cadre/contract/repairs';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { useCatalogue } from '@cadre/web/catalogue';
import { JOINT_WORDS, TOUCH_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton } from '@cadre/web/ui';
import type { Done } from './finish-form';
import FinishRepair from './FinishRepair.vue';
import RepairPlan from './RepairPlan.vue';
import * as t from './messages';

/** One repair: planned, in work, done, waiting to be looked at again. */
const props = defineProps<{
  bike: Bike;
  repair: Repair;
  findings: readonly Finding[];
  items: readonly StockItem[];
  busy: boolean;
  fields: readonly FieldIssue[];
}>();
const emit = defineEmits<{ plan: [plan: Plan]; done: [done: Done]; look: [] }>();
const fleet = useFleet();
const session = useSession();
const catalogue = useCatalogue();
const now = useNow();
/** Whether this person's own recheck would not count: better said before the looking than after. */
const barred = computed(() => {
  const policy = catalogue.policy();
  return (
    policy !== null &&
    session.person !== null &&
    needingSecondPerson(props.findings, session.person.id, policy, now.value).length > 0
  );
});
const facts = computed(() =>
  [
    ...props.repair.used.map((part) => `${part.count} × ${part.name}`),
    ...props.repair.torques.map((each) => `${JOINT_WORDS[each.joint]} ${each.newtonMetres} N m`),
  ].join(' · '),
);
</script>

<template>
  <div class="rounded-md border-2 border-act p-3" :data-repair="repair.state">
    <template v-if="repair.state === 'started'">
      <h3 class="sturdy text-lg">
        {{ t.inRepair }}
        <span class="font-normal text-soft"
          >· {{ fleet.nameOf(repair.startedBy) }}, {{ dayAndClock(repair.startedAt, now) }}</span
        >
      </h3>
      <RepairPlan
        :bike="bike"
        :repair="repair"
        :items="items"
        :busy="busy"
        :may="session.may('repair')"
        @plan="(plan) => emit('plan', plan)"
      />
      <FinishRepair
        v-if="session.may('repair')"
        class="mt-2"
        :bike="bike"
        :repair="repair"
        :findings="findings"
        :items="items"
        :busy="busy"
        :fields="fields"
        @done="(done) => emit('done', done)"
      />
    </template>
    <template v-else>
      <h3 class="sturdy text-lg">
        {{ t.repaired }}
        <span class="font-normal text-soft"
          >· {{ fleet.nameOf(repair.doneBy ?? '') }}, {{ repair.doneAt ? dayAndClock(repair.doneAt, now) : ''
          }}{{ repair.minutes === null ? '' : t.minutesMin2({ minutes: repair.minutes }) }}</span
        >
      </h3>
      <p v-for="each in repair.work" :key="each.findingId" class="leading-snug">{{ each.done }}</p>
      <p v-if="facts" class="figures leading-snug">{{ facts }}</p>
      <p v-if="repair.touched.length" class="text-soft">
        {{
          t.touchedTouched({
            touched: repair.touched.map((each) => TOUCH_WORDS[each.touch].toLowerCase()).join(', '),
          })
        }}
      </p>
      <p v-if="barred" class="mt-1 font-semibold text-watch">
        {{ t.youDidRepairYour }}
      </p>
      <ActButton
        v-else-if="session.may('recheck')"
        kind="main"
        big
        class="mt-2 w-full"
        :disabled="busy"
        data-recheck
        @click="emit('look')"
        >{{ t.recheck }}</ActButton
      >
    </template>
  </div>
</template>
