<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import { ChevronDown } from '@lucide/vue';
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue';
import { limitIssues, LIMITS, type LimitChoices, type LimitKey } from '@cadre/core/measures';
import { TextField } from '@cadre/web/ui';
import { LIMIT_GROUPS, LIMIT_WORDS, limitText, limitValue, SHOWN_UNIT } from './limit-wording';
import * as t from './messages';

/** The limits of this house, group by group: as shipped until somebody says otherwise. What is marked on a part beats them all. */
const limits = defineModel<LimitChoices>({ required: true });
const emit = defineEmits<{ wrong: [keys: readonly LimitKey[]]; ready: [] }>();
onMounted(() => emit('ready'));
const typed = ref<Partial<Record<LimitKey, string>>>({});
const chosen = (key: LimitKey): boolean => limits.value[key] !== undefined;
const valueOf = (key: LimitKey): string =>
  typed.value[key] ?? limitText(key, limits.value[key] ?? LIMITS[key].is);

/** As typed, the wrong ones among them: a value out of range is shown, not taken. */
const meant = computed<LimitChoices>(() => {
  const read = Object.entries(typed.value).map(([key, text]) => [
    key,
    text.trim() === '' ? undefined : (limitValue(key as LimitKey, text) ?? Number.NaN),
  ]);
  return { ...limits.value, ...Object.fromEntries(read) };
});
const issues = computed(
  () =>
    new Map(limitIssues(meant.value).map((issue) => [issue.path.replace('limits.', '') as LimitKey, issue])),
);
function errorOf(key: LimitKey): string | null {
  const issue = issues.value.get(key);
  if (!issue) return null;
  const { least, most } = issue.params ?? {};
  const unit = SHOWN_UNIT[LIMITS[key].unit];
  if (issue.code === 'over-its-most')
    return t.mustNotPassNext({ limitText: limitText(key, Number(most)), unit });
  return issue.code === 'out-of-range'
    ? t.enterLimitTextLimitText2Unit({
        limitText: limitText(key, Number(least)),
        limitText2: limitText(key, Number(most)),
        unit,
      })
    : t.enterNumber;
}
function set(key: LimitKey, text: string): void {
  typed.value = { ...typed.value, [key]: text };
  emit('wrong', [...issues.value.keys()]);
  if (issues.value.size > 0) return;
  const taken = Object.entries(meant.value).filter(
    ([name, value]) => value !== undefined && value !== LIMITS[name as LimitKey].is,
  );
  limits.value = Object.fromEntries(taken);
}
const changedIn = (keys: readonly LimitKey[]): number => keys.filter(chosen).length;
</script>

<template>
  <div class="divide-y divide-line border-y-2 border-line" data-limits>
    <Disclosure v-for="group in LIMIT_GROUPS" :key="group.name" v-slot="{ open }">
      <DisclosureButton
        class="flex min-h-12 w-full items-center gap-3 py-2 text-left"
        :data-limit-group="group.key"
      >
        <ChevronDown :size="22" aria-hidden="true" :class="open && 'rotate-180'" />
        <span class="sturdy text-lg">{{ group.name }}</span>
        <span class="text-soft">{{
          changedIn(group.keys)
            ? t.changedInLimitChangedYour({ changedIn: changedIn(group.keys), keys: group.keys.length })
            : t.defaultWord
        }}</span>
      </DisclosureButton>
      <DisclosurePanel class="grid gap-3 pb-4 sm:grid-cols-2 xl:grid-cols-3">
        <TextField
          v-for="key in group.keys"
          :key="key"
          :model-value="valueOf(key)"
          :label="`${LIMIT_WORDS[key]}, ${SHOWN_UNIT[LIMITS[key].unit]}`"
          :hint="chosen(key) ? t.defaultLimitText({ limitText: limitText(key, LIMITS[key].is) }) : ''"
          :error="errorOf(key)"
          inputmode="decimal"
          :data-limit="key"
          @update:model-value="(text: string) => set(key, text)"
        />
      </DisclosurePanel>
    </Disclosure>
  </div>
</template>
