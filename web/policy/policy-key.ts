import { computed, type ComputedRef, type InjectionKey } from 'vue';
import type { PolicyChoices } from '@cadre/contract/catalogue';
import { useProvided } from '@cadre/web/platform/provided';
import type { PolicyForm } from './use-policy-form';
import * as t from './messages';

export const POLICY_FORM: InjectionKey<PolicyForm> = Symbol(t.policyForm);

/** The policy being changed, for the parts of its form. */
export function useGivenPolicy(): PolicyForm & { readonly chosen: ComputedRef<PolicyChoices> } {
  const form = useProvided(POLICY_FORM);
  const chosen = computed(() => {
    if (!form.choices.value) throw new Error('the policy is not here yet');
    return form.choices.value;
  });
  return { ...form, chosen };
}
