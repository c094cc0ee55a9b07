<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { Practices, ServiceRule } from '@cadre/core/catalogue';
import { rulesOfProgram, serviceIssues } from '@cadre/core/services';
import { CHECKPOINTS, shippedServices } from '@cadre/core/shipped';
import { fieldWords } from '@cadre/web/platform/api';
import { keyFrom } from '@cadre/web/catalogue';
import { ActButton } from '@cadre/web/ui';
import ServiceRuleForm from './ServiceRuleForm.vue';
import { everyWords, OVERDUE_WORDS } from './service-wording';
import * as t from './messages';

/** Work that comes round again: as shipped, changed, left out, and the house's own. */
const props = defineProps<{ modelValue: readonly ServiceRule[]; practices: Practices }>();
const emit = defineEmits<{ 'update:modelValue': [rules: readonly ServiceRule[]]; wrong: [is: boolean] }>();
const KNOWN = new Set(CHECKPOINTS.map((checkpoint) => checkpoint.key));
const open = ref<string | null>(null);
const shipped = computed(() => shippedServices(props.practices));
const rows = computed(() => {
  const own = new Map(props.modelValue.map((rule) => [rule.key, rule]));
  const keys = new Set(shipped.value.map((rule) => rule.key));
  return [
    ...shipped.value.map((rule) => ({
      rule: own.get(rule.key) ?? rule,
      own: false,
      changed: own.has(rule.key),
    })),
    ...props.modelValue
      .filter((rule) => !keys.has(rule.key))
      .map((rule) => ({ rule, own: true, changed: true })),
  ];
});
const issues = computed(() =>
  serviceIssues(props.modelValue, rulesOfProgram(shipped.value, props.modelValue), KNOWN),
);
watch(issues, (found) => emit('wrong', found.length > 0), { immediate: true });
const errorOf = (key: string, field: string): string | null => {
  const index = props.modelValue.findIndex((rule) => rule.key === key);
  const issue = issues.value.find((each) => each.path === `services.${index}.${field}`);
  return issue ? fieldWords(issue.code, issue.params) : null;
};
const isWrong = (key: string): boolean => {
  const index = props.modelValue.findIndex((rule) => rule.key === key);
  return index >= 0 && issues.value.some((each) => each.path.startsWith(`services.${index}.`));
};
function put(rule: ServiceRule): void {
  const at = props.modelValue.findIndex((each) => each.key === rule.key);
  emit(
    'update:modelValue',
    at < 0
      ? [...props.modelValue, rule]
      : props.modelValue.map((each, index) => (index === at ? rule : each)),
  );
}
const drop = (key: string): void =>
  emit(
    'update:modelValue',
    props.modelValue.filter((rule) => rule.key !== key),
  );
function leaveOut({ off, ...rule }: ServiceRule): void {
  put(off ? rule : { ...rule, off: true });
}
function add(): void {
  const key = keyFrom('own-service', new Set(rows.value.map(({ rule }) => rule.key)));
  put({
    ...{ key, name: '', applies: { always: true }, every: { days: 90 }, weathered: null },
    settledBy: { checkpoints: [], works: [], parts: [], services: [] },
    overdue: 'maintenance',
  });
  open.value = key;
}
</script>

<template>
  <section aria-labelledby="service-rules" class="space-y-2" data-service-rules>
    <h2 id="service-rules" class="sturdy text-xl">{{ t.services }}</h2>
    <p class="max-w-prose text-soft">{{ t.servicesSay }}</p>
    <ul class="divide-y divide-line rounded-md border-2 border-line bg-plate">
      <li v-for="{ rule, own, changed } in rows" :key="rule.key" class="px-3 py-2" :data-rule="rule.key">
        <div class="flex flex-wrap items-center gap-x-3 gap-y-1">
          <p class="min-w-0 grow leading-snug">
            <span class="font-semibold" :class="rule.off && 'line-through'">{{
              rule.name || t.newService
            }}</span>
            <span v-if="isWrong(rule.key)" class="ml-2 font-semibold text-held">{{ t.notRight }}</span>
            <span class="figures block text-[0.95rem] text-soft">{{
              rule.off
                ? t.leftOut
                : `${everyWords({ every: rule.every, climates: [...(rule.climates ?? [])] })} · ${OVERDUE_WORDS[rule.overdue]}`
            }}</span>
          </p>
          <ActButton
            v-if="!rule.off"
            :aria-expanded="open === rule.key"
            :aria-label="t.changeService({ name: rule.name || t.newService })"
            data-change-rule
            @click="open = open === rule.key ? null : rule.key"
            >{{ open === rule.key ? t.close : t.change }}</ActButton
          >
        </div>
        <div v-if="open === rule.key" class="space-y-3 pb-2 pt-3">
          <ServiceRuleForm
            :rule="rule"
            :own="own"
            :shipped="shipped"
            :error-of="(field) => errorOf(rule.key, field)"
            @change="put"
          />
          <div class="flex flex-wrap gap-2">
            <ActButton v-if="changed" kind="quiet" class="!px-0" @click="drop(rule.key)">{{
              own ? t.removeService : t.asShipped
            }}</ActButton>
            <ActButton v-if="!own" kind="quiet" class="!px-0" @click="leaveOut(rule)">{{
              t.leaveOutService
            }}</ActButton>
          </div>
        </div>
        <ActButton v-if="rule.off" kind="quiet" class="!px-0" @click="leaveOut(rule)">{{
          t.takeUpService
        }}</ActButton>
      </li>
    </ul>
    <ActButton data-add-service @click="add">{{ t.addService }}</ActButton>
  </section>
</template>
