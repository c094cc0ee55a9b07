<script setup lang="ts">
import { reactive, watch } from 'vue';
import type { Site } from '@cadre/contract/fleet';
import { ActButton, TextField } from '@cadre/web/ui';
import * as t from './messages';

/** A site's name over its racks; while racks are arranged the lead changes it here. Without a site: a new one. */
const props = defineProps<{ site: Site | null; bikes: number; editing: boolean; busy: boolean }>();
const emit = defineEmits<{ save: [fields: { name: string; timeZone: string; opensAt: string }] }>();
const fields = reactive({ name: '', timeZone: '', opensAt: '' });
watch(
  () => props.site,
  (site) =>
    Object.assign(
      fields,
      site
        ? { name: site.name, timeZone: site.timeZone, opensAt: site.opensAt }
        : { name: '', timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone, opensAt: '09:00' },
    ),
  { immediate: true },
);
const changed = (): boolean =>
  fields.name.trim() !== '' &&
  (!props.site ||
    (['name', 'timeZone', 'opensAt'] as const).some((key) => fields[key].trim() !== props.site?.[key]));
function save(): void {
  emit('save', { name: fields.name.trim(), timeZone: fields.timeZone.trim(), opensAt: fields.opensAt });
  if (!props.site) fields.name = '';
}
</script>

<template>
  <form
    v-if="editing"
    class="flex flex-wrap items-center gap-2"
    :aria-label="site ? t.siteName({ name: site.name }) : t.addSite"
    @submit.prevent="save"
  >
    <h2 class="sr-only">{{ site?.name ?? t.anotherSite }}</h2>
    <TextField
      v-model="fields.name"
      :label="site ? t.nameSiteName({ name: site.name }) : t.nameNewSite"
      hide-label
      maxlength="80"
      :placeholder="site ? t.name : t.newSite"
    />
    <span class="flex items-center gap-1.5"
      ><span class="text-soft max-sm:sr-only">{{ t.opens }}</span
      ><TextField
        v-model="fields.opensAt"
        :label="t.openingTimeName({ name: site?.name ?? t.newSite2 })"
        hide-label
        type="time"
    /></span>
    <TextField
      v-model="fields.timeZone"
      :label="t.timeZoneName({ name: site?.name ?? t.newSite2 })"
      hide-label
    />
    <ActButton v-if="changed()" type="submit" kind="main" :disabled="busy" data-site-save>{{
      site ? t.save : t.addSite2
    }}</ActButton>
  </form>
  <h2 v-else-if="site" class="font-semibold leading-tight text-soft">
    {{ site.name }}
    <span class="figures font-normal">{{ t.opensOpensAtBike({ opensAt: site.opensAt, bikes }) }}</span>
  </h2>
</template>
