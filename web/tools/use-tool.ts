import { computed, type ComputedRef } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { DEFAULT_POLICY } from '@cadre/core/catalogue';
import { useCatalogue } from '@cadre/web/catalogue';
import { answerOf, type Tool, type ToolResult } from './tool';

export interface ToolInHand {
  text(key: string): string;
  set(key: string, text: string): void;
  readonly result: ComputedRef<ToolResult>;
}

/** A tool with what is typed into it, which stands in the address. */
export function useTool(tool: Tool): ToolInHand {
  const route = useRoute();
  const router = useRouter();
  const catalogue = useCatalogue();
  const starts = new Map(tool.fields.map((field) => [field.key, field.start ?? '']));
  const text = (key: string): string => {
    const asked = route.query[key];
    return typeof asked === 'string' ? asked : (starts.get(key) ?? '');
  };
  const set = (key: string, value: string): void =>
    void router.replace({ query: { ...route.query, [key]: value } });
  const result = computed<ToolResult>(() => {
    const policy = catalogue.policy() ?? DEFAULT_POLICY;
    return answerOf(tool, text, { limits: policy.limits, chain: policy.practices.chainLimit });
  });
  return { text, set, result };
}
