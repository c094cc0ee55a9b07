<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import { v7 as newId } from 'uuid';
import type { KitItem } from '@cadre/contract/kit';
import { listStock } from '@cadre/contract/parts';
import { KIT_KINDS } from '@cadre/core/kit';
import { send } from '@cadre/web/platform/api';
import { ActButton, NoticePlate, SelectField, TextField, useRefusal } from '@cadre/web/ui';
import { KIT_WORDS } from './kit-words';
import type { KitStore } from './use-kit';
import * as t from './messages';

/** An item as it is set up: what stands on it, until when it may be used, and what belongs in it. */
const props = defineProps<{ item: KitItem | null; siteId: string; store: KitStore }>();
const emit = defineEmits<{ done: [] }>();
const refusal = useRefusal();
const id = props.item?.id ?? newId();
const kind = ref(props.item?.kind ?? 'helmet');
const tag = ref(props.item?.tag ?? '');
const size = ref(props.item?.size ?? '');
const expiresOn = ref(props.item?.expiresOn ?? '');
const contents = ref(
  (props.item?.contents ?? []).map(({ name, count, stockItemId }) => ({
    name,
    count: String(count),
    stockItemId: stockItemId ?? '',
  })),
);
const parts = ref<readonly { readonly value: string; readonly label: string }[]>([]);
const stock = useRefusal();
onMounted(() =>
  stock.run(async () => {
    parts.value = (await send(listStock)).items.map((each) => ({ value: each.id, label: each.name }));
  }),
);
const sources = computed(() => [{ value: '', label: t.boughtElsewhere }, ...parts.value]);
const tried = ref(false);
const isCount = (text: string): boolean => /^[1-9]\d?$/.test(text.trim());
const names = computed(() => contents.value.map(({ name }) => name.trim()));
const wrong = computed(() => ({
  tag: tag.value.trim() ? null : t.enterTag,
  name:
    names.value.every(Boolean) && new Set(names.value).size === names.value.length
      ? null
      : t.enterContentName,
  count: contents.value.every(({ count }) => isCount(count)) ? null : t.enterContentCount,
}));
async function save(): Promise<void> {
  tried.value = true;
  if (Object.values(wrong.value).some(Boolean)) return;
  const item = {
    ...{ siteId: props.item?.siteId ?? props.siteId, kind: kind.value, tag: tag.value.trim() },
    ...{ size: size.value.trim(), expiresOn: expiresOn.value || null },
    contents: contents.value.map(({ name, count, stockItemId }) => ({
      ...{ name: name.trim(), count: Number(count), stockItemId: stockItemId || null },
    })),
  };
  if (await refusal.run(() => props.store.set(id, item, props.item?.version ?? null))) emit('done');
}
</script>

<template>
  <form
    class="space-y-3 rounded-lg bg-sunk p-3"
    :aria-label="item ? t.changeTag({ tag: item.tag }) : t.newItem"
    novalidate
    data-kit-form
    @submit.prevent="save"
  >
    <div class="grid gap-3 sm:grid-cols-2">
      <SelectField
        v-model="kind"
        :label="t.kindOf"
        :options="KIT_KINDS.map((each) => ({ value: each, label: KIT_WORDS[each] }))"
      />
      <TextField v-model="tag" :label="t.tag" maxlength="20" :error="tried ? wrong.tag : null" />
      <TextField v-model="size" :label="t.size" :hint="t.sizeHint" maxlength="20" />
      <TextField v-model="expiresOn" :label="t.expiresOn" :hint="t.expiresHint" type="date" />
    </div>
    <fieldset class="space-y-2">
      <legend class="font-semibold">{{ t.contents }}</legend>
      <div
        v-for="(content, at) in contents"
        :key="at"
        class="grid grid-cols-[1fr_5rem] gap-2 sm:grid-cols-[1fr_5rem_1fr_auto] items-end"
      >
        <TextField v-model="content.name" :label="t.contentName" maxlength="60" />
        <TextField v-model="content.count" :label="t.contentCount" inputmode="numeric" maxlength="2" />
        <SelectField v-model="content.stockItemId" :label="t.contentFrom" :options="sources" />
        <ActButton kind="quiet" @click="contents.splice(at, 1)">{{
          t.removeContent({ name: content.name || t.contentName })
        }}</ActButton>
      </div>
      <p v-if="tried && (wrong.name || wrong.count)" role="alert" class="font-semibold text-held">
        {{ wrong.name ?? wrong.count }}
      </p>
      <ActButton data-add-content @click="contents.push({ name: '', count: '1', stockItemId: '' })">{{
        t.addContent
      }}</ActButton>
    </fieldset>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <NoticePlate v-else-if="stock.said.value" :said="stock.said.value" />
    <div class="flex gap-2">
      <ActButton kind="main" type="submit" :disabled="refusal.busy.value" data-kit-save>{{
        t.save
      }}</ActButton>
      <ActButton @click="emit('done')">{{ t.cancel }}</ActButton>
    </div>
  </form>
</template>
