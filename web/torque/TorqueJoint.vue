<script setup lang="ts">
import { computed, ref } from 'vue';
import { convert } from '@cadre/core/measures';
import type { LooseJointTold } from '@cadre/contract/torque';
import type { TorqueCardRow } from '@cadre/core/torque';
import { JOINT_WORDS } from '@cadre/web/words';
import { CautionLine } from '@cadre/web/ui';
import BoltPattern from './BoltPattern.vue';
import ComesLoose from './ComesLoose.vue';
import { asSet, CAUTION_WORDS, pullWords, statedWords } from './torque-wording';
import * as t from './messages';

/** One joint of a torque card: its figure large, why it is that, how the wrench goes. */
const props = defineProps<{
  row: TorqueCardRow;
  /** It comes loose again and again. */
  loose?: LooseJointTold | undefined;
  /** The wrench has an adapter in line: what it is set to is not what the bolt gets. */
  adapter: boolean;
  atTheWrench: (target: number) => { readonly set: number; readonly pull: number } | null;
}>();
const bolts = ref(props.row.bolts);
const target = computed(() => (props.row.answer?.kind === 'target' ? props.row.answer : null));
const hand = computed(() => (target.value ? props.atTheWrench(target.value.target) : null));
const several = computed(() => props.row.statedBy.length > 1);
const imperial = computed(() =>
  target.value
    ? t.convertInLbfConvert2({
        convert: Math.round(convert(target.value.target, 'N m', 'in lbf') * 10) / 10,
        convert2: Math.round(convert(target.value.target, 'N m', 'ft lbf') * 10) / 10,
      })
    : '',
);
</script>

<template>
  <li
    class="break-inside-avoid rounded-lg border-2 bg-plate p-3 print:border-black print:p-2"
    :class="row.answer?.kind === 'conflict' ? 'border-held' : 'border-line'"
    :data-joint="row.joint"
  >
    <div class="flex gap-3">
      <div class="min-w-0 grow">
        <h2 class="sturdy text-lg leading-tight">{{ JOINT_WORDS[row.joint] }}</h2>
        <template v-if="target">
          <p class="sturdy figures text-3xl leading-tight" data-target>
            <span v-if="row.way === 'just-firm'" class="block text-lg">{{ t.onlyFirmEnoughTurn }}</span>{{
              asSet(target.target)
            }}
            <span class="text-xl">{{ t.nM }}</span>
          </p>
          <p class="figures text-soft">{{ imperial }}</p>
        </template>
        <p
          v-else-if="row.answer?.kind === 'conflict'"
          class="font-semibold leading-snug text-held"
          data-conflict
        >
          {{
            t.conflictMinimumAsSetN({
              asSet: asSet(row.answer.floor.value),
              asSet2: asSet(row.answer.ceiling.value),
            })
          }}
        </p>
        <p v-else class="leading-snug text-soft" data-none>
          {{ t.noValueKnownRead }}
        </p>
        <dl
          v-if="target && row.way !== 'just-firm'"
          class="figures mt-1 grid grid-cols-[auto_1fr] gap-x-3 leading-snug"
        >
          <dt class="text-soft">{{ t.stages }}</dt>
          <dd class="font-semibold" data-stages>
            {{ t.stagesNM({ stages: target.stages.map(asSet).join(' · ') }) }}
          </dd>
          <template v-if="hand">
            <template v-if="adapter">
              <dt class="text-soft">{{ t.setWrench }}</dt>
              <dd class="font-semibold" data-set-to>{{ t.asSetNMWith({ asSet: asSet(hand.set) }) }}</dd>
            </template>
            <dt class="text-soft">{{ t.pull }}</dt>
            <dd data-pull>{{ pullWords(hand.pull) }}</dd>
          </template>
        </dl>
      </div>
      <div v-if="target" class="w-24 shrink-0 text-center">
        <BoltPattern :bolts="bolts" class="mx-auto size-20" />
        <label class="flex min-h-12 items-center justify-center gap-1 text-sm print:hidden"
          ><span class="sr-only">{{ JOINT_WORDS[row.joint] }}, </span>{{ t.bolts
          }}<select
            v-model.number="bolts"
            class="h-12 rounded-md border-2 border-ink/60 bg-plate px-1 font-semibold"
          >
            <option v-for="number in 8" :key="number" :value="number">{{ number }}</option>
          </select></label
        >
      </div>
    </div>
    <ComesLoose v-if="loose" class="mt-1" :loose="loose" />
    <p v-if="row.way === 'witness' && target" class="mt-1 leading-snug">
      {{ t.tightenOnceThenPaint }}
    </p>
    <ul v-if="row.stated.length" class="mt-1 text-[0.95rem] leading-snug text-soft">
      <li v-for="(figure, index) in row.stated" :key="index">{{ statedWords(figure, several) }}</li>
    </ul>
    <CautionLine v-for="caution in row.cautions" :key="caution" class="mt-1" :text="CAUTION_WORDS[caution]" />
  </li>
</template>
