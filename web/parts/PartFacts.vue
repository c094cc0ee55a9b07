<script setup lang="ts">
import type { PartKind } from '@cadre/core/fleet';
import { SelectField } from '@cadre/web/ui';
import { FACT_FIELDS } from './fact-fields';

/** What is asked of a part of this kind to know which bikes take it. */
defineProps<{ kind: PartKind; facts: Record<string, string> }>();
const emit = defineEmits<{ say: [key: string, value: string] }>();
</script>

<template>
  <SelectField
    v-for="field in FACT_FIELDS[kind]"
    :key="field.key"
    :model-value="facts[field.key] ?? ''"
    :label="field.label"
    :options="field.options"
    @update:model-value="(value) => emit('say', field.key, value)"
  />
</template>
