import { computed, ref, shallowRef, type ComputedRef, type Ref, type ShallowRef } from 'vue';
import { type PolicyChoices } from '@cadre/contract/catalogue';
import { policyVersions, previewPolicy, publishPolicy } from '@cadre/contract/policy';
import type { AnswerOf } from '@cadre/contract/http';
import type { PolicyVersion } from '@cadre/core/catalogue';
import { send } from '@cadre/web/platform/api';
import { useAct } from '@cadre/web/platform/act';
import { useCatalogue } from '@cadre/web/catalogue';

export type PolicyPreview = AnswerOf<typeof previewPolicy>;
export type PolicyHistory = AnswerOf<typeof policyVersions>['versions'];

export interface PolicyForm {
  readonly choices: ShallowRef<PolicyChoices | null>;
  readonly changed: ComputedRef<readonly (keyof PolicyChoices)[]>;
  /** What saving these very choices would do; null until asked, and again when a choice changes. */
  readonly preview: Ref<PolicyPreview | null>;
  readonly history: ShallowRef<PolicyHistory>;
  begin(): Promise<void>;
  set(part: Partial<PolicyChoices>): void;
  look(): Promise<void>;
  publish(note: string): Promise<void>;
}

export function choicesOf(policy: PolicyVersion): PolicyChoices {
  const {
    schema: _schema,
    version: _version,
    note: _note,
    ...choices
  } = JSON.parse(JSON.stringify(policy)) as PolicyVersion;
  return choices;
}

/** The policy being changed: nothing is saved before what it would do was looked at. */
export function usePolicyForm(): PolicyForm {
  const catalogue = useCatalogue();
  const before = shallowRef<PolicyChoices | null>(null);
  const choices = shallowRef<PolicyChoices | null>(null);
  const preview = ref<PolicyPreview | null>(null);
  const history = shallowRef<PolicyHistory>([]);
  const base = ref('');
  const act = useAct();

  async function begin(): Promise<void> {
    await catalogue.load();
    const policy = catalogue.policy();
    if (policy) before.value = choices.value = choicesOf(policy);
    base.value = catalogue.known?.policy.hash ?? '';
    preview.value = null;
    history.value = (await send(policyVersions)).versions;
  }
  function set(part: Partial<PolicyChoices>): void {
    if (choices.value) choices.value = { ...choices.value, ...part };
    preview.value = null;
  }
  async function look(): Promise<void> {
    const asked = choices.value;
    if (!asked) return;
    const answer = await send(previewPolicy, { body: { policy: asked } });
    // A late answer to choices that are not these any more is dropped.
    if (choices.value === asked) preview.value = answer;
  }
  async function publish(note: string): Promise<void> {
    if (!choices.value) return;
    await act(publishPolicy, { body: { base: base.value, policy: choices.value, note } });
    await begin();
  }
  const changed = computed(() => {
    const [was, is] = [before.value, choices.value];
    if (!was || !is) return [];
    return (Object.keys(is) as (keyof PolicyChoices)[]).filter(
      (key) => JSON.stringify(is[key]) !== JSON.stringify(was[key]),
    );
  });
  return { choices, changed, preview, history, begin, set, look, publish };
}
